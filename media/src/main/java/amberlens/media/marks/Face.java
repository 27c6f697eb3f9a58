package amberlens.media.marks;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.opencv.core.Rect2d;

/**
 * A face that was found, in pixels of the picture that was looked at.
 *
 * @param odds the logarithm of the odds that it is one
 */
record Face(double left, double top, double width, double height, double odds) {
    /** Boxes that share more than this of both together are the same face. */
    private static final double SAME = 0.3;

    private static final double CAUTION = 1;

    double right() {
        return left + width;
    }

    double bottom() {
        return top + height;
    }

    double middleX() {
        return left + width / 2;
    }

    double middleY() {
        return top + height / 2;
    }

    Rect2d box() {
        return new Rect2d(left, top, width, height);
    }

    /** How sure it is, 0 … 1: a little more cautious than the odds say, for they come from the best of many looks. */
    double sure() {
        return 1 / (1 + Math.exp(CAUTION - 2 * odds));
    }

    Face withOdds(double other) {
        return new Face(left, top, width, height, other);
    }

    /** Where it is in the mirrored picture. */
    Face mirrored(double pictureWidth) {
        return new Face(pictureWidth - right(), top, width, height, odds);
    }

    boolean isSame(Face other) {
        double across = Math.min(right(), other.right()) - Math.max(left, other.left);
        double down = Math.min(bottom(), other.bottom()) - Math.max(top, other.top);
        double both = Math.max(0, across) * Math.max(0, down);
        return both > SAME * (width * height + other.width * other.height - both);
    }

    /** Whether its middle lies within another. */
    private boolean isOn(Face other) {
        return other.left < middleX()
                && middleX() < other.right()
                && other.top < middleY()
                && middleY() < other.bottom();
    }

    /** One of each face: the surest of those that lie on each other; it as the first of a list in this order. */
    static List<Face> merged(List<Face> faces) {
        List<Face> kept = new ArrayList<>();
        faces.stream().sorted(Comparator.comparingDouble(Face::odds).reversed()).forEach(face -> {
            if (kept.stream().noneMatch(other -> other.isSame(face) || face.isOn(other) || other.isOn(face))) {
                kept.add(face);
            }
        });
        return kept;
    }
}
