package amberlens.core.sharpness;

import amberlens.core.motion.Pose;
import amberlens.core.motion.Scale;
import amberlens.core.motion.Take;
import java.util.List;

/**
 * The greatest enlargement of a take and where it happens.
 *
 * @param percent above 0
 * @param frame the first frame that reaches it
 */
public record Enlargement(double percent, int frame) {
    /** Up to here the picture is crisp, in per cent. */
    public static final double CRISP = 100;

    /** Up to here the softness is not noticeable, in per cent: common practice. */
    public static final double UNNOTICED = 110;

    /** What computing leaves over of a limit that was met exactly, in per cent. */
    private static final double ROUNDING = 1e-6;

    /** The largest stretch of a source pixel in a pose, in per cent; a turn does not change it. */
    public static double percent(Pose pose) {
        return percent(pose.scale());
    }

    /** Likewise, of a scale alone. */
    public static double percent(Scale scale) {
        return Math.max(scale.x(), scale.y());
    }

    public static Enlargement greatest(Take take) {
        List<Pose> seen = take.seen();
        int worst = 0;
        for (int i = 1; i < seen.size(); i++) {
            worst = percent(seen.get(i)) > percent(seen.get(worst)) ? i : worst;
        }
        return seen.isEmpty()
                ? new Enlargement(percent(take.pose(0)), 0)
                : new Enlargement(percent(seen.get(worst)), (int) Math.floor(take.moments()[worst]));
    }

    /** Whether an enlargement is not above a limit; the limit itself is within it, however it was computed. */
    public static boolean isWithin(double percent, double limit) {
        return percent <= limit + ROUNDING;
    }

    /** What the enlargement means for the eye, in one word. */
    public static String verdict(double percent) {
        return isWithin(percent, CRISP) ? "crisp" : isWithin(percent, UNNOTICED) ? "not noticeable" : "soft";
    }
}
