package amberlens.core.motion;

/**
 * The progress of a timing curve, remembered for the next question: the properties of a framing mostly share ease and time,
 * and solving the curve is the costly part of a pose.
 */
final class Progress {
    private static final ThreadLocal<Progress> LAST = ThreadLocal.withInitial(Progress::new);
    private static final TimingCurve STEADY = new TimingCurve(0, 0, 1, 1);

    private TimingCurve curve = STEADY;
    private double time;
    private double progress;

    private Progress() {}

    static double of(TimingCurve curve, double time) {
        Progress last = LAST.get();
        boolean same = last.curve == curve || last.curve.equals(curve);
        if (last.time != time || !same) {
            last.curve = curve;
            last.time = time;
            last.progress = curve.progress(time);
        }
        return last.progress;
    }
}
