package amberlens.media.marks;

import java.util.ArrayList;
import java.util.List;
import org.opencv.core.Mat;
import org.opencv.core.Rect;
import org.opencv.dnn.Net;

/**
 * A network that finds faces in a square picture. It says for each of its anchors, which are cells of a grid, how likely a face is there,
 * and where it lies from there.
 */
final class FaceNet {
    /** A grid of anchors: cells along a side, and how many anchors each cell has. */
    private record Grid(int cells, int anchors) {}

    /** Where an anchor is, of the side. */
    private record Anchor(double x, double y) {}

    /** Numbers for each anchor: middle and size of the face, and six points of it. */
    private static final int NUMBERS = 16;

    /** The code that the networks know as 0; 0 … 255 is -1 … 1. */
    private static final double MIDDLE = 127.5;

    private final Net net;
    private final int side;
    private final List<Anchor> anchors = new ArrayList<>();

    private FaceNet(String resource, int side, List<Grid> grids) {
        net = Networks.read(resource);
        this.side = side;
        for (Grid grid : grids) {
            for (int i = 0; i < grid.cells * grid.cells * grid.anchors; i++) {
                int cell = i / grid.anchors;
                anchors.add(new Anchor((cell % grid.cells + 0.5) / grid.cells, (cell / grid.cells + 0.5) / grid.cells));
            }
        }
    }

    /** For faces that fill much of the picture. */
    static FaceNet near() {
        return new FaceNet("face_detection_short_range.tflite", 128, List.of(new Grid(16, 2), new Grid(8, 6)));
    }

    /** For those that are small in it, too. */
    static FaceNet far() {
        return new FaceNet("face_detection_full_range.tflite", 192, List.of(new Grid(48, 1)));
    }

    /**
     * Faces in a square part of a picture.
     *
     * @param picture RGB, 8 bits
     * @param square pixels of the picture; what is beyond it counts as black
     * @param least the logarithm of the odds from which a face counts
     */
    List<Face> look(Mat picture, Rect square, double least) {
        Mat input = Parts.input(picture, square, side, MIDDLE, MIDDLE);
        net.setInput(input);
        List<Mat> outputs = new ArrayList<>();
        net.forward(outputs, net.getUnconnectedOutLayersNames());
        List<Face> faces = faces(numbers(outputs, NUMBERS), numbers(outputs, 1), square, least);
        outputs.forEach(Mat::release);
        input.release();
        return faces;
    }

    /** The output that has so many numbers for each anchor. */
    private float[] numbers(List<Mat> outputs, int each) {
        for (Mat output : outputs) {
            if (output.total() == (long) anchors.size() * each) {
                float[] numbers = new float[(int) output.total()];
                Mat row = output.reshape(1, 1);
                row.get(0, 0, numbers);
                row.release();
                return numbers;
            }
        }
        throw new IllegalStateException("the network gives no " + each + " numbers for each anchor");
    }

    private List<Face> faces(float[] places, float[] odds, Rect square, double least) {
        List<Face> faces = new ArrayList<>();
        double unit = (double) square.width / side;
        for (int i = 0; i < odds.length; i++) {
            if (odds[i] >= least) {
                int at = i * NUMBERS;
                double x = square.x + anchors.get(i).x * square.width;
                double y = square.y + anchors.get(i).y * square.height;
                double width = places[at + 2] * unit;
                double height = places[at + 3] * unit;
                faces.add(new Face(
                        x + places[at] * unit - width / 2,
                        y + places[at + 1] * unit - height / 2,
                        width,
                        height,
                        odds[i]));
            }
        }
        return faces;
    }
}
