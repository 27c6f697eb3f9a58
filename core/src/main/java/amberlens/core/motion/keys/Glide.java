package amberlens.core.motion.keys;

import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.pace.Pace;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntUnaryOperator;

/**
 * One glide through several framings: the first leg leaves gently, the last arrives gently, all between run at one speed, and
 * the framings between are moved in time so that no leg is faster than the next.
 *
 * <p>The way of a leg is what the frame's fastest corner travels. A gentle leave ends at 1/(1 − 0.42) of its mean speed, the
 * slope of its curve's second handle; so an outer leg takes that much more time than an inner one of the same way.
 */
public final class Glide {
    private static final double OUTER = 1 / (1 - 0.42);

    private Glide() {}

    /**
     * The camera gliding through its framings from one frame to another.
     *
     * @param first the frame of the first framing
     * @param last the frame of the last one
     */
    public static CameraTrack through(CameraTrack camera, int first, int last, Size frame) {
        List<Integer> framings = Framings.of(camera).stream()
                .filter(at -> at >= first && at <= last)
                .toList();
        if (framings.size() < 2) {
            return camera;
        }
        CameraTrack steady = KeyEases.withLeg(camera, KeySet.where(camera, key -> inside(framings, key)), Leg.LINEAR);
        CameraTrack retimed = retimed(steady, framings, times(steady, framings, frame));
        return eased(retimed, times(steady, framings, frame));
    }

    private static boolean inside(List<Integer> framings, KeyRef key) {
        return key.at() >= framings.getFirst() && key.at() < framings.getLast();
    }

    /** The new frames of the framings. */
    private static List<Integer> times(CameraTrack steady, List<Integer> framings, Size frame) {
        int legs = framings.size() - 1;
        double[] need = new double[legs];
        double sum = 0;
        for (int leg = 0; leg < legs; leg++) {
            boolean outer = legs > 1 && (leg == 0 || leg == legs - 1);
            need[leg] = way(steady, framings.get(leg), framings.get(leg + 1), frame) * (outer ? OUTER : 1);
            sum += need[leg];
        }
        List<Integer> times = new ArrayList<>();
        times.add(framings.getFirst());
        double until = 0;
        int whole = framings.getLast() - framings.getFirst();
        for (int leg = 0; leg < legs - 1; leg++) {
            until += need[leg];
            int wanted = sum == 0 ? framings.get(leg + 1) : framings.getFirst() + (int) Math.round(whole * until / sum);
            times.add(Math.clamp(wanted, times.getLast() + 1, framings.getLast() - (legs - 1 - leg)));
        }
        times.add(framings.getLast());
        return times;
    }

    private static double way(CameraTrack camera, int from, int to, Size frame) {
        double way = 0;
        for (int at = from; at < to; at++) {
            way += Pace.at(camera, at, frame).cornerPx();
        }
        return way;
    }

    /** Keys between two framings keep their share of the time between them. */
    private static CameraTrack retimed(CameraTrack camera, List<Integer> from, List<Integer> to) {
        KeySet inner = KeySet.where(camera, key -> key.at() > from.getFirst() && key.at() < from.getLast());
        IntUnaryOperator target = at -> {
            int leg = 0;
            while (from.get(leg + 1) < at) {
                leg++;
            }
            double share = (double) (at - from.get(leg)) / (from.get(leg + 1) - from.get(leg));
            return (int) Math.round(to.get(leg) + share * (to.get(leg + 1) - to.get(leg)));
        };
        return new Retiming(camera, inner, Integer.MAX_VALUE, Neighbours.STOP)
                .placed(target)
                .map(Retiming.Moved::camera)
                .orElse(camera);
    }

    private static CameraTrack eased(CameraTrack camera, List<Integer> framings) {
        if (framings.size() == 2) {
            return KeyEases.withLeg(camera, KeySet.at(camera, framings.getFirst()), Ease.GENTLE_BOTH.leg());
        }
        CameraTrack left = KeyEases.withLeg(camera, KeySet.at(camera, framings.getFirst()), Ease.GENTLE_LEAVE.leg());
        int lastLeg = framings.get(framings.size() - 2);
        return KeyEases.withLeg(left, KeySet.at(left, lastLeg), Ease.GENTLE_ARRIVE.leg());
    }
}
