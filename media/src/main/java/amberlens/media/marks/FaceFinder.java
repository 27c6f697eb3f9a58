package amberlens.media.marks;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.opencv.core.Mat;
import org.opencv.core.Rect;

/**
 * Finds faces in a picture. All of it is looked at, and tiles that overlap, so that small faces are large enough for the network. What
 * might be a face is looked at again, closely, in two cuts and mirrored, and counts if all of that together is sure enough.
 */
final class FaceFinder {
    /** The sides of the tiles, of the picture's width: the smallest ones show faces of a fiftieth of it. */
    private static final double[] TILES = {0.5, 0.22};

    /** How far apart they are, of their side. */
    private static final double STEP = 0.7;

    /** No more tiles than so many along a side, of pictures that are very much taller than wide. */
    private static final int MOST_TILES = 12;

    /** What is larger than this part of a tile is left to larger ones. */
    private static final double LARGEST = 0.6;

    /** The sides of the cuts for a closer look, of the face's: the near network knows best a face that fills a third. */
    private static final double[] CLOSER = {2.2, 3.2};

    private static final int MOST_CANDIDATES = 100;

    /** The logarithm of the odds from which on something might be a face, what a closer look counts at least, and what makes it one. */
    private static final double MIGHT_BE = 0;

    private static final double UNSEEN = -2;
    private static final double IS = 1;

    private final FaceNet near = FaceNet.near();
    private final FaceNet far = FaceNet.far();

    /**
     * The faces in a picture, the surest first.
     *
     * @param picture RGB, 8 bits
     */
    List<Face> find(Mat picture) {
        List<Face> candidates = new ArrayList<>();
        int longer = Math.max(picture.cols(), picture.rows());
        var whole = new Rect((picture.cols() - longer) / 2, (picture.rows() - longer) / 2, longer, longer);
        candidates.addAll(near.look(picture, whole, MIGHT_BE));
        candidates.addAll(far.look(picture, whole, MIGHT_BE));
        for (double part : TILES) {
            int side = Math.max(1, (int) Math.round(part * picture.cols()));
            for (int top : starts(picture.rows(), side)) {
                for (int left : starts(picture.cols(), side)) {
                    far.look(picture, new Rect(left, top, side, side), MIGHT_BE).stream()
                            .filter(face -> face.width() < LARGEST * side)
                            .forEach(candidates::add);
                }
            }
        }
        Mat mirrored = Parts.mirrored(picture);
        List<Face> faces = Face.merged(candidates).stream()
                .limit(MOST_CANDIDATES)
                .map(face -> face.withOdds(looked(picture, mirrored, face)))
                .filter(face -> face.odds() >= IS)
                .sorted(Comparator.comparingDouble(Face::odds).reversed())
                .toList();
        mirrored.release();
        return faces;
    }

    /** Where tiles begin along a side: as far apart from each other as from the picture's ends, or one in the middle. */
    private static int[] starts(int length, int side) {
        if (length <= side) {
            return new int[] {(length - side) / 2};
        }
        int count = Math.min(MOST_TILES, (int) Math.ceil((length - side) / (STEP * side)) + 1);
        int[] starts = new int[count];
        for (int i = 0; i < count; i++) {
            starts[i] = (int) Math.round((double) (length - side) * i / (count - 1));
        }
        return starts;
    }

    /** What the first look and the closer ones say together: half and half. */
    private double looked(Mat picture, Mat mirrored, Face face) {
        Face other = face.mirrored(picture.cols());
        double sum = 0;
        for (double part : CLOSER) {
            sum += closer(picture, face, part) + closer(mirrored, other, part);
        }
        return face.odds() / 2 + sum / CLOSER.length / 4;
    }

    private double closer(Mat picture, Face face, double part) {
        int side = Math.max(1, (int) Math.round(part * Math.max(face.width(), face.height())));
        var square = new Rect(
                (int) Math.round(face.middleX() - side / 2.0),
                (int) Math.round(face.middleY() - side / 2.0),
                side,
                side);
        return near.look(picture, square, UNSEEN).stream()
                .filter(face::isSame)
                .mapToDouble(Face::odds)
                .max()
                .orElse(UNSEEN);
    }
}
