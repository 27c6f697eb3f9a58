package amberlens.core.base.geometry;

/**
 * The centred parts of the frame that every screen is expected to show.
 *
 * <p>Source of the two fractions: SMPTE ST 2046-1.
 */
public enum SafeArea {
    ACTION(0.93),
    TITLE(0.90);

    private final double part;

    SafeArea(double part) {
        this.part = part;
    }

    /** The part of the frame's width and of its height that lies inside, 0 … 1. */
    public double part() {
        return part;
    }

    /** The distance of the area from the left side of a frame, in frame pixels. */
    public double insetX(Size frame) {
        return frame.width() * (1 - part) / 2;
    }

    /** The distance of the area from the top side of a frame, in frame pixels. */
    public double insetY(Size frame) {
        return frame.height() * (1 - part) / 2;
    }
}
