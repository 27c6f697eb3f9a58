package amberlens.core.pixels.sampling;

/**
 * The cubic convolution kernel of R. G. Keys, <em>Cubic Convolution Interpolation for Digital Image Processing</em>,
 * IEEE Trans. ASSP 29 (1981), with a = −1/2.
 */
final class Cubic {
    /** The kernel is zero from here on. */
    static final double RADIUS = 2;

    private Cubic() {}

    /** The weight of a sample at a distance, in samples. */
    static double weight(double distance) {
        double x = Math.abs(distance);
        if (x >= RADIUS) {
            return 0;
        }
        return x < 1 ? 1 + x * x * (1.5 * x - 2.5) : 2 + x * (-4 + x * (2.5 - 0.5 * x));
    }

    /**
     * {@link #weight(double)} in single precision, for the innermost loops: without branches and without {@code min} and
     * {@code max}, whose care for NaN and signed zero keeps a loop from running on vectors.
     */
    static float weight(float distance) {
        float x = Math.abs(distance);
        float toOuter = 0.5f * (2 - x + Math.abs(2 - x));
        float toInner = 0.5f * (1 - x + Math.abs(1 - x));
        return 0.5f * (toOuter - 1) * toOuter * toOuter + toInner * toInner * (1 - 2 * toInner);
    }

    /** How many samples a kernel stretched by {@code stretch} ≥ 1 can touch. */
    static int taps(double stretch) {
        return (int) Math.ceil(2 * RADIUS * stretch);
    }
}
