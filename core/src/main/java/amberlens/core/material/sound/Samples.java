package amberlens.core.material.sound;

/** A sound that is available: pairs of samples, left and right, {@value #RATE} a second. Safe for use from several threads. */
public interface Samples {
    /** Samples of each channel in a second. */
    int RATE = 48_000;

    int CHANNELS = 2;

    /** How many pairs it has. */
    long length();

    /**
     * Adds nothing, replaces: fills pairs of samples; before the beginning and behind the end there is silence.
     *
     * @param from the first pair
     * @param count pairs
     * @param into left and right in turn
     * @param at where in it the first pair goes, in pairs
     */
    void read(long from, int count, float[] into, int at);

    /** Sound that is held in memory. */
    static Samples of(float[] pairs) {
        return new Samples() {
            @Override
            public long length() {
                return pairs.length / CHANNELS;
            }

            @Override
            public void read(long from, int count, float[] into, int at) {
                for (int i = 0; i < count; i++) {
                    long pair = from + i;
                    boolean inside = pair >= 0 && pair < length();
                    for (int c = 0; c < CHANNELS; c++) {
                        into[CHANNELS * (at + i) + c] = inside ? pairs[(int) (CHANNELS * pair) + c] : 0;
                    }
                }
            }
        };
    }
}
