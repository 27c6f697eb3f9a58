package amberlens.core.motion.curve;

/**
 * The cubic Bézier timing function of W3C <em>CSS Easing Functions Level 1</em>, section "Cubic Bézier easing
 * functions": the curve from (0, 0) to (1, 1) with the handles (x1, y1) and (x2, y2), read as y over x.
 *
 * <p>x(t) rises with t because both handle abscissae lie in 0 … 1, so the parameter is found by Newton steps kept
 * inside a shrinking bracket, down to |Δx| ≤ 1e-12; the slope can vanish only at isolated places, where the bracket
 * alone still halves. Handle ordinates beyond 0 … 1 make the value overshoot.
 *
 * @param x1 0 … 1
 * @param y1 within ± {@value #LARGEST}
 * @param x2 0 … 1
 * @param y2 likewise
 */
public record TimingCurve(double x1, double y1, double x2, double y2) {
    /** The largest ordinate of a handle. */
    public static final double LARGEST = 1e9;

    /** Even speed. */
    public static final TimingCurve STEADY = new TimingCurve(0, 0, 1, 1);

    /** A fast start and a long arrival. */
    public static final TimingCurve FAST_START = new TimingCurve(0.05, 0.7, 0.1, 1);

    private static final double TOLERANCE = 1e-12;

    public TimingCurve {
        if (!(x1 >= 0 && x1 <= 1 && x2 >= 0 && x2 <= 1 && Math.abs(y1) <= LARGEST && Math.abs(y2) <= LARGEST)) {
            throw new IllegalArgumentException(
                    "the handles of an ease have x in 0 … 1 and y in -1000000000 … 1000000000, not " + x1 + ", " + y1
                            + ", " + x2 + ", " + y2);
        }
    }

    /**
     * The progress of the value.
     *
     * @param time 0 … 1; beyond it the ends hold
     */
    public double progress(double time) {
        if (time <= 0) {
            return 0;
        }
        if (time >= 1) {
            return 1;
        }
        return bezier(y1, y2, parameter(time));
    }

    /**
     * A leg that leaves and arrives with the given strengths.
     *
     * @param leave 0 … 1: how far the start is held back; 0.42 is the gentle leave
     * @param arrive 0 … 1, likewise at the end
     */
    public static TimingCurve ofStrengths(double leave, double arrive) {
        return new TimingCurve(leave, 0, oneMinus(arrive), 1);
    }

    /** The same way walked backwards. */
    public TimingCurve reversed() {
        return new TimingCurve(oneMinus(x2), oneMinus(y2), oneMinus(x1), oneMinus(y1));
    }

    /** To twelve places, so that 1 − 0.42 is the 0.58 that people write. */
    private static double oneMinus(double number) {
        return Math.round((1 - number) * 1e12) / 1e12;
    }

    /**
     * The two curves into which a moment divides this one, each stretched to the whole of its own leg. Where x1 > x2 a half
     * may need a handle beyond its own time, which no timing function has; then the nearest one is taken.
     */
    public Halves dividedAt(double time) {
        double t = parameter(time);
        double abX = t * x1;
        double abY = t * y1;
        double bcX = x1 + t * (x2 - x1);
        double bcY = y1 + t * (y2 - y1);
        double cdX = x2 + t * (1 - x2);
        double cdY = y2 + t * (1 - y2);
        double abcX = abX + t * (bcX - abX);
        double abcY = abY + t * (bcY - abY);
        double bcdX = bcX + t * (cdX - bcX);
        double bcdY = bcY + t * (cdY - bcY);
        double x = abcX + t * (bcdX - abcX);
        double y = abcY + t * (bcdY - abcY);
        return new Halves(
                curve(abX / x, abY / y, abcX / x, abcY / y),
                curve((bcdX - x) / (1 - x), (bcdY - y) / (1 - y), (cdX - x) / (1 - x), (cdY - y) / (1 - y)));
    }

    /** The curves before and after a moment. */
    public record Halves(TimingCurve before, TimingCurve after) {}

    /** Without way there is no shape to keep: then the steady curve. */
    private static TimingCurve curve(double x1, double y1, double x2, double y2) {
        boolean shaped =
                Double.isFinite(x1) && Double.isFinite(x2) && Math.abs(y1) <= LARGEST && Math.abs(y2) <= LARGEST;
        return shaped ? new TimingCurve(Math.clamp(x1, 0, 1), y1, Math.clamp(x2, 0, 1), y2) : STEADY;
    }

    private double parameter(double time) {
        double low = 0;
        double high = 1;
        double t = time;
        while (high - low > Math.ulp(high)) {
            double miss = bezier(x1, x2, t) - time;
            if (Math.abs(miss) <= TOLERANCE) {
                return t;
            }
            if (miss > 0) {
                high = t;
            } else {
                low = t;
            }
            double step = t - miss / slope(x1, x2, t);
            t = step > low && step < high ? step : (low + high) / 2;
        }
        return t;
    }

    private static double bezier(double a, double b, double t) {
        double u = 1 - t;
        return 3 * u * u * t * a + 3 * u * t * t * b + t * t * t;
    }

    private static double slope(double a, double b, double t) {
        double u = 1 - t;
        return 3 * u * u * a + 6 * u * t * (b - a) + 3 * t * t * (1 - b);
    }
}
