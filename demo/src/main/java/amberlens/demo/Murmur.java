package amberlens.demo;

import amberlens.core.material.sound.Samples;
import java.util.Random;
import org.jspecify.annotations.Nullable;

/** Something that sounds like a voice in the next room: pulses of a throat through three resonances that wander from vowel to vowel. No words. */
final class Murmur {
    /** Seconds of the whole: two sentences with a rest between them. */
    static final int LENGTH = 9;

    /** From and to of the sentences, in seconds. */
    private static final double[][] SENTENCES = {{0.2, 3.6}, {4.8, 8.6}};

    private static final double SYLLABLE = 0.19;

    /** The first three resonances of vowels, in Hz: about those of a grown man, from memory. */
    private static final double[][] VOWELS = {
        {730, 1090, 2440}, {530, 1840, 2480}, {270, 2290, 3010}, {570, 840, 2410}, {300, 870, 2240}, {490, 1350, 1690}
    };

    private Murmur() {}

    /** Pairs of samples. */
    static float[] pairs() {
        float[] pairs = new float[Samples.CHANNELS * LENGTH * Samples.RATE];
        var random = new Random(3);
        var resonances = new Resonance[] {new Resonance(80), new Resonance(110), new Resonance(160)};
        double phase = 0;
        int syllable = -1;
        double[] from = VOWELS[0];
        double[] to = VOWELS[0];
        double stress = 0;
        for (int i = 0; i < LENGTH * Samples.RATE; i++) {
            double time = (double) i / Samples.RATE;
            double[] sentence = sentence(time);
            double within = sentence == null ? 0 : time - sentence[0];
            int now = (int) (within / SYLLABLE);
            if (sentence != null && now != syllable) {
                syllable = now;
                from = to;
                to = VOWELS[random.nextInt(VOWELS.length)];
                stress = random.nextInt(5) == 0 ? 0.35 : 0.7 + 0.3 * random.nextDouble();
            }
            double part = within / SYLLABLE - now;
            double fall = sentence == null ? 0 : within / (sentence[1] - sentence[0]);
            double pitch = 118 - 26 * fall + 7 * Math.sin(2 * Math.PI * 2.1 * time);
            phase += pitch / Samples.RATE;
            double glottis = phase % 1 < 0.4 ? Math.sin(Math.PI * (phase % 1) / 0.4) - 0.32 : -0.32;
            double loud = sentence == null ? 0 : stress * Math.pow(Math.sin(Math.PI * Math.clamp(part, 0, 1)), 0.6);
            double sample = 0;
            for (int r = 0; r < resonances.length; r++) {
                double frequency = from[r] + (to[r] - from[r]) * Math.min(1, 2 * part);
                sample += resonances[r].next(loud * glottis, frequency) / (r + 1);
            }
            float value = (float) Math.clamp(0.45 * sample, -0.95, 0.95);
            pairs[2 * i] = value;
            pairs[2 * i + 1] = value;
        }
        return PluckedTune.rounded(pairs);
    }

    private static double @Nullable [] sentence(double time) {
        for (double[] one : SENTENCES) {
            if (time >= one[0] && time < one[1]) {
                return one;
            }
        }
        return null;
    }

    /** Rings at one frequency. */
    private static final class Resonance {
        private final double width;
        private double before;
        private double beforeThat;

        /** @param width Hz */
        Resonance(double width) {
            this.width = width;
        }

        double next(double in, double frequency) {
            double radius = Math.exp(-Math.PI * width / Samples.RATE);
            double turn = 2 * radius * Math.cos(2 * Math.PI * frequency / Samples.RATE);
            double out = (1 - radius) * 2 * in + turn * before - radius * radius * beforeThat;
            beforeThat = before;
            before = out;
            return out;
        }
    }
}
