package amberlens.media.marks;

import org.opencv.core.Mat;
import org.opencv.core.Rect;
import org.opencv.dnn.Net;

/** A network that tells whoever is in front of a camera from what is behind, place by place; other things in front are seen too. */
final class Segmenter {
    /** The side of what it says, in cells. */
    static final int SIDE = 256;

    private static final double BRIGHTEST = 255;

    private final Net net = Networks.read("selfie_segmentation.tflite");

    /**
     * How likely each cell of a part of a picture shows something in front; the caller releases it.
     *
     * @return {@value #SIDE} × {@value #SIDE} cells, 0 … 1
     */
    Mat look(Mat picture, Rect part) {
        Mat input = Parts.input(picture, part, SIDE, 0, BRIGHTEST);
        net.setInput(input);
        Mat output = net.forward();
        Mat cells = output.reshape(1, SIDE).clone();
        input.release();
        output.release();
        return cells;
    }

    Mat look(Mat picture) {
        return look(picture, new Rect(0, 0, picture.cols(), picture.rows()));
    }
}
