package amberlens.core.motion.curve;

/**
 * One piece of a monotone piecewise cubic: continuous slope through the knots, never beyond the values of the two
 * knots around it, flat between equal neighbours.
 *
 * <p>The slope at an inner knot is the weighted harmonic mean of the slopes beside it (zero where they differ in sign),
 * which lies within the monotonicity region of F. N. Fritsch and R. E. Carlson, <em>Monotone Piecewise Cubic
 * Interpolation</em>, SIAM J. Numer. Anal. 17 (1980); the mean itself is F. N. Fritsch and J. Butland's (1984). At the
 * ends of the run the slope of the end piece is used.
 */
final class MonotoneCubic {
    private MonotoneCubic() {}

    /**
     * The value between the knots {@code (t1, v1)} and {@code (t2, v2)}.
     *
     * @param startSlope slope at {@code t1}, in value per time
     * @param endSlope slope at {@code t2}
     */
    static double value(double t1, double v1, double startSlope, double t2, double v2, double endSlope, double t) {
        double h = t2 - t1;
        double u = (t - t1) / h;
        double rise = v2 - v1;
        double a = startSlope * h;
        double b = endSlope * h;
        return v1 + u * (a + u * (3 * rise - 2 * a - b + u * (a + b - 2 * rise)));
    }

    /** The slope at a knot between a piece of length {@code h0} and slope {@code d0} and one of {@code h1}, {@code d1}. */
    static double slope(double h0, double d0, double h1, double d1) {
        if (d0 * d1 <= 0) {
            return 0;
        }
        double w0 = 2 * h1 + h0;
        double w1 = h1 + 2 * h0;
        return (w0 + w1) / (w0 / d0 + w1 / d1);
    }
}
