package amberlens.core.pixels.sampling;

import amberlens.core.pixels.raster.Loops;

/**
 * The weights of a stretched kernel for places between two pixels, in steps so fine that what lies between them is as good as exact:
 * the weights of all taps stand side by side, filled up to a multiple of four, and sum to 1.
 */
final class KernelTable {
    private KernelTable() {}

    /**
     * @param taps neighbours, an even number
     * @param narrow one over the kernel's stretch, above 0 and at most 1
     */
    static float[] of(int taps, double narrow) {
        int padded = Kernel.padded(taps);
        var table = new float[padded * (Loops.PHASES + 1) + Loops.SPARE];
        for (int phase = 0; phase <= Loops.PHASES; phase++) {
            double fraction = (double) phase / Loops.PHASES;
            double total = 0;
            for (int tap = 0; tap < taps; tap++) {
                total += weight(tap, taps, fraction, narrow);
            }
            for (int tap = 0; tap < taps; tap++) {
                table[padded * phase + tap] = (float) (weight(tap, taps, fraction, narrow) / total);
            }
        }
        return table;
    }

    private static double weight(int tap, int taps, double fraction, double narrow) {
        return Cubic.weight((tap - Kernel.before(taps) - fraction) * narrow);
    }
}
