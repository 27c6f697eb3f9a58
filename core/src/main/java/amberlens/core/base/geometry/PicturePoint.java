package amberlens.core.base.geometry;

/**
 * A place on a picture.
 *
 * @param x source pixels from the left side, finite
 * @param y source pixels from the top side, finite
 */
public record PicturePoint(double x, double y) {
    public PicturePoint {
        if (!Double.isFinite(x) || !Double.isFinite(y)) {
            throw new IllegalArgumentException("a picture point is finite, not " + x + ", " + y);
        }
    }

    /** This point moved by so many source pixels. */
    public PicturePoint plus(double dx, double dy) {
        return new PicturePoint(x + dx, y + dy);
    }
}
