package amberlens.core.motion.pose;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;

/** How far each corner of a picture is pulled from where it would be seen, in frame pixels. */
public record CornerOffsets(FramePoint upperLeft, FramePoint upperRight, FramePoint lowerRight, FramePoint lowerLeft) {
    public static final CornerOffsets NONE =
            new CornerOffsets(FramePoint.ZERO, FramePoint.ZERO, FramePoint.ZERO, FramePoint.ZERO);

    public FramePoint of(Corner corner) {
        return switch (corner) {
            case UPPER_LEFT -> upperLeft;
            case UPPER_RIGHT -> upperRight;
            case LOWER_RIGHT -> lowerRight;
            case LOWER_LEFT -> lowerLeft;
        };
    }

    public CornerOffsets with(Corner corner, FramePoint offset) {
        return new CornerOffsets(
                corner == Corner.UPPER_LEFT ? offset : upperLeft,
                corner == Corner.UPPER_RIGHT ? offset : upperRight,
                corner == Corner.LOWER_RIGHT ? offset : lowerRight,
                corner == Corner.LOWER_LEFT ? offset : lowerLeft);
    }

    public boolean areNone() {
        return equals(NONE);
    }

    public CornerOffsets times(double factor) {
        return new CornerOffsets(
                upperLeft.times(factor), upperRight.times(factor), lowerRight.times(factor), lowerLeft.times(factor));
    }
}
