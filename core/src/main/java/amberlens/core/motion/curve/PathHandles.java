package amberlens.core.motion.curve;

import amberlens.core.base.geometry.FramePoint;

/**
 * The handles that bend the path of a position at a key, as offsets from the key in frame pixels.
 *
 * @param in towards the leg before
 * @param out towards the leg after
 */
public record PathHandles(FramePoint in, FramePoint out) {
    /** No bend: both legs leave straight. */
    public static final PathHandles STRAIGHT = new PathHandles(FramePoint.ZERO, FramePoint.ZERO);

    /** The longer of the two, in frame pixels. */
    public double reach() {
        return Math.max(in.length(), out.length());
    }

    public PathHandles times(double factor) {
        return equals(STRAIGHT) ? this : new PathHandles(in.times(factor), out.times(factor));
    }
}
