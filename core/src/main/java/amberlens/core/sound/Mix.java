package amberlens.core.sound;

import amberlens.core.time.FrameRate;
import amberlens.core.time.Seconds;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * All clips of a line-up together. A clip that overlaps the next one of its track passes into it with equal power; other fades run evenly
 * in decibels, from and to −96 dB. A frame n of the line-up begins at sample round(n · 48000 / rate).
 */
public final class Mix {
    private final List<Placed> clips = new ArrayList<>();

    /**
     * @param samples the sound of media, by their id; null where there is none, which is silent
     */
    public Mix(List<SoundClip> sounds, FrameRate rate, Function<String, @Nullable Samples> samples) {
        for (SoundClip clip : sounds) {
            Samples found = clip.mute() ? null : samples.apply(clip.media());
            if (found != null) {
                clips.add(new Placed(clip, found, rate, crossing(sounds, clip)));
            }
        }
    }

    /** The overlaps of a clip with its neighbours on its track: with the one before, and with the one after, in samples. */
    private static Crossing crossing(List<SoundClip> sounds, SoundClip clip) {
        List<SoundClip> row = sounds.stream()
                .filter(other -> other.track() == clip.track() && !other.mute())
                .sorted(Comparator.comparing(SoundClip::start))
                .toList();
        int at = row.indexOf(clip);
        long before = at > 0 ? overlap(row.get(at - 1), clip) : 0;
        long after = at + 1 < row.size() ? overlap(clip, row.get(at + 1)) : 0;
        return new Crossing(before, after);
    }

    private static long overlap(SoundClip earlier, SoundClip later) {
        Seconds over = earlier.end().minus(later.start());
        boolean within = over.compareTo(Seconds.ZERO) > 0
                && over.compareTo(later.length()) < 0
                && over.compareTo(earlier.length()) < 0;
        return within ? earlier.end().samples(Samples.RATE) - later.start().samples(Samples.RATE) : 0;
    }

    private record Crossing(long before, long after) {}

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
    }

    /** A clip at its place. */
    private static final class Placed {
        private final SoundClip clip;
        private final Samples samples;
        private final double framesPerSample;
        private final Crossing crossing;
        private final long start;
        private final long end;
        private final long in;
        private final long enter;
        private final long leave;
        private final double steady;

        private Placed(SoundClip clip, Samples samples, FrameRate rate, Crossing crossing) {
            this.clip = clip;
            this.samples = samples;
            this.crossing = crossing;
            framesPerSample = (double) rate.numerator() / rate.denominator() / Samples.RATE;
            start = clip.start().samples(Samples.RATE);
            end = clip.end().samples(Samples.RATE);
            in = clip.in().samples(Samples.RATE);
            enter = clip.enter().samples(Samples.RATE);
            leave = clip.leave().samples(Samples.RATE);
            steady = Level.gain(clip.level().at(0));
        }

        private void add(long from, int count, float[] one, float[] into) {
            int first = (int) Math.clamp(start - from, 0, count);
            int last = (int) Math.clamp(end - from, 0, count);
            if (first >= last) {
                return;
            }
            samples.read(from + first - start + in, last - first, one, first);
            boolean keyed = clip.level().animated();
            for (int i = first; i < last; i++) {
                long at = from + i - start;
                double gain = keyed ? Level.gain(clip.level().at(at * framesPerSample)) : steady;
                float factor = (float) (gain * faded(at));
                into[2 * i] += factor * one[2 * i];
                into[2 * i + 1] += factor * one[2 * i + 1];
            }
        }

        /** What the fades leave of a sample, by its place in the clip. */
        private double faded(long at) {
            long left = end - start - at;
            double gain = 1;
            if (at < crossing.before) {
                gain = Math.sin(Math.PI / 2 * (at + 0.5) / crossing.before);
            } else if (crossing.before == 0 && at < enter) {
                gain = Level.gain(Level.SILENT * (1 - (at + 0.5) / enter));
            }
            if (left <= crossing.after) {
                gain *= Math.cos(Math.PI / 2 * (crossing.after - left + 0.5) / crossing.after);
            } else if (crossing.after == 0 && left <= leave) {
                gain *= Level.gain(Level.SILENT * (1 - (left - 0.5) / leave));
            }
            return gain;
        }
    }
}
