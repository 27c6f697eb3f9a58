package amberlens.core.material.sound;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * How loud a sound is, by ITU-R BS.1770-4 and EBU R 128: K-weighted, integrated over blocks of 400 ms that overlap by three quarters, gated
 * at −70 LUFS and then 10 LU below the mean; and its true peak, looked at four times as finely.
 *
 * @param integrated LUFS; −∞ for silence
 * @param momentary the loudest 400 ms, in LUFS
 * @param truePeak dBTP; −∞ for silence
 */
public record Loudness(double integrated, double momentary, double truePeak) {
    private static final int BLOCK = Samples.RATE * 2 / 5;
    private static final int HOP = BLOCK / 4;
    private static final double OFFSET = -0.691;
    private static final double ABSOLUTE_GATE = -70;
    private static final double RELATIVE_GATE = -10;
    private static final int READ = 1 << 14;

    /** Measures a whole sound. */
    public static Loudness of(Samples sound) {
        return of(sound, 0, sound.length());
    }

    /** Measures a stretch of it, in pairs of samples. */
    public static Loudness of(Samples sound, long from, long count) {
        return of((at, now, into) -> sound.read(at, now, into, 0), from, count);
    }

    /** Likewise a stretch of a line-up. */
    public static Loudness of(Mix mix, long from, long count) {
        return of(mix::read, from, count);
    }

    /** Gives pairs of samples from a place on. */
    private interface Reading {
        void read(long from, int count, float[] into);
    }

    private static Loudness of(Reading sound, long from, long count) {
        var meter = new Meter();
        float[] block = new float[Samples.CHANNELS * READ];
        for (long done = 0; done < count; ) {
            int now = (int) Math.min(READ, count - done);
            sound.read(from + done, now, block);
            meter.take(block, now);
            done += now;
        }
        return meter.result();
    }

    /** Measures sound as it comes. For one thread. */
    public static final class Meter {
        private final Biquad[] shelf = {Biquad.shelf(), Biquad.shelf()};
        private final Biquad[] highPass = {Biquad.highPass(), Biquad.highPass()};
        private final TruePeak[] peaks = {new TruePeak(), new TruePeak()};
        private final double[] quarters = new double[4];
        private final List<Double> blocks = new ArrayList<>();
        private double sum;
        private int inQuarter;
        private int quarter;

        /** Takes pairs of samples. */
        public void take(float[] pairs, int count) {
            for (int i = 0; i < count; i++) {
                for (int c = 0; c < Samples.CHANNELS; c++) {
                    float sample = pairs[Samples.CHANNELS * i + c];
                    peaks[c].take(sample);
                    double weighted = highPass[c].next(shelf[c].next(sample));
                    sum += weighted * weighted;
                }
                if (++inQuarter == HOP) {
                    endQuarter();
                }
            }
        }

        private void endQuarter() {
            quarters[quarter % 4] = sum;
            sum = 0;
            inQuarter = 0;
            if (++quarter >= 4) {
                blocks.add(Arrays.stream(quarters).sum() / BLOCK);
            }
        }

        /** The last 400 ms, in LUFS; −∞ before there are so many. */
        public double momentary() {
            return blocks.isEmpty() ? Double.NEGATIVE_INFINITY : loudness(blocks.getLast());
        }

        /** What all that was taken amounts to. */
        public Loudness result() {
            double loudest = blocks.stream().mapToDouble(Meter::loudness).max().orElse(Double.NEGATIVE_INFINITY);
            double peak = Math.max(peaks[0].most(), peaks[1].most());
            return new Loudness(integrated(), loudest, Level.decibels(peak));
        }

        private double integrated() {
            double all = mean(ABSOLUTE_GATE);
            return Double.isNaN(all)
                    ? Double.NEGATIVE_INFINITY
                    : loudness(mean(Math.max(ABSOLUTE_GATE, loudness(all) + RELATIVE_GATE)));
        }

        private double mean(double gate) {
            return blocks.stream()
                    .mapToDouble(Double::doubleValue)
                    .filter(power -> loudness(power) > gate)
                    .average()
                    .orElse(Double.NaN);
        }

        private static double loudness(double power) {
            return OFFSET + 10 * Math.log10(power);
        }
    }

    /** A filter of the second order; the coefficients are those of BS.1770-4, annex 1, tables 1 and 2, for 48 kHz. */
    private static final class Biquad {
        private final double b0;
        private final double b1;
        private final double b2;
        private final double a1;
        private final double a2;
        private double x1;
        private double x2;
        private double y1;
        private double y2;

        private Biquad(double b0, double b1, double b2, double a1, double a2) {
            this.b0 = b0;
            this.b1 = b1;
            this.b2 = b2;
            this.a1 = a1;
            this.a2 = a2;
        }

        static Biquad shelf() {
            return new Biquad(
                    1.53512485958697, -2.69169618940638, 1.19839281085285, -1.69065929318241, 0.73248077421585);
        }

        static Biquad highPass() {
            return new Biquad(1, -2, 1, -1.99004745483398, 0.99007225036621);
        }

        double next(double x) {
            double y = b0 * x + b1 * x1 + b2 * x2 - a1 * y1 - a2 * y2;
            x2 = x1;
            x1 = x;
            y2 = y1;
            y1 = y;
            return y;
        }
    }

    /** The greatest value between samples, of a sinc under a Hann window at quarters of a sample. */
    private static final class TruePeak {
        private static final int HALF = 12;
        private static final double[][] KERNELS = kernels();

        private final double[] last = new double[2 * HALF];
        private int at;
        private double most;

        private static double[][] kernels() {
            double[][] kernels = new double[3][2 * HALF];
            for (int q = 0; q < 3; q++) {
                double part = (q + 1) / 4.0;
                for (int i = 0; i < 2 * HALF; i++) {
                    double x = i - (HALF - 1) - part;
                    double window = 0.5 + 0.5 * Math.cos(Math.PI * x / HALF);
                    kernels[q][i] = Math.sin(Math.PI * x) / (Math.PI * x) * window;
                }
            }
            return kernels;
        }

        void take(double sample) {
            most = Math.max(most, Math.abs(sample));
            last[at] = sample;
            at = (at + 1) % last.length;
            double middle = last[(at + HALF - 1) % last.length];
            double next = last[(at + HALF) % last.length];
            if (Math.max(Math.abs(middle), Math.abs(next)) * 2 < most) {
                return; // between samples that small nothing is as large as the peak
            }
            for (double[] kernel : KERNELS) {
                double sum = 0;
                for (int i = 0; i < kernel.length; i++) {
                    sum += kernel[i] * last[(at + i) % last.length];
                }
                most = Math.max(most, Math.abs(sum));
            }
        }

        double most() {
            return most;
        }
    }
}
