package amberlens.core.sound;

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
     * The level at which the stretch that a clip plays has a loudness; less where its peaks would pass −1 dBTP, and never above
     * {@value Level#MOST} dB.
     *
     * @param target LUFS
     * @return dB; 0 for what is silent
     */
    public static double level(Samples sound, SoundClip clip, double target) {
        long from = clip.in().samples(Samples.RATE);
        long count = Math.min(clip.length().samples(Samples.RATE), Math.max(0, sound.length() - from));
        Loudness loudness = Loudness.of(sound, from, count);
        if (Double.isInfinite(loudness.integrated())) {
            return 0;
        }
        double wanted = target - loudness.integrated();
        return Math.min(Math.min(wanted, PEAK - loudness.truePeak()), Level.MOST);
    }
}
