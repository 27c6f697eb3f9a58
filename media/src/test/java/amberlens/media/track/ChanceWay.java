package amberlens.media.track;

import amberlens.media.track.KnownFootage.Truth;
import java.util.Random;
import java.util.function.IntFunction;

/** Ways by chance: a few waves of any length, phase and height, scaled to stay within the picture and within scales of 0.7 to 1.4. */
final class ChanceWay {
    private static final int WAVES = 4;

    private final double[] heights = new double[WAVES];
    private final double[] paces = new double[WAVES];
    private final double[] phases = new double[WAVES];

    private ChanceWay(Random random) {
        double sum = 0;
        for (int i = 0; i < WAVES; i++) {
            paces[i] = 0.2 + 2 * random.nextDouble();
            heights[i] = random.nextDouble() / paces[i];
            phases[i] = 2 * Math.PI * random.nextDouble();
            sum += heights[i];
        }
        for (int i = 0; i < WAVES; i++) {
            heights[i] /= sum;
        }
    }

    /** −1 … 1. */
    private double at(int frame) {
        double sum = 0;
        for (int i = 0; i < WAVES; i++) {
            sum += heights[i] * Math.sin(paces[i] * frame / 25.0 + phases[i]);
        }
        return sum;
    }

    static IntFunction<Truth> of(int seed) {
        var random = new Random(seed);
        var across = new ChanceWay(random);
        var down = new ChanceWay(random);
        var size = new ChanceWay(random);
        var turn = new ChanceWay(random);
        return frame -> new Truth(
                480 + 390 * across.at(frame),
                270 + 180 * down.at(frame),
                Math.pow(2, 0.5 * size.at(frame)),
                30 * turn.at(frame));
    }
}
