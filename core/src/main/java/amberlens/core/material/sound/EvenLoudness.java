package amberlens.core.material.sound;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Seconds;
import amberlens.core.motion.curve.Channel;
import java.util.List;

/** Brings clips to one loudness. */
public final class EvenLoudness {
    /** The loudness of broadcast programmes, in LUFS: EBU R 128. */
    public static final double BROADCAST = -23;

    /** What streaming services bring films to, in LUFS, about: common practice. */
    public static final double STREAMING = -14;

    /** The highest true peak that is left, in dBTP: EBU R 128. */
    public static final double PEAK = -1;

    private EvenLoudness() {}

    /**
     * How loud what a clip plays is with its level; fades are left out of account.
     *
     * @param sound what it plays
     */
    public static Loudness played(Samples sound, SoundClip clip, FrameRate rate) {
        SoundClip alone = clip.withStart(Seconds.ZERO)
                .withFades(Seconds.ZERO, Seconds.ZERO)
                .withMute(false);
        return Loudness.of(
                new Mix(rate, 0).add(List.of(alone), _ -> sound),
                0,
                clip.length().samples(Samples.RATE));
    }

    /** By how many dB a sound has to be louder for a loudness in LUFS, less where its peaks would pass −1 dBTP; 0 for silence. */
    public static double change(Loudness played, double target) {
        return Double.isInfinite(played.integrated())
                ? 0
                : Math.min(target - played.integrated(), PEAK - played.truePeak());
    }

    /**
     * The level of a clip at which what it plays has a loudness; less where its peaks would pass −1 dBTP, and never above
     * {@value Level#MOST} dB. Keys keep their distances.
     *
     * @param level as it is
     * @param played how loud it is with that
     * @param target LUFS
     * @return the level as it is for what is silent
     */
    public static Channel<Double> level(Channel<Double> level, Loudness played, double target) {
        if (Double.isInfinite(played.integrated())) {
            return level;
        }
        double by = change(played, target);
        return level.mapValues(value -> Math.min(value + by, Level.MOST));
    }
}
