package amberlens.core.motion.keys;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.PathHandles;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.Optional;

/**
 * One leg between two framings of a move that is known frame by frame, with one ease. Its ease leaves and arrives at the speeds that the
 * move has there, so that only the two times of its handles are free, and its path leaves and arrives in the directions of the move; legs
 * that follow each other therefore join without a corner in the way or in the speed.
 */
final class LegFit {
    /** So many frames of a leg are compared while its ease is sought; all of them once it is found. */
    private static final int COMPARED = 40;

    private static final double FIRST_STEP = 0.16;

    /** Handles are as fine as a hand sets them. */
    private static final double FINE = 0.01;

    /** Slower than this part of its mean speed, a leg leaves or arrives gently. */
    private static final double GENTLE = 0.15;

    /** So near to its mean speed at both ends, a leg may be steady. */
    private static final double STEADY = 0.1;

    /** A way that is straight within this part of what is allowed is a straight one. */
    private static final double STRAIGHT = 0.15;

    /** A cubic Bézier curve has its handles at a third of its length. */
    private static final double THIRD = 1.0 / 3;

    /**
     * A leg that is near enough.
     *
     * @param leg how it is timed
     * @param out the bend of its path where it leaves
     * @param in where it arrives
     */
    record Fitted(Leg leg, FramePoint out, FramePoint in) {}

    private final Course course;
    private final int from;
    private final Pose start;
    private final int to;
    private final Pose end;
    private final Channel<FramePoint> path;
    private final FramePoint out;
    private final FramePoint in;
    private final double leaves;
    private final double arrives;

    /**
     * What legs are fitted to.
     *
     * @param poses frame by frame
     * @param way how far they have gone by each frame, in frame pixels of the fastest corner
     * @param off how far a frame may be off
     */
    record Course(List<Pose> poses, double[] way, PoseDistance distance, double off) {
        /** Frame pixels per frame. */
        double speed(int at) {
            int before = Math.max(0, at - 1);
            int after = Math.min(poses.size() - 1, at + 1);
            return after > before ? (way[after] - way[before]) / (after - before) : 0;
        }

        /** The direction in which the picture goes, of length 1; nothing where it stands. */
        FramePoint direction(int at) {
            FramePoint by = poses.get(Math.min(poses.size() - 1, at + 1))
                    .position()
                    .minus(poses.get(Math.max(0, at - 1)).position());
            return by.length() > 1e-6 ? by.times(1 / by.length()) : FramePoint.ZERO;
        }
    }

    private LegFit(Course course, int from, Pose start, boolean fromRest, int to, Pose end, boolean toRest) {
        this.course = course;
        this.from = from;
        this.start = start;
        this.to = to;
        this.end = end;
        double mean = (course.way[to] - course.way[from]) / (to - from);
        leaves = fromRest ? 0 : gentle(course.speed(from), mean);
        arrives = toRest ? 0 : gentle(course.speed(to), mean);
        boolean bent = isBent();
        double third = THIRD * end.position().distance(start.position());
        out = bent && !fromRest ? course.direction(from).times(third) : FramePoint.ZERO;
        in = bent && !toRest ? course.direction(to).times(-third) : FramePoint.ZERO;
        path = Channel.keyed(
                ValueKinds.POSITION,
                List.of(
                        Key.of(0, start.position(), Leg.LINEAR).withHandles(new PathHandles(FramePoint.ZERO, out)),
                        Key.of(to - from, end.position(), Leg.LINEAR)
                                .withHandles(new PathHandles(in, FramePoint.ZERO))));
    }

    /**
     * The leg from one framing to another.
     *
     * @param fromRest whether it leaves a rest
     * @param toRest whether it comes to one
     * @return empty when no ease is near enough
     */
    static Optional<Fitted> of(
            Course course, int from, Pose start, boolean fromRest, int to, Pose end, boolean toRest) {
        var fit = new LegFit(course, from, start, fromRest, to, end, toRest);
        boolean steady = Math.abs(fit.leaves - 1) < STEADY && Math.abs(fit.arrives - 1) < STEADY;
        if ((steady || to - from == 1) && fit.isNear(TimingCurve.STEADY)) {
            return Optional.of(new Fitted(Leg.LINEAR, fit.out, fit.in));
        }
        TimingCurve best = fit.best();
        return fit.isNear(best) ? Optional.of(new Fitted(new Leg.Curve(best), fit.out, fit.in)) : Optional.empty();
    }

    private static double gentle(double speed, double mean) {
        double part = mean > 0 ? speed / mean : 0;
        return part < GENTLE ? 0 : part;
    }

    /** Whether the way is further from a straight one than is hardly seen. */
    private boolean isBent() {
        FramePoint by = end.position().minus(start.position());
        double length = by.length();
        for (int at = from + 1; at < to && length > 0; at++) {
            FramePoint there = course.poses.get(at).position().minus(start.position());
            double aside = Math.abs(by.x() * there.y() - by.y() * there.x()) / length;
            if (aside > STRAIGHT * course.off) {
                return true;
            }
        }
        return false;
    }

    /** The best ease by steps that grow smaller, from the one of a cubic with these speeds. */
    private TimingCurve best() {
        int every = Math.max(1, (to - from) / COMPARED);
        double first = THIRD;
        double second = 1 - THIRD;
        double least = squares(curve(first, second), every);
        for (double step = FIRST_STEP; step >= FINE / 2; ) {
            boolean better = false;
            for (double[] by :
                    new double[][] {{step, 0}, {-step, 0}, {0, step}, {0, -step}, {step, -step}, {-step, step}}) {
                double one = Math.clamp(first + by[0], 0, 1);
                double other = Math.clamp(second + by[1], 0, 1);
                double there = squares(curve(one, other), every);
                if (there < least - 1e-9) {
                    least = there;
                    first = one;
                    second = other;
                    better = true;
                }
            }
            step = better ? step : step / 2;
        }
        return curve(first, second);
    }

    /** The ease with handles at two times, as high as the speeds at the ends ask for. */
    private TimingCurve curve(double first, double second) {
        double x1 = leaves > 0 ? Math.min(first, 1 / leaves) : first;
        double x2 = arrives > 0 ? Math.max(second, 1 - 1 / arrives) : second;
        return new TimingCurve(fine(x1), fine(leaves * x1), fine(x2), fine(1 - arrives * (1 - x2)));
    }

    private static double fine(double number) {
        return Math.clamp(Math.round(number / FINE) * FINE, 0, 1);
    }

    private boolean isNear(TimingCurve ease) {
        for (int at = from + 1; at < to; at++) {
            if (off(ease, at) > course.off) {
                return false;
            }
        }
        return true;
    }

    private double squares(TimingCurve ease, int every) {
        double sum = 0;
        for (int at = from + 1; at < to; at += every) {
            double off = off(ease, at);
            sum += off * off;
        }
        return sum;
    }

    private double off(TimingCurve ease, int at) {
        double part = ease.progress((double) (at - from) / (to - from));
        Pose pose = new Pose(
                ValueKinds.SCALE.between(start.scale(), end.scale(), part),
                path.at(part * (to - from)),
                start.degrees() + (end.degrees() - start.degrees()) * part,
                start.anchor());
        return course.distance.between(course.poses.get(at), pose);
    }
}
