package amberlens.core.judge.marks;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.Side;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;

/**
 * That a box of a picture is whole in the frame for a time, or out of it.
 *
 * @param box as it is seen, after mirroring
 * @param beyond the side of the frame beyond which it is to be; it is to be whole in the frame by all four where that is {@link #INSIDE}
 * @param from the first moment that counts, in frames of the shot
 * @param to the last one
 */
public record MarkWish(PictureBox box, int beyond, double from, double to) {
    /** Beyond no side. */
    public static final int INSIDE = -1;

    /** What is out is out by this much, in frame pixels, so that rounding does not leave a part of it in. */
    private static final double CLEAR = 0.002;

    private static final int SIDES = Side.values().length;

    /** Whole in the frame, always. */
    public static MarkWish always(PictureBox box) {
        return new MarkWish(box, INSIDE, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);
    }

    /** Beyond a side, as long as this counts. */
    public MarkWish beyond(Side side) {
        return new MarkWish(box, side.ordinal(), from, to);
    }

    public boolean counts(double at) {
        return from <= at && at <= to;
    }

    /** How many conditions it is made of: each corner at each side that matters. */
    public int conditions() {
        return beyond == INSIDE ? 4 * SIDES : 4;
    }

    /**
     * How far a condition is fulfilled, in frame pixels; at least 0 where it is. Of a box that is larger than the frame in one direction the
     * middle third counts there.
     *
     * @param picture the pose at which that is found out: it may not change while conditions are compared
     */
    public double distance(int condition, Pose pose, Pose picture, Size frame) {
        PictureBox asked = beyond == INSIDE ? MarkMargin.fitting(box, picture, frame) : box;
        int corner = condition % 4;
        FramePoint at = pose.toFrame(asked.corners().get(corner));
        Side side = Side.values()[beyond == INSIDE ? condition / 4 : beyond];
        double within = MarkMargin.within(at, side, frame);
        return beyond == INSIDE ? within : -within - CLEAR;
    }

    /** Whether all of it is so, at a moment that counts. */
    public boolean holds(Pose pose, Size frame) {
        if (!pose.isSeen()) {
            return false;
        }
        for (int i = 0; i < conditions(); i++) {
            if (distance(i, pose, pose, frame) < MarkMargin.WHOLE) {
                return false;
            }
        }
        return true;
    }
}
