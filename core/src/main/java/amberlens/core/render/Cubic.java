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

    /** The weights of the four samples around a place that lies {@code f} (0 … 1) behind the second of them. */
    static void weights(float f, float[] into) {
        into[0] = f * (-0.5f + f * (1 - 0.5f * f));
        into[1] = 1 + f * f * (1.5f * f - 2.5f);
        into[2] = f * (0.5f + f * (2 - 1.5f * f));
        into[3] = f * f * (0.5f * f - 0.5f);
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
