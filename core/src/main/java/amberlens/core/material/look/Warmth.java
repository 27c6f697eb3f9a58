package amberlens.core.material.look;

/**
 * Light as if daylight were of another colour temperature.
 *
 * <p>Chromaticities of daylight by CIE 15 (2004), section 3.1, from 4000 to 25000 K; adaptation by Bradford's cone responses (K. M. Lam
 * 1985, as in ICC.1:2010, annex E); the primaries are those of IEC 61966-2-1. All numbers from memory.
 */
final class Warmth {
    /** The temperature of D65, kelvins. */
    private static final double D65 = 6504;

    private static final double LOWEST = 4000;
    private static final double HIGHEST = 25_000;

    /** The coldest, in mired from D65. */
    static final double LEAST = Math.ceil(1e6 / HIGHEST - 1e6 / D65);

    /** The warmest, likewise. */
    static final double MOST = Math.floor(1e6 / LOWEST - 1e6 / D65);

    private static final double[][] TO_XYZ = {
        {0.4124564, 0.3575761, 0.1804375}, {0.2126729, 0.7151522, 0.0721750}, {0.0193339, 0.1191920, 0.9503041}
    };

    private static final double[][] TO_CONES = {
        {0.8951, 0.2664, -0.1614}, {-0.7502, 1.7135, 0.0367}, {0.0389, -0.0685, 1.0296}
    };

    private Warmth() {}

    /**
     * What multiplies linear light.
     *
     * @param mired warmer than D65; beyond what daylight can be it stops
     */
    static double[][] matrix(double mired) {
        if (mired == 0) {
            return Matrices.identity();
        }
        double kelvins = 1e6 / (1e6 / D65 + Math.clamp(mired, LEAST, MOST));
        double[] from = Matrices.times(TO_CONES, white(D65));
        double[] to = Matrices.times(TO_CONES, white(kelvins));
        double[][] adapted =
                Matrices.times(Matrices.diagonal(to[0] / from[0], to[1] / from[1], to[2] / from[2]), TO_CONES);
        double[][] inXyz = Matrices.times(Matrices.inverse(TO_CONES), adapted);
        return Matrices.times(Matrices.inverse(TO_XYZ), Matrices.times(inXyz, TO_XYZ));
    }

    /** The tristimulus values of daylight, with Y = 1. */
    static double[] white(double kelvins) {
        double t = kelvins;
        double x = t <= 7000
                ? -4.6070e9 / (t * t * t) + 2.9678e6 / (t * t) + 0.09911e3 / t + 0.244063
                : -2.0064e9 / (t * t * t) + 1.9018e6 / (t * t) + 0.24748e3 / t + 0.237040;
        double y = -3.000 * x * x + 2.870 * x - 0.275;
        return new double[] {x / y, 1, (1 - x - y) / y};
    }
}
