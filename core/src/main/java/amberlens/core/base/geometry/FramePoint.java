package amberlens.core.base.geometry;

/**
 * A place in the output frame, or an offset between two such places.
 *
 * @param x frame pixels from the left side, finite
 * @param y frame pixels from the top side, finite
 */
public record FramePoint(double x, double y) {
    /** The origin, and the offset that moves nothing. */
    public static final FramePoint ZERO = new FramePoint(0, 0);

    public FramePoint {
        if (!Double.isFinite(x) || !Double.isFinite(y)) {
            throw new IllegalArgumentException("a frame point is finite, not " + x + ", " + y);
        }
    }

    public FramePoint plus(FramePoint offset) {
        return new FramePoint(x + offset.x, y + offset.y);
    }

    public FramePoint minus(FramePoint other) {
        return new FramePoint(x - other.x, y - other.y);
    }

    public FramePoint times(double factor) {
        return new FramePoint(x * factor, y * factor);
    }

    /** The distance from the origin, in frame pixels. */
    public double length() {
        return Math.hypot(x, y);
    }

    /** The distance between two places, in frame pixels. */
    public double distance(FramePoint other) {
        return Math.hypot(x - other.x, y - other.y);
    }
}
