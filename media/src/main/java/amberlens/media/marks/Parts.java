package amberlens.media.marks;

import org.opencv.core.Core;
import org.opencv.core.CvType;
import org.opencv.core.Mat;
import org.opencv.core.Rect;
import org.opencv.core.Scalar;
import org.opencv.core.Size;
import org.opencv.dnn.Dnn;
import org.opencv.imgproc.Imgproc;

/** Parts of pictures as networks take them; whoever asks for one releases it. */
final class Parts {
    private Parts() {}

    /** A part, with black where it is beyond the picture. */
    static Mat of(Mat picture, Rect part) {
        int left = Math.clamp(part.x, 0, picture.cols());
        int top = Math.clamp(part.y, 0, picture.rows());
        int right = Math.clamp(part.x + part.width, left, picture.cols());
        int bottom = Math.clamp(part.y + part.height, top, picture.rows());
        Mat whole = new Mat(part.height, part.width, picture.type(), Scalar.all(0));
        if (right > left && bottom > top) {
            Mat from = picture.submat(top, bottom, left, right);
            Mat to = whole.submat(top - part.y, bottom - part.y, left - part.x, right - part.x);
            from.copyTo(to);
            from.release();
            to.release();
        }
        return whole;
    }

    /**
     * A part as the input of a network with a square picture.
     *
     * @param zero the code that becomes 0
     * @param one how far above it the code is that becomes 1
     */
    static Mat input(Mat picture, Rect part, int side, double zero, double one) {
        Mat whole = of(picture, part);
        Mat fitting = new Mat();
        Imgproc.resize(whole, fitting, new Size(side, side), 0, 0, Imgproc.INTER_AREA);
        Mat input = Dnn.blobFromImage(
                fitting, 1 / one, new Size(side, side), Scalar.all(zero), false, false, CvType.CV_32F);
        whole.release();
        fitting.release();
        return input;
    }

    /** A picture whose longer side, or whose width, is at most so many pixels. */
    static Mat atMost(Mat picture, double factor) {
        Mat smaller = new Mat();
        if (factor >= 1) {
            picture.copyTo(smaller);
        } else {
            var size = new Size(
                    Math.max(1, Math.round(picture.cols() * factor)), Math.max(1, Math.round(picture.rows() * factor)));
            Imgproc.resize(picture, smaller, size, 0, 0, Imgproc.INTER_AREA);
        }
        return smaller;
    }

    static Mat mirrored(Mat picture) {
        Mat mirrored = new Mat();
        Core.flip(picture, mirrored, 1);
        return mirrored;
    }
}
