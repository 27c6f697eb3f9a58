package amberlens.core.base.geometry;

/**
 * Width and height in whole pixels, each at least 1.
 */
public record Size(int width, int height) {
    public Size {
        if (width < 1 || height < 1) {
            throw new IllegalArgumentException("a size is at least 1 × 1, not " + width + " × " + height);
        }
    }

    /** The middle, in pixels of this size. */
    public FramePoint centre() {
        return new FramePoint(width / 2.0, height / 2.0);
    }

    /** The number of pixels. */
    public long area() {
        return (long) width * height;
    }

    /** The largest size of this shape, within rounding, that fits into the given room; at least 1 × 1. */
    public Size fittedInto(double roomWidth, double roomHeight) {
        double factor = Math.min(roomWidth / width, roomHeight / height);
        return new Size(Math.max(1, (int) Math.round(width * factor)), Math.max(1, (int) Math.round(height * factor)));
    }

    /** Whether the other size has this shape, up to the rounding of one pixel. */
    public boolean sameShapeAs(Size other) {
        double wanted = (double) other.width * height / width;
        double wantedWidth = (double) other.height * width / height;
        return Math.abs(wanted - other.height) <= 1 || Math.abs(wantedWidth - other.width) <= 1;
    }

    @Override
    public String toString() {
        return width + " × " + height;
    }
}
