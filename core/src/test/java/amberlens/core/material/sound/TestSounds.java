package amberlens.core.material.sound;

import java.util.Random;
import java.util.function.DoubleUnaryOperator;

/** Sounds made for tests. */
public final class TestSounds {
    private TestSounds() {}

    /** The same in both channels, by time in seconds. */
    static Samples of(double seconds, DoubleUnaryOperator wave) {
        int pairs = (int) Math.round(seconds * Samples.RATE);
        float[] both = new float[Samples.CHANNELS * pairs];
        for (int i = 0; i < pairs; i++) {
            float value = (float) wave.applyAsDouble((double) i / Samples.RATE);
            both[2 * i] = value;
            both[2 * i + 1] = value;
        }
        return Samples.of(both);
    }

    /** A click of 20 ms at each time, over noise. */
    static Samples clicks(double seconds, double[] times, double noise) {
        int pairs = (int) Math.round(seconds * Samples.RATE);
        float[] both = new float[Samples.CHANNELS * pairs];
        var chance = new Random(7);
        for (int i = 0; i < pairs; i++) {
            float value = (float) (noise * (2 * chance.nextDouble() - 1));
            both[2 * i] = value;
            both[2 * i + 1] = value;
        }
        for (double time : times) {
            int first = (int) Math.round(time * Samples.RATE);
            for (int i = 0; i < 960 && first + i < pairs; i++) {
                float value = (float) (0.8 * Math.exp(-i / 200.0) * Math.sin(2 * Math.PI * 1800 * i / Samples.RATE));
                both[2 * (first + i)] += value;
                both[2 * (first + i) + 1] += value;
            }
        }
        return Samples.of(both);
    }
}
