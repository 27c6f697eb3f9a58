package amberlens.core.base.geometry;

/**
 * A part of a rectangle, in parts of its width and height; also a part of a pixel.
 *
 * @param left 0 … 1
 * @param top likewise
 * @param width above 0
 * @param height above 0
 */
public record Portion(double left, double top, double width, double height) {
    public static final Portion WHOLE = new Portion(0, 0, 1, 1);

    /** The least part of a side that counts. */
    private static final double LEAST = 1e-4;

    public Portion {
        if (!(width > 0 && height > 0 && Double.isFinite(left) && Double.isFinite(top))) {
            throw new IllegalArgumentException(
                    "a portion has width and height, not " + left + ", " + top + ", " + width + " × " + height);
        }
    }

    /** What is left when the sides are taken in, each by a part 0 … 1; something always is. */
    public static Portion without(double left, double top, double right, double bottom) {
        double width = Math.max(LEAST, 1 - left - right);
        double height = Math.max(LEAST, 1 - top - bottom);
        return new Portion(Math.clamp(left, 0, 1 - width), Math.clamp(top, 0, 1 - height), width, height);
    }

    public boolean isWhole() {
        return equals(WHOLE);
    }

    /** A part of this part. */
    public Portion then(Portion next) {
        return new Portion(left + next.left * width, top + next.top * height, next.width * width, next.height * height);
    }

    /** This part of a whole picture as a part of an area of it; where they do not meet, next to nothing at the area's side. */
    public Portion in(PictureArea area, Size picture) {
        double from = (left * picture.width() - area.left()) / area.size().width();
        double to =
                ((left + width) * picture.width() - area.left()) / area.size().width();
        double above = (top * picture.height() - area.top()) / area.size().height();
        double below =
                ((top + height) * picture.height() - area.top()) / area.size().height();
        return without(
                Math.clamp(from, 0, 1), Math.clamp(above, 0, 1), 1 - Math.clamp(to, 0, 1), 1 - Math.clamp(below, 0, 1));
    }

    /** The same part of a rectangle that is shown as in a mirror. */
    public Portion mirrored(Mirror mirror) {
        return new Portion(
                mirror.across() ? 1 - left - width : left, mirror.down() ? 1 - top - height : top, width, height);
    }

    /** The map that lays a whole picture over this part of itself. */
    public ProjectiveMap placed(Size picture) {
        return new ProjectiveMap(width, 0, left * picture.width(), 0, height, top * picture.height(), 0, 0, 1);
    }

    /** The smallest area of whole pixels that holds this part of a picture. */
    public PictureArea pixels(Size picture) {
        int x = (int) Math.floor(left * picture.width() + 1e-9);
        int y = (int) Math.floor(top * picture.height() + 1e-9);
        int right = (int) Math.ceil((left + width) * picture.width() - 1e-9);
        int bottom = (int) Math.ceil((top + height) * picture.height() - 1e-9);
        return new PictureArea(x, y, new Size(Math.max(1, right - x), Math.max(1, bottom - y)));
    }
}
