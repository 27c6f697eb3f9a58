package amberlens.media.track;

import amberlens.media.vision.Vision;
import java.util.List;
import org.opencv.core.CvType;
import org.opencv.core.Mat;
import org.opencv.core.MatOfPoint2f;
import org.opencv.core.Point;

/** Pictures and points as the general library takes them, and gives them back; whoever asks for one releases it. */
final class Mats {
    private Mats() {}

    static Mat of(Shades picture) {
        Vision.require();
        var mat = new Mat(picture.height(), picture.width(), CvType.CV_32F);
        mat.put(0, 0, picture.shades());
        return mat;
    }

    /** Rounded to whole shades. */
    static Mat bytes(Shades picture) {
        Mat exact = of(picture);
        var rounded = new Mat();
        exact.convertTo(rounded, CvType.CV_8U);
        exact.release();
        return rounded;
    }

    static Shades shades(Mat mat) {
        var picture = new Shades(mat.cols(), mat.rows());
        mat.get(0, 0, picture.shades());
        return picture;
    }

    static MatOfPoint2f points(List<Dot> dots) {
        Vision.require();
        return new MatOfPoint2f(
                dots.stream().map(dot -> new Point(dot.x(), dot.y())).toArray(Point[]::new));
    }
}
