package amberlens.demo;

import amberlens.core.material.sound.Samples;
import java.util.Random;

/**
 * A tune for a plucked instrument in four four time at 120 beats a minute, made by plucking delay lines: each string is a burst of noise
 * that runs around and loses its highs (K. Karplus and A. Strong, <em>Digital Synthesis of Plucked-String and Drum Timbres</em>, Computer
 * Music Journal 7, 1983).
 */
final class PluckedTune {
    /** Seconds from beat to beat. */
    static final double BEAT = 0.5;

    /** Seconds of the whole. */
    static final int LENGTH = 43;

    private static final double LOSS = 0.996;
    private static final int BEATS = 82;

    /** Semitones above the lowest string of each bar, and what is plucked above it on each beat and between. */
    private static final int[] ROOTS = {0, 9, 5, 7, 0, 4, 5, 7};

    private static final int[][] ABOVE = {
        {12, 16, 19, 16}, {9, 12, 16, 12}, {9, 12, 17, 12}, {11, 14, 19, 14},
        {12, 19, 24, 19}, {11, 16, 19, 16}, {12, 17, 21, 17}, {14, 19, 23, 19}
    };

    private static final double LOWEST =
            98; // Hz: the G below the C of the chords sounds darker than a guitar's lowest string

    private PluckedTune() {}

    /** Pairs of samples. */
    static float[] pairs() {
        float[] pairs = new float[Samples.CHANNELS * LENGTH * Samples.RATE];
        var random = new Random(7);
        for (int beat = 0; beat < BEATS; beat++) {
            int bar = beat / 4 % ROOTS.length;
            double at = beat * BEAT;
            boolean first = beat % 4 == 0;
            if (first || beat % 4 == 2) {
                pluck(pairs, at, LOWEST * pitch(ROOTS[bar]), first ? 0.62 : 0.36, 0.5, random);
            }
            int[] above = ABOVE[bar];
            pluck(pairs, at, 2 * LOWEST * pitch(above[beat % 4] - 5), first ? 0.45 : 0.33, 0.35, random);
            if (beat % 8 != 7) {
                double between = at + BEAT / 2;
                pluck(pairs, between, 2 * LOWEST * pitch(above[(beat + 1) % 4] - 5), 0.16, 0.65, random);
            }
        }
        for (int string = 0; string < 3; string++) {
            double frequency = 2 * LOWEST * pitch(new int[] {0, 7, 12}[string]);
            pluck(pairs, BEATS * BEAT + 0.03 * string, frequency, 0.45, 0.3 + 0.2 * string, random);
        }
        return rounded(pairs);
    }

    private static double pitch(int semitones) {
        return Math.pow(2, semitones / 12.0);
    }

    /**
     * Adds a string.
     *
     * @param side 0 left … 1 right
     */
    private static void pluck(float[] pairs, double at, double frequency, double strength, double side, Random random) {
        int delay = (int) Math.round(Samples.RATE / frequency);
        double[] string = new double[delay];
        double mean = 0;
        for (int i = 0; i < delay; i++) {
            string[i] = random.nextDouble() * 2 - 1;
            mean += string[i] / delay;
        }
        for (int i = 0; i < delay; i++) {
            string[i] -= mean;
        }
        double left = strength * Math.cos(Math.PI / 2 * side);
        double right = strength * Math.sin(Math.PI / 2 * side);
        int start = (int) Math.round(at * Samples.RATE);
        int count = Math.min(3 * Samples.RATE, pairs.length / Samples.CHANNELS - start);
        for (int i = 0; i < count; i++) {
            int here = i % delay;
            int next = (i + 1) % delay;
            double value = string[here];
            string[here] = LOSS * (value + string[next]) / 2;
            double released = Math.min(1, (count - i) / 2000.0);
            pairs[2 * (start + i)] += (float) (left * released * value);
            pairs[2 * (start + i) + 1] += (float) (right * released * value);
        }
    }

    /** To 16 bits, which keeps the file small. */
    static float[] rounded(float[] pairs) {
        for (int i = 0; i < pairs.length; i++) {
            pairs[i] = Math.round(Math.clamp(pairs[i], -1f, 1f) * 32767) / 32768f;
        }
        return pairs;
    }
}
