package amberlens.core.material.sound;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jtransforms.fft.FloatFFT_1D;

/**
 * The beats of a sound.
 *
 * <p>Onsets are where its spectrum grows: the sum over all frequencies of what the logarithm of the magnitude gains from one Hann window of
 * 2048 samples to the next, 512 further on. The tempo is the lag at which the onsets are most like themselves, weighed by a log-normal prior
 * about 120 a minute; the beats are those that have strong onsets and lie evenly, found by dynamic programming (D. P. W. Ellis, <em>Beat
 * Tracking by Dynamic Programming</em>, Journal of New Music Research 36, 2007). Each is then moved to the rise of energy beside it.
 *
 * @param tempo beats in a minute; 0 when there are none
 * @param times seconds from the start of the sound, ascending
 * @param strengths how strong the onset at each is, 0 … 1
 */
public record Beats(double tempo, List<Double> times, List<Double> strengths) {
    public static final Beats NONE = new Beats(0, List.of(), List.of());

    private static final int WINDOW = 2048;
    private static final int HOP = 512;
    private static final double PER_SECOND = (double) Samples.RATE / HOP;
    private static final double SLOWEST = 40;
    private static final double FASTEST = 200;
    private static final double USUAL = 120;

    /** How far tempi lie about the usual one, in octaves. */
    private static final double SPREAD = 0.9;

    /** Half the lag is the beat when it is nearly as much like the whole. */
    private static final double DOUBLED = 0.8;

    /** How much evenness counts beside strength. */
    private static final double TIGHT = 100;

    /** Less than that, in parts of full level, is silence. */
    private static final double SILENT = 1e-4;

    public Beats {
        times = List.copyOf(times);
        strengths = List.copyOf(strengths);
        if (times.size() != strengths.size()) {
            throw new IllegalArgumentException(
                    "each beat has a strength, but there are " + times.size() + " and " + strengths.size());
        }
        for (int i = 0; i < times.size(); i++) {
            if (!(times.get(i) >= 0) || (i > 0 && !(times.get(i) > times.get(i - 1)))) {
                throw new IllegalArgumentException("beats stand at times from 0, one after the other");
            }
        }
    }

    /**
     * Beats at some times.
     *
     * @param strengths as many, 0 … 1
     */
    public static Beats at(List<Double> times, List<Double> strengths) {
        return times.size() < 2 ? new Beats(0, times, strengths) : new Beats(tempo(times), times, strengths);
    }

    /** Told how far the search is, 0 … 1; says whether to go on. */
    @FunctionalInterface
    public interface Progress {
        boolean at(double part);
    }

    /** Finds the beats of a whole sound; none where it is silent, shorter than four seconds, or the search was ended. */
    public static Beats of(Samples sound, Progress progress) {
        int frames = (int) Math.min(Integer.MAX_VALUE / 2, (sound.length() - WINDOW) / HOP + 1);
        if (frames < 4 * PER_SECOND) {
            return NONE;
        }
        double[] onsets = onsets(sound, frames, progress);
        if (onsets.length == 0) {
            return NONE;
        }
        double period = period(onsets);
        if (period == 0) {
            return NONE;
        }
        int[] frameOf = track(onsets, period);
        return refined(sound, onsets, frameOf);
    }

    /** What the spectrum gains, frame by frame, with its slow part taken away and in standard deviations; empty where it is silent. */
    private static double[] onsets(Samples sound, int frames, Progress progress) {
        var fourier = new FloatFFT_1D(WINDOW);
        float[] hann = new float[WINDOW];
        for (int i = 0; i < WINDOW; i++) {
            hann[i] = (float) (0.5 - 0.5 * Math.cos(2 * Math.PI * i / WINDOW));
        }
        float[] pairs = new float[Samples.CHANNELS * WINDOW];
        float[] spectrum = new float[WINDOW];
        float[] before = new float[WINDOW / 2];
        float[] now = new float[WINDOW / 2];
        double[] flux = new double[frames];
        double loudest = 0;
        for (int frame = 0; frame < frames; frame++) {
            if (frame % 512 == 0 && !progress.at((double) frame / frames)) {
                return new double[0];
            }
            sound.read((long) frame * HOP, WINDOW, pairs, 0);
            for (int i = 0; i < WINDOW; i++) {
                float mono = (pairs[2 * i] + pairs[2 * i + 1]) / 2;
                loudest = Math.max(loudest, Math.abs(mono));
                spectrum[i] = mono * hann[i];
            }
            fourier.realForward(spectrum);
            double gain = 0;
            for (int k = 1; k < WINDOW / 2; k++) {
                float re = spectrum[2 * k];
                float im = spectrum[2 * k + 1];
                now[k] = (float) Math.log1p(100 * Math.sqrt(re * re + im * im) / WINDOW * 4);
                gain += Math.max(0, now[k] - before[k]);
            }
            flux[frame] = frame == 0 ? 0 : gain;
            float[] swap = before;
            before = now;
            now = swap;
        }
        return loudest < SILENT ? new double[0] : normalised(flux);
    }

    private static double[] normalised(double[] flux) {
        int reach = (int) Math.round(PER_SECOND);
        double[] sums = new double[flux.length + 1];
        for (int i = 0; i < flux.length; i++) {
            sums[i + 1] = sums[i] + flux[i];
        }
        double[] above = new double[flux.length];
        double square = 0;
        for (int i = 0; i < flux.length; i++) {
            int from = Math.max(0, i - reach);
            int to = Math.min(flux.length, i + reach + 1);
            above[i] = Math.max(0, flux[i] - (sums[to] - sums[from]) / (to - from));
            square += above[i] * above[i];
        }
        double deviation = Math.sqrt(square / flux.length);
        if (deviation == 0) {
            return new double[0];
        }
        for (int i = 0; i < above.length; i++) {
            above[i] /= deviation;
        }
        return above;
    }

    /** The time from beat to beat, in frames, also parts of them; 0 where nothing repeats. */
    private static double period(double[] onsets) {
        double[] smooth = smoothed(onsets);
        int longest = (int) Math.min(smooth.length / 2, Math.ceil(60 * PER_SECOND / SLOWEST) + 1);
        int shortest = (int) Math.floor(60 * PER_SECOND / FASTEST);
        double[] alike = new double[2 * longest + 2];
        for (int lag = shortest / 2; lag < alike.length && lag < smooth.length; lag++) {
            double sum = 0;
            for (int i = lag; i < smooth.length; i++) {
                sum += smooth[i] * smooth[i - lag];
            }
            alike[lag] = sum / (smooth.length - lag) * Math.sqrt(1 - (double) lag / smooth.length);
        }
        int best = 0;
        double most = 0;
        for (int lag = shortest; lag <= longest; lag++) {
            double octaves = Math.log(60 * PER_SECOND / lag / USUAL) / Math.log(2);
            double weighed = alike[lag] * Math.exp(-0.5 * octaves * octaves / (SPREAD * SPREAD));
            if (alike[lag] >= alike[lag - 1] && alike[lag] >= alike[lag + 1] && weighed > most) {
                most = weighed;
                best = lag;
            }
        }
        while (best / 2 >= shortest && peak(alike, best / 2.0) > DOUBLED * alike[best]) {
            best = nearestPeak(alike, best / 2.0);
        }
        return best == 0 ? 0 : between(alike, best);
    }

    /** Over three frames, so that onsets a frame off still meet. */
    private static double[] smoothed(double[] onsets) {
        double[] smooth = new double[onsets.length];
        for (int i = 0; i < onsets.length; i++) {
            smooth[i] = 0.5 * onsets[i]
                    + 0.25 * onsets[Math.max(0, i - 1)]
                    + 0.25 * onsets[Math.min(onsets.length - 1, i + 1)];
        }
        return smooth;
    }

    private static int nearestPeak(double[] values, double at) {
        int best = (int) Math.floor(at) - 1;
        for (int lag = best; lag <= Math.ceil(at) + 1; lag++) {
            best = values[lag] > values[best] ? lag : best;
        }
        return best;
    }

    private static double peak(double[] values, double at) {
        return values[nearestPeak(values, at)];
    }

    /** The top of the parabola through three values. */
    private static double between(double[] values, int at) {
        double bend = values[at - 1] - 2 * values[at] + values[at + 1];
        return bend >= 0 ? at : at + 0.5 * (values[at - 1] - values[at + 1]) / bend;
    }

    /** The frames of the beats. */
    private static int[] track(double[] onsets, double period) {
        double[] smooth = smoothed(onsets);
        double[] score = new double[smooth.length];
        int[] from = new int[smooth.length];
        int nearest = (int) Math.round(period / 2);
        int farthest = (int) Math.round(2 * period);
        double strongest = Arrays.stream(smooth).max().orElse(0);
        boolean begun = false;
        for (int t = 0; t < smooth.length; t++) {
            double best = Double.NEGATIVE_INFINITY;
            from[t] = -1;
            for (int s = Math.max(0, t - farthest); s <= t - nearest; s++) {
                double off = Math.log((t - s) / period);
                double value = score[s] - TIGHT * off * off;
                if (value > best) {
                    best = value;
                    from[t] = s;
                }
            }
            score[t] = smooth[t] + (from[t] < 0 ? 0 : best);
            if (!begun && smooth[t] < 0.01 * strongest) {
                from[t] = -1;
                score[t] = smooth[t];
            } else {
                begun = true;
            }
        }
        return path(score, from, nearest);
    }

    /** Back from the best of the last scores. */
    private static int[] path(double[] score, int[] from, int nearest) {
        int end = score.length - 1;
        for (int t = Math.max(0, score.length - 2 * nearest); t < score.length; t++) {
            end = score[t] > score[end] ? t : end;
        }
        List<Integer> path = new ArrayList<>();
        for (int t = end; t >= 0; t = from[t]) {
            path.add(t);
        }
        return path.reversed().stream().mapToInt(Integer::intValue).toArray();
    }

    /** Beats at the steepest rise of energy beside their frames, and between strong ones as they lie; the weak ends are dropped. */
    private static Beats refined(Samples sound, double[] onsets, int[] frames) {
        double strongest = Arrays.stream(onsets).max().orElse(1);
        List<Double> times = new ArrayList<>();
        List<Double> strengths = new ArrayList<>();
        for (int frame : frames) {
            double strength = 0;
            for (int near = Math.max(0, frame - 2); near <= Math.min(onsets.length - 1, frame + 2); near++) {
                strength = Math.max(strength, onsets[near]);
            }
            double middle = (frame * (double) HOP + ONSET_IN_WINDOW) / Samples.RATE;
            times.add(strength > 0.1 * strongest ? Rise.near(sound, middle) : middle);
            strengths.add(Math.min(1, strength / strongest));
        }
        while (!times.isEmpty() && strengths.getLast() < 0.05) {
            times.removeLast();
            strengths.removeLast();
        }
        while (!times.isEmpty() && strengths.getFirst() < 0.05) {
            times.removeFirst();
            strengths.removeFirst();
        }
        return times.size() < 2 ? NONE : at(times, strengths);
    }

    /** Where in a window an onset stands when its spectrum gains most: nearly at its end, since the logarithm sees little things. */
    private static final double ONSET_IN_WINDOW = 1600;

    /** From the slope of a line through all beats. */
    private static double tempo(List<Double> times) {
        int count = times.size();
        double meanIndex = (count - 1) / 2.0;
        double meanTime =
                times.stream().mapToDouble(Double::doubleValue).average().orElse(0);
        double top = 0;
        double below = 0;
        for (int i = 0; i < count; i++) {
            top += (i - meanIndex) * (times.get(i) - meanTime);
            below += (i - meanIndex) * (i - meanIndex);
        }
        return 60 * below / top;
    }
}
