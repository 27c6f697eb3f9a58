package amberlens.media.raster;

import amberlens.core.base.geometry.Size;

/**
 * How stored pixels are turned to stand upright: the eight values of the Orientation tag, Exif 2.32 (CIPA DC-008), tag
 * 0x0112.
 */
public enum Orientation {
    UPRIGHT(1, "upright"),
    MIRRORED(2, "mirrored"),
    HALF_TURN(3, "turned by 180°"),
    MIRRORED_HALF_TURN(4, "mirrored, turned by 180°"),
    TRANSPOSED(5, "mirrored, turned by 270°"),
    QUARTER_TURN(6, "turned by 90°"),
    TRANSVERSED(7, "mirrored, turned by 90°"),
    THREE_QUARTER_TURN(8, "turned by 270°");

    private final int tag;
    private final String words;

    Orientation(int tag, String words) {
        this.tag = tag;
        this.words = words;
    }

    /** The orientation with this tag value; upright for any other. */
    public static Orientation ofTag(int tag) {
        for (Orientation orientation : values()) {
            if (orientation.tag == tag) {
                return orientation;
            }
        }
        return UPRIGHT;
    }

    /** What happens to the stored pixels, in words. */
    public String words() {
        return words;
    }

    private boolean swapsAxes() {
        return tag >= 5;
    }

    /** The size once upright. */
    public Size upright(Size stored) {
        return swapsAxes() ? new Size(stored.height(), stored.width()) : stored;
    }

    /** The upright column of a stored pixel. */
    int column(int x, int y, Size stored) {
        return switch (this) {
            case UPRIGHT, MIRRORED_HALF_TURN -> x;
            case MIRRORED, HALF_TURN -> stored.width() - 1 - x;
            case TRANSPOSED, THREE_QUARTER_TURN -> y;
            case QUARTER_TURN, TRANSVERSED -> stored.height() - 1 - y;
        };
    }

    /** The upright row of a stored pixel. */
    int row(int x, int y, Size stored) {
        return switch (this) {
            case UPRIGHT, MIRRORED -> y;
            case HALF_TURN, MIRRORED_HALF_TURN -> stored.height() - 1 - y;
            case TRANSPOSED, QUARTER_TURN -> x;
            case TRANSVERSED, THREE_QUARTER_TURN -> stored.width() - 1 - x;
        };
    }
}
