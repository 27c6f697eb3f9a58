package amberlens.core.material.sound;

import amberlens.core.base.time.FrameRate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * All clips of a line-up together. A clip that overlaps the next one of its track passes into it with equal power; other fades run evenly
 * in decibels, from and to −96 dB. A frame n of the line-up begins at sample round(n · 48000 / rate).
 */
public final class Mix {
    private final FrameRate rate;
    private final float master;
    private final List<Placed> clips;

    /** @param level of all together, in dB */
    public Mix(FrameRate rate, double level) {
        this(rate, (float) Level.gain(level), new ArrayList<>());
    }

    private Mix(FrameRate rate, float master, List<Placed> clips) {
        this.rate = rate;
        this.master = master;
        this.clips = clips;
    }

    /** The same, louder as a whole by so many dB, quieter if negative. */
    public Mix louder(double decibels) {
        return new Mix(rate, (float) (master * Math.pow(10, decibels / 20)), clips);
    }

    /**
     * Adds clips, which cross with each other where they overlap on a track. For the thread that makes the mix.
     *
     * @param samples the sound of a clip; null where there is none, which is silent
     */
    public Mix add(List<SoundClip> sounds, Function<SoundClip, @Nullable Samples> samples) {
        for (SoundClip clip : sounds) {
            Samples found = clip.mute() ? null : samples.apply(clip);
            if (found != null) {
                clips.add(new Placed(clip, found, new Gain(clip, sounds, rate)));
            }
        }
        return this;
    }

    /** Whether nothing is to be heard. */
    public boolean isSilent() {
        return clips.isEmpty();
    }

    /**
     * Mixes a stretch.
     *
     * @param from the first pair of samples, from the start of the line-up
     * @param count pairs
     * @param into left and right in turn; what is there is replaced
     */
    public void read(long from, int count, float[] into) {
        Arrays.fill(into, 0, Samples.CHANNELS * count, 0);
        float[] one = new float[Samples.CHANNELS * count];
        for (Placed clip : clips) {
            clip.add(from, count, one, into);
        }
        if (master != 1) {
            for (int i = 0; i < Samples.CHANNELS * count; i++) {
                into[i] *= master;
            }
        }
    }

    /** A clip at its place. */
    private static final class Placed {
        private final Samples samples;
        private final Gain gain;
        private final long start;
        private final long end;
        private final long in;

        private Placed(SoundClip clip, Samples samples, Gain gain) {
            this.samples = samples;
            this.gain = gain;
            start = clip.start().samples(Samples.RATE);
            end = clip.end().samples(Samples.RATE);
            in = clip.in().samples(Samples.RATE);
        }

        private void add(long from, int count, float[] one, float[] into) {
            int first = Math.clamp(start - from, 0, count);
            int last = Math.clamp(end - from, 0, count);
            if (first >= last) {
                return;
            }
            samples.read(from + first - start + in, last - first, one, first);
            for (int i = first; i < last; i++) {
                float factor = (float) gain.at(from + i - start);
                into[2 * i] += factor * one[2 * i];
                into[2 * i + 1] += factor * one[2 * i + 1];
            }
        }
    }
}
