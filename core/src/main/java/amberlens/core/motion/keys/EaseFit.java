package amberlens.core.motion.keys;

import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** One ease for a whole leg: steady, or held back at its ends, or leaving and arriving at speed, the plainest of them that is near enough. */
final class EaseFit {
    /** So many frames of a leg are looked at while an ease is sought; all of them once it is found. */
    private static final int LOOKED_AT = 40;

    private static final double FIRST_STEP = 0.25;

    /** Handles are as fine as a hand sets them. */
    private static final double LAST_STEP = 0.01;

    private final List<Pose> poses;
    private final PoseDistance distance;
    private final int from;
    private final Pose start;
    private final int to;
    private final Pose end;

    private EaseFit(List<Pose> poses, PoseDistance distance, int from, Pose start, int to, Pose end) {
        this.poses = poses;
        this.distance = distance;
        this.from = from;
        this.start = start;
        this.to = to;
        this.end = end;
    }

    /**
     * The leg from one framing to another.
     *
     * @param off how far any frame in between may be off, in frame pixels
     * @param fromRest whether it leaves a rest or comes to one, so that it is not steady where it can be gentle
     * @return empty when no ease is near enough
     */
    static Optional<Leg> of(
            List<Pose> poses, PoseDistance distance, int from, Pose start, int to, Pose end, double off, boolean fromRest) {
        var fit = new EaseFit(poses, distance, from, start, to, end);
        if (!fromRest && fit.isNear(TimingCurve.STEADY, off)) {
            return Optional.of(Leg.LINEAR);
        }
        int every = Math.max(1, (to - from) / LOOKED_AT);
        for (boolean atSpeed : new boolean[] {false, true}) {
            TimingCurve best = fit.best(atSpeed, every);
            if (fit.isNear(best, off)) {
                return Optional.of(new Leg.Curve(best));
            }
        }
        return fit.isNear(TimingCurve.STEADY, off) ? Optional.of(Leg.LINEAR) : Optional.empty();
    }

    /** The best ease by steps that grow smaller, one handle after the other. */
    private TimingCurve best(boolean atSpeed, int every) {
        double[] handles = atSpeed ? new double[] {0.33, 0.2, 0.67, 0.8} : new double[] {0.42, 0, 0.58, 1};
        double least = squares(curve(handles), every);
        double step = FIRST_STEP;
        while (step >= LAST_STEP / 2) {
            boolean better = false;
            for (double[] tried : around(handles, step, atSpeed)) {
                double there = squares(curve(tried), every);
                if (there < least - 1e-9) {
                    least = there;
                    handles = tried;
                    better = true;
                }
            }
            step = better ? step : step / 2;
        }
        return curve(handles);
    }

    private static List<double[]> around(double[] handles, double step, boolean atSpeed) {
        List<double[]> all = new ArrayList<>();
        for (int i = 0; i < handles.length; i += atSpeed ? 1 : 2) {
            for (double by : new double[] {-step, step}) {
                double[] one = handles.clone();
                one[i] = Math.clamp(one[i] + by, 0, 1);
                all.add(one);
            }
        }
        return all;
    }

    private static TimingCurve curve(double[] handles) {
        return new TimingCurve(fine(handles[0]), fine(handles[1]), fine(handles[2]), fine(handles[3]));
    }

    private static double fine(double number) {
        return Math.round(number / LAST_STEP) * LAST_STEP;
    }

    private boolean isNear(TimingCurve ease, double off) {
        for (int at = from + 1; at < to; at++) {
            if (off(ease, at) > off) {
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
                ValueKinds.POSITION.between(start.position(), end.position(), part),
                start.degrees() + (end.degrees() - start.degrees()) * part,
                start.anchor());
        return distance.between(poses.get(at), pose);
    }
}
