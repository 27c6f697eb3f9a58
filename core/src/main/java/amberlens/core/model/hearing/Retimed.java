package amberlens.core.model.hearing;

import amberlens.core.material.footage.SourceTime;
import amberlens.core.material.sound.Samples;
import java.util.Arrays;

/**
 * The sound of footage whose speed is keyed, in time with its picture: higher where it runs faster, as from a tape. Where it runs
 * backwards or stands it is silent.
 */
final class Retimed implements Samples {
    /** The way is looked up so often; between, it goes evenly. */
    private static final int STEP = 64;

    /** Below that part of its own speed a sound dies away. */
    private static final double SLOWEST = 0.05;

    private final Samples source;
    private final SourceTime time;
    private final double framesPerSample;
    private final double samplesPerPlace;
    private final long length;

    /** @param frames of the shot */
    Retimed(Samples source, SourceTime time, int frames) {
        this.source = source;
        this.time = time;
        framesPerSample = time.rate().perSecond() / RATE;
        samplesPerPlace = RATE / time.footage().rate().perSecond();
        length = Math.round(frames / framesPerSample);
    }

    @Override
    public long length() {
        return length;
    }

    @Override
    public void read(long from, int count, float[] into, int at) {
        Arrays.fill(into, CHANNELS * at, CHANNELS * (at + count), 0);
        for (int done = 0; done < count; done += STEP) {
            stretch(from + done, Math.min(STEP, count - done), into, at + done);
        }
    }

    private void stretch(long from, int count, float[] into, int at) {
        double begin = place(from);
        double perSample = (place(from + count) - begin) / count;
        if (perSample <= 0) {
            return;
        }
        double gain = Math.min(1, perSample / SLOWEST);
        long first = (long) Math.floor(begin);
        int needed = (int) Math.ceil(perSample * count) + 3;
        float[] around = new float[CHANNELS * needed];
        source.read(first, needed, around, 0);
        for (int i = 0; i < count; i++) {
            double place = begin - first + i * perSample;
            int whole = (int) place;
            double part = place - whole;
            for (int c = 0; c < CHANNELS; c++) {
                double one = around[CHANNELS * whole + c];
                double next = around[CHANNELS * (whole + 1) + c];
                into[CHANNELS * (at + i) + c] = (float) (gain * (one + part * (next - one)));
            }
        }
    }

    private double place(long sample) {
        return time.place(sample * framesPerSample) * samplesPerPlace;
    }
}
