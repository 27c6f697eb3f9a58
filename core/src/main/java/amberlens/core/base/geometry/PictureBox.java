package amberlens.core.base.geometry;

import java.util.List;

/**
 * An upright box on a picture, in source pixels.
 *
 * @param left may lie outside of the picture, as all of it may
 * @param top likewise
 * @param width above 0
 * @param height above 0
 */
public record PictureBox(double left, double top, double width, double height) {
    /** No side is larger, and no corner further away. */
    public static final double LARGEST = 1e7;

    private static final double THIRD = 1 / 3.0;

    public PictureBox {
        if (!(width > 0 && height > 0 && width <= LARGEST && height <= LARGEST)) {
            throw new IllegalArgumentException("a box has a width and a height, not " + width + " × " + height);
        }
        if (!(Math.abs(left) <= LARGEST && Math.abs(top) <= LARGEST)) {
            throw new IllegalArgumentException("a box must be near its picture, not at " + left + ", " + top);
        }
    }

    /** The box between two points, which may not lie on one line with a side. */
    public static PictureBox between(PicturePoint one, PicturePoint other) {
        return new PictureBox(
                Math.min(one.x(), other.x()),
                Math.min(one.y(), other.y()),
                Math.abs(one.x() - other.x()),
                Math.abs(one.y() - other.y()));
    }

    public double right() {
        return left + width;
    }

    public double bottom() {
        return top + height;
    }

    public PicturePoint middle() {
        return new PicturePoint(left + width / 2, top + height / 2);
    }

    public double area() {
        return width * height;
    }

    /** Its corners, clockwise from the upper left one. */
    public List<PicturePoint> corners() {
        return List.of(
                new PicturePoint(left, top),
                new PicturePoint(right(), top),
                new PicturePoint(right(), bottom()),
                new PicturePoint(left, bottom()));
    }

    /** Where it lies in the mirrored picture. */
    public PictureBox mirrored(Mirror mirror, Size picture) {
        return new PictureBox(
                mirror.across() ? picture.width() - right() : left,
                mirror.down() ? picture.height() - bottom() : top,
                width,
                height);
    }

    /** Elsewhere. */
    public PictureBox plus(double right, double down) {
        return new PictureBox(left + right, top + down, width, height);
    }

    /** The smallest box that holds this and another. */
    public PictureBox with(PictureBox other) {
        return between(
                new PicturePoint(Math.min(left, other.left), Math.min(top, other.top)),
                new PicturePoint(Math.max(right(), other.right()), Math.max(bottom(), other.bottom())));
    }

    /** The middle third of its width. */
    public PictureBox thirdAcross() {
        return new PictureBox(left + width * THIRD, top, width * THIRD, height);
    }

    /** The middle third of its height. */
    public PictureBox thirdDown() {
        return new PictureBox(left, top + height * THIRD, width, height * THIRD);
    }
}
