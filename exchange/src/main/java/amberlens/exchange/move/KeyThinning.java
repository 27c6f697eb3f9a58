package amberlens.exchange.move;

import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.pose.Travel;
import amberlens.core.motion.property.PoseProperty;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;

/**
 * Which of many frames are needed so that straight lines between them say all the others nearly enough. From each one kept it looks for
 * the furthest next one, by doubling and then halving the stride.
 */
public final class KeyThinning {
    private KeyThinning() {}

    /** Whether numbers are near enough to those of a frame. */
    @FunctionalInterface
    public interface Near {
        boolean at(int frame, double[] numbers);
    }

    /**
     * The frames to keep: the first, the last and what is needed between.
     *
     * @param of the numbers of a frame
     */
    public static List<Integer> kept(int from, int to, IntFunction<double[]> of, Near near) {
        List<Integer> kept = new ArrayList<>(List.of(from));
        int here = from;
        while (here < to) {
            int stride = 1;
            while (here + 2L * stride <= to && straight(here, here + 2 * stride, of, near)) {
                stride *= 2;
            }
            int good = here + stride;
            int bad = (int) Math.min(to + 1L, here + 2L * stride);
            while (bad - good > 1) {
                int middle = good + (bad - good) / 2; // frames may be below 0
                if (straight(here, middle, of, near)) {
                    good = middle;
                } else {
                    bad = middle;
                }
            }
            kept.add(good);
            here = good;
        }
        return kept;
    }

    /**
     * Whether a pose with other numbers of one property shows everything nearly where it is.
     *
     * @param px how far a corner of the frame may be off, in frame pixels
     */
    public static <V> boolean isNear(Pose pose, PoseProperty<V> property, double[] numbers, Size frame, double px) {
        Pose other = property.put(pose, property.kind().of(part -> numbers[part]));
        return other.equals(pose) || Travel.between(pose, other).furthest(frame) <= px;
    }

    private static boolean straight(int from, int to, IntFunction<double[]> of, Near near) {
        double[] a = of.apply(from);
        double[] b = of.apply(to);
        double[] between = new double[a.length];
        for (int frame = from + 1; frame < to; frame++) {
            double part = (frame - from) / (double) (to - from);
            for (int i = 0; i < a.length; i++) {
                between[i] = a[i] + (b[i] - a[i]) * part;
            }
            if (!near.at(frame, between)) {
                return false;
            }
        }
        return true;
    }
}
