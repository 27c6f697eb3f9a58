package amberlens.media.planes;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.media.vision.Images;
import amberlens.media.vision.Vision;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.opencv.core.Core;
import org.opencv.core.CvType;
import org.opencv.core.Mat;
import org.opencv.core.Point;
import org.opencv.imgproc.Imgproc;
import org.opencv.imgproc.IntelligentScissorsMB;

/**
 * Finds ways along contours of a picture, from one place to another (E. Mortensen and W. Barrett, <em>Intelligent Scissors for Image
 * Composition</em>, 1995, by the library). It looks at a part of the picture around the place where a way begins, as large as ways are
 * mostly long; further away there are straight lines. Safe for use from several threads.
 */
public final class SmartEdge {
    /** The side of what is looked at, in reduced pixels. */
    private static final int WINDOW = 800;

    /** The part of the picture's longer side that it is at least. */
    private static final double PART = 0.4;

    private static final double WEAK = 32;
    private static final double STRONG = 100;
    private static final double STEEPEST = 200;
    private static final double TOLERANCE = 0.6;

    private final Pyramid picture;
    private final int level;
    private @Nullable Looked looked;

    /** What is known around a place. */
    private record Looked(
            PicturePoint from,
            int left,
            int top,
            int width,
            int height,
            float[] steep,
            IntelligentScissorsMB scissors) {
        boolean contains(int x, int y) {
            return x >= 0 && y >= 0 && x < width && y < height;
        }

        /** The steepest place near one, which counts the less the further away it is: left and top. */
        int[] snapped(int x, int y, double radius) {
            int[] best = {x, y};
            double most = steep[y * width + x];
            int reach = (int) Math.floor(radius);
            for (int i = -reach; i <= reach; i++) {
                for (int k = -reach; k <= reach; k++) {
                    double away = Math.hypot(i, k);
                    if (away <= radius && contains(x + k, y + i)) {
                        double here = steep[(y + i) * width + x + k] * (1 - 0.6 * away / radius);
                        if (here > most) {
                            most = here;
                            best = new int[] {x + k, y + i};
                        }
                    }
                }
            }
            return best;
        }
    }

    public SmartEdge(Pyramid picture) {
        this.picture = picture;
        int longer = Math.max(picture.size().width(), picture.size().height());
        int fits = 0;
        while (fits + 1 < picture.levels() && WINDOW * Math.scalb(1.0, fits) < PART * longer) {
            fits++;
        }
        level = fits;
    }

    /** Looks around a place from which ways begin; takes some tenths of a second. */
    public void begin(PicturePoint from) {
        Vision.require();
        Raster reduced = picture.level(level);
        double scale = Math.scalb(1.0, -level);
        int width = Math.min(WINDOW, reduced.width());
        int height = Math.min(WINDOW, reduced.height());
        int left = (int) Math.clamp(from.x() * scale - width / 2.0, 0, reduced.width() - width);
        int top = (int) Math.clamp(from.y() * scale - height / 2.0, 0, reduced.height() - height);
        Mat image = Images.rgb(reduced, left, top, width, height);
        var scissors = new IntelligentScissorsMB();
        scissors.setEdgeFeatureCannyParameters(WEAK, STRONG);
        scissors.setGradientMagnitudeMaxLimit((float) STEEPEST);
        scissors.applyImage(image);
        scissors.buildMap(new Point(
                Math.clamp(Math.floor(from.x() * scale) - left, 0, width - 1),
                Math.clamp(Math.floor(from.y() * scale) - top, 0, height - 1)));
        float[] steep = steep(image);
        image.release();
        synchronized (this) {
            looked = new Looked(from, left, top, width, height, steep, scissors);
        }
    }

    /** How steeply shades change, place by place. */
    private static float[] steep(Mat image) {
        Mat grey = new Mat();
        Mat across = new Mat();
        Mat down = new Mat();
        Mat steep = new Mat();
        Imgproc.cvtColor(image, grey, Imgproc.COLOR_RGB2GRAY);
        Imgproc.Sobel(grey, across, CvType.CV_32F, 1, 0);
        Imgproc.Sobel(grey, down, CvType.CV_32F, 0, 1);
        Core.magnitude(across, down, steep);
        float[] values = new float[image.rows() * image.cols()];
        steep.get(0, 0, values);
        for (Mat mat : List.of(grey, across, down, steep)) {
            mat.release();
        }
        return values;
    }

    /** Whether ways from a place are known. */
    public synchronized boolean knows(PicturePoint from) {
        return looked != null && looked.from.equals(from);
    }

    /**
     * The way along contours to one near a place, without where it begins; empty where nothing is known of it, because ways begin elsewhere
     * or it ends too far away.
     *
     * @param near how far from the place it may end, source pixels
     */
    public synchronized Optional<List<PicturePoint>> way(PicturePoint from, PicturePoint to, double near) {
        Looked known = looked;
        if (known == null || !known.from.equals(from)) {
            return Optional.empty();
        }
        double scale = Math.scalb(1.0, -level);
        int x = (int) Math.floor(to.x() * scale) - known.left;
        int y = (int) Math.floor(to.y() * scale) - known.top;
        if (!known.contains(x, y)) {
            return Optional.empty();
        }
        int[] end = known.snapped(x, y, near * scale);
        Mat contour = new Mat();
        known.scissors.getContour(new Point(end[0], end[1]), contour);
        List<PicturePoint> points = new ArrayList<>();
        int[] place = new int[2];
        for (int i = 0; i < contour.rows(); i++) {
            contour.get(i, 0, place);
            points.add(new PicturePoint((known.left + place[0] + 0.5) / scale, (known.top + place[1] + 0.5) / scale));
        }
        contour.release();
        if (points.size() < 2) {
            return Optional.of(List.of(to));
        }
        List<PicturePoint> way = new ArrayList<>(Outlines.way(points, TOLERANCE / scale));
        return Optional.of(List.copyOf(way.subList(1, way.size())));
    }
}
