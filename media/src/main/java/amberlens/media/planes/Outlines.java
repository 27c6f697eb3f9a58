package amberlens.media.planes;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.material.planes.Plane;
import amberlens.media.vision.Vision;
import java.util.ArrayList;
import java.util.List;
import org.opencv.core.MatOfPoint2f;
import org.opencv.core.Point;
import org.opencv.imgproc.Imgproc;

/** Outlines with fewer points. */
public final class Outlines {
    private Outlines() {}

    /**
     * An outline that goes nowhere further from a drawn one than a tolerance (D. Douglas and T. Peucker, 1973, by the library), with no
     * more points than a plane can have.
     *
     * @param drawn at least three points, without end
     * @param tolerance source pixels, above 0
     */
    public static List<PicturePoint> simplified(List<PicturePoint> drawn, double tolerance) {
        List<PicturePoint> fewer = once(drawn, tolerance, true);
        for (double more = 2 * tolerance; fewer.size() > Plane.MOST_POINTS; more *= 2) {
            fewer = once(drawn, more, true);
        }
        return fewer.size() < 3 ? drawn : fewer;
    }

    /** Likewise of a way from one place to another. */
    static List<PicturePoint> way(List<PicturePoint> drawn, double tolerance) {
        return drawn.size() < 3 ? drawn : once(drawn, tolerance, false);
    }

    private static List<PicturePoint> once(List<PicturePoint> drawn, double tolerance, boolean closed) {
        Vision.require();
        var points = new MatOfPoint2f(
                drawn.stream().map(point -> new Point(point.x(), point.y())).toArray(Point[]::new));
        var fewer = new MatOfPoint2f();
        Imgproc.approxPolyDP(points, fewer, tolerance, closed);
        List<PicturePoint> kept = new ArrayList<>();
        for (Point point : fewer.toArray()) {
            kept.add(new PicturePoint(point.x, point.y));
        }
        points.release();
        fewer.release();
        return kept;
    }
}
