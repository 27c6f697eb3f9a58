package amberlens.desktop.time.hearing;

import amberlens.core.material.sound.Mix;
import amberlens.core.material.sound.Samples;

/** A short piece of sound that is heard while somebody looks for a place: it swells and dies away within {@value #MILLIS} ms. */
final class Grain {
    private static final int MILLIS = 80;

    /** Pairs of samples. */
    static final int LENGTH = Samples.RATE * MILLIS / 1000;

    private Grain() {}

    /** The one at a place of the line-up, in pairs. */
    static float[] at(Mix mix, long from) {
        float[] pairs = new float[Samples.CHANNELS * LENGTH];
        mix.read(from, LENGTH, pairs);
        for (int i = 0; i < LENGTH; i++) {
            float window = (float) Math.sin(Math.PI * (i + 0.5) / LENGTH);
            pairs[2 * i] *= window;
            pairs[2 * i + 1] *= window;
        }
        return pairs;
    }
}
