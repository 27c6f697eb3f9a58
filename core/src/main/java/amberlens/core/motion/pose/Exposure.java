package amberlens.core.motion.pose;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.Shutter;
import java.util.function.DoubleFunction;

/**
 * The instants of an exposed frame: so many that the fastest corner of the frame moves at most one output pixel from one to the next.
 *
 * @param shutter how long a frame is exposed
 * @param pxPerFramePx output pixels per frame pixel
 * @param most instants
 */
public record Exposure(Shutter shutter, double pxPerFramePx, int most) {
    /** One instant. */
    public static final Exposure NONE = new Exposure(Shutter.OFF, 1, Shutter.MOST);

    /** The way of a corner is measured in so many straight parts at first. */
    private static final int PARTS = 4;

    /** What computing leaves over of a step of exactly one pixel. */
    private static final double ROUNDING = 1e-9;

    /** Never fewer instants than frame pixels ask for, so that a smaller output shows what was judged. */
    public static Exposure of(Shutter shutter, double pxPerFramePx) {
        return new Exposure(shutter, Math.max(1, pxPerFramePx), Shutter.MOST);
    }

    /** With fewer instants, for playing. */
    public Exposure withMost(int instants) {
        return new Exposure(shutter, pxPerFramePx, instants);
    }

    public boolean isNone() {
        return shutter.isOff();
    }

    /**
     * The instants of a frame whose own time is {@code at}, ascending.
     *
     * @param poses of any time
     */
    public double[] moments(double at, DoubleFunction<Pose> poses, Size frame) {
        if (isNone()) {
            return new double[] {at};
        }
        double[] moments = shutter.instants(count(at, poses, frame));
        for (int i = 0; i < moments.length; i++) {
            moments[i] += at;
        }
        return moments;
    }

    /** From the fastest part of the way, not from its mean: a corner may stand still for half of the time. */
    private int count(double at, DoubleFunction<Pose> poses, Size frame) {
        int count = (int) Math.ceil(PARTS * longestStep(at, PARTS, poses, frame) - ROUNDING);
        while (count > 1 && count < most) {
            double step = longestStep(at, count, poses, frame);
            if (step <= 1 + ROUNDING) {
                break;
            }
            count = Math.max(count + 1, (int) Math.min(most, Math.ceil(count * step - ROUNDING)));
        }
        return Math.clamp(count, 1, most);
    }

    /** How far the fastest corner goes, in output pixels, in that one of some equal parts of the time in which it goes furthest. */
    private double longestStep(double at, int parts, DoubleFunction<Pose> poses, Size frame) {
        double longest = 0;
        Pose before = poses.apply(at - shutter.open() / 2);
        for (int part = 1; part <= parts; part++) {
            Pose next = poses.apply(at + shutter.open() * ((double) part / parts - 0.5));
            longest = Math.max(longest, Travel.between(before, next).furthest(frame));
            before = next;
        }
        return longest * pxPerFramePx;
    }
}
