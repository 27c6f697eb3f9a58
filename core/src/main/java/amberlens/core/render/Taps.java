package amberlens.core.render;

/**
 * The samples that make up each output pixel along one straight axis. Samples beyond the picture repeat its border, by
 * giving their weight to the border pixel. Weights are whole numbers that sum to {@link Rgba16#ONE}.
 */
final class Taps {
    final int count;
    final int[] first;
    final int[] weights;

    /**
     * @param outputs output pixels
     * @param inputs pixels of the level
     * @param scale output pixels per pixel of the level, above 0
     * @param offset where the level's origin lands, in output pixels
     */
    Taps(int outputs, int inputs, double scale, double offset) {
        double stretch = Math.max(1, 1 / scale);
        int taps = Cubic.taps(stretch);
        count = Math.min(taps + (taps & 1), inputs); // even, for the loops that are written out
        first = new int[outputs];
        weights = new int[outputs * count];
        double[] exact = new double[count];
        for (int out = 0; out < outputs; out++) {
            double place = (out + 0.5 - offset) / scale;
            int from = Cubic.firstTap(place, taps);
            first[out] = Math.clamp(from, 0, inputs - count);
            java.util.Arrays.fill(exact, 0);
            double sum = 0;
            for (int tap = 0; tap < taps; tap++) {
                double weight = Cubic.weight((from + tap + 0.5 - place) / stretch);
                exact[Math.clamp((long) Math.clamp(from + tap, 0, inputs - 1) - first[out], 0, count - 1)] += weight;
                sum += weight;
            }
            for (int tap = 0; tap < count; tap++) {
                exact[tap] /= sum;
            }
            Rgba16.quantise(exact, count, weights, out * count);
        }
    }
}
