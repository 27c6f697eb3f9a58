package amberlens.core.motion.curve;

import amberlens.core.base.memo.Last;

/**
 * The progress of a timing curve, remembered for the next question: the properties of a framing mostly share ease and time,
 * and solving the curve is the costly part of a pose.
 */
public final class CurveProgress {
    private record Asked(TimingCurve curve, double time) {}

    private static final Last<Asked, Double> LAST = Last.byValue();

    private CurveProgress() {}

    public static double of(TimingCurve curve, double time) {
        return LAST.get(new Asked(curve, time), asked -> asked.curve.progress(asked.time));
    }
}
