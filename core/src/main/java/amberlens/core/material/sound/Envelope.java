package amberlens.core.material.sound;

/**
 * How strong something is that is heard, in steps of {@value #STEP} pairs of samples: 20 ms.
 *
 * @param first the first step, counted from the start of the line-up
 * @param power the mean square of each step, both channels together
 */
public record Envelope(int first, float[] power) {
    /** Pairs of samples in a step. */
    public static final int STEP = Samples.RATE / 50;

    /**
     * Listens to a stretch.
     *
     * @param from seconds on the line-up, 0 or more
     * @param to likewise
     * @param progress asked again and again whether to go on; when not, the rest is silent
     */
    public static Envelope of(Mix voice, double from, double to, Beats.Progress progress) {
        int first = (int) Math.floor(from * Samples.RATE / STEP);
        int count = Math.max(0, (int) Math.ceil(to * Samples.RATE / STEP) - first);
        float[] power = new float[count];
        float[] pairs = new float[Samples.CHANNELS * STEP];
        for (int i = 0; i < count && (i % 500 != 0 || progress.at((double) i / count)); i++) {
            voice.read((long) (first + i) * STEP, STEP, pairs);
            double sum = 0;
            for (float sample : pairs) {
                sum += sample * sample;
            }
            power[i] = (float) (sum / pairs.length);
        }
        return new Envelope(first, power);
    }

    /** When a step begins, in seconds on the line-up. */
    double seconds(int step) {
        return (double) (first + step) * STEP / Samples.RATE;
    }
}
