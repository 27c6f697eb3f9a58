package amberlens.core.render;

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

    /** {@link #weight(double)} in single precision and without branches, for the innermost loops. */
    static float weight(float distance) {
        float x = Math.min(Math.abs(distance), 2);
        float inner = Math.max(1 - x, 0);
        return 0.5f * (1 - x) * (2 - x) * (2 - x) + inner * inner * (1 - 2 * inner);
    }

    /** How many samples a kernel stretched by {@code stretch} ≥ 1 can touch. */
    static int taps(double stretch) {
        return (int) Math.ceil(2 * RADIUS * stretch);
    }

    /** The first of the {@link #taps} samples around a place given in pixels, where pixel i has its centre at i + 0.5. */
    static int firstTap(double place, int taps) {
        return (int) Math.floor(place - 0.5) + 1 - taps / 2 - (taps & 1) * oddShift(place);
    }

    private static int oddShift(double place) {
        double fraction = place - 0.5 - Math.floor(place - 0.5);
        return fraction < 0.5 ? 1 : 0;
    }
}
