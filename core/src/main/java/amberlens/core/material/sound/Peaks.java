package amberlens.core.material.sound;

import java.util.ArrayList;
import java.util.List;

/** The least and greatest samples of a sound over stretches of several lengths, so that its wave is drawn at any zoom without reading it. */
public final class Peaks {
    /** Samples in the shortest stretch. */
    public static final int STEP = 256;

    private static final int TIMES = 4;
    private static final int READ = STEP * 64;

    private final List<float[]> least = new ArrayList<>();
    private final List<float[]> most = new ArrayList<>();
    private final long length;

    private Peaks(long length) {
        this.length = length;
    }

    /**
     * The extremes of a sound, both channels together.
     *
     * @param beginning asked with the part that is done, 0 … 1, whether to go on; when not, the rest is silent
     */
    public static Peaks of(Samples sound, Beats.Progress beginning) {
        var peaks = new Peaks(sound.length());
        int steps = Math.toIntExact((sound.length() + STEP - 1) / STEP);
        float[] low = new float[steps];
        float[] high = new float[steps];
        float[] pairs = new float[Samples.CHANNELS * READ];
        for (int step = 0; step < steps && beginning.at((double) step / steps); step += READ / STEP) {
            sound.read((long) step * STEP, READ, pairs, 0);
            for (int i = 0; i < READ / STEP && step + i < steps; i++) {
                extremes(pairs, Samples.CHANNELS * STEP * i, low, high, step + i);
            }
        }
        peaks.add(low, high);
        return peaks;
    }

    private static void extremes(float[] pairs, int from, float[] low, float[] high, int at) {
        float least = pairs[from];
        float most = pairs[from];
        for (int i = from + 1; i < from + Samples.CHANNELS * STEP; i++) {
            least = Math.min(least, pairs[i]);
            most = Math.max(most, pairs[i]);
        }
        low[at] = least;
        high[at] = most;
    }

    /** A level, and all coarser ones. */
    private void add(float[] low, float[] high) {
        least.add(low);
        most.add(high);
        if (low.length <= TIMES) {
            return;
        }
        int steps = (low.length + TIMES - 1) / TIMES;
        float[] lower = new float[steps];
        float[] higher = new float[steps];
        for (int step = 0; step < steps; step++) {
            int from = step * TIMES;
            lower[step] = low[from];
            higher[step] = high[from];
            for (int i = from + 1; i < Math.min(low.length, from + TIMES); i++) {
                lower[step] = Math.min(lower[step], low[i]);
                higher[step] = Math.max(higher[step], high[i]);
            }
        }
        add(lower, higher);
    }

    /** The pairs of samples of the sound. */
    public long length() {
        return length;
    }

    /** Least and greatest of a stretch of samples, to whole steps; both 0 beyond the sound. */
    public record Extremes(float least, float most) {}

    /** The extremes between two pairs of samples. */
    public Extremes between(long from, long to) {
        long width = Math.max(STEP, to - from);
        int level = 0;
        long step = STEP;
        while (level + 1 < least.size() && step * TIMES <= width) {
            level++;
            step *= TIMES;
        }
        float[] low = least.get(level);
        float[] high = most.get(level);
        int first = Math.clamp(Math.floorDiv(from, step), 0, low.length);
        int last = Math.clamp(Math.floorDiv(Math.max(from, to - 1), step) + 1, 0, low.length);
        if (to <= 0 || first >= last) {
            return new Extremes(0, 0);
        }
        float lowest = low[first];
        float highest = high[first];
        for (int i = first + 1; i < last; i++) {
            lowest = Math.min(lowest, low[i]);
            highest = Math.max(highest, high[i]);
        }
        return new Extremes(lowest, highest);
    }
}
