package amberlens.core.material.sound;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Seconds;
import amberlens.core.motion.curve.Channel;
import java.util.Comparator;
import java.util.List;

/**
 * What the samples of a clip are multiplied by: its level, and its fades. Where it overlaps a neighbour of its track they pass into each
 * other with equal power; else fades run evenly in decibels, from and to −96 dB.
 */
public final class Gain {
    private final Channel<Double> level;
    private final boolean keyed;
    private final double steady;
    private final double framesPerSample;
    private final long length;
    private final long enter;
    private final long leave;
    private final long before;
    private final long after;

    /**
     * @param sounds all that may be its neighbours
     * @param rate of the line-up
     */
    public Gain(SoundClip clip, List<SoundClip> sounds, FrameRate rate) {
        level = clip.level();
        keyed = level.animated();
        steady = Level.gain(level.at(0));
        framesPerSample = (double) rate.numerator() / rate.denominator() / Samples.RATE;
        length = clip.end().samples(Samples.RATE) - clip.start().samples(Samples.RATE);
        enter = clip.enter().samples(Samples.RATE);
        leave = clip.leave().samples(Samples.RATE);
        List<SoundClip> row = sounds.stream()
                .filter(other -> other.track() == clip.track() && !other.mute())
                .sorted(Comparator.comparing(SoundClip::start))
                .toList();
        int at = row.indexOf(clip);
        before = at > 0 ? overlap(row.get(at - 1), clip) : 0;
        after = at >= 0 && at + 1 < row.size() ? overlap(clip, row.get(at + 1)) : 0;
    }

    /** How long a clip passes into the next one of its track, in samples; 0 where one lies within the other. */
    private static long overlap(SoundClip earlier, SoundClip later) {
        Seconds over = earlier.end().minus(later.start());
        boolean within = over.compareTo(Seconds.ZERO) > 0
                && over.compareTo(later.length()) < 0
                && over.compareTo(earlier.length()) < 0;
        return within ? earlier.end().samples(Samples.RATE) - later.start().samples(Samples.RATE) : 0;
    }

    /** The factor at a sample of the clip. */
    public double at(long sample) {
        double gain = keyed ? Level.gain(level.at(sample * framesPerSample)) : steady;
        long left = length - sample;
        if (sample < before) {
            gain *= Math.sin(Math.PI / 2 * (sample + 0.5) / before);
        } else if (before == 0 && sample < enter) {
            gain *= Level.gain(Level.SILENT * (1 - (sample + 0.5) / enter));
        }
        if (left <= after) {
            gain *= Math.cos(Math.PI / 2 * (after - left + 0.5) / after);
        } else if (after == 0 && left <= leave) {
            gain *= Level.gain(Level.SILENT * (1 - (left - 0.5) / leave));
        }
        return gain;
    }
}
