package amberlens.core.material.sound;

/** Finds where the energy of a sound rises most. */
final class Rise {
    /** How far to either side is looked, in seconds. */
    private static final double REACH = 0.045;

    private static final int STEP = 48;

    /** The energy of that many steps is compared with that of as many before. */
    private static final int WIDE = 5;

    private Rise() {}

    /** The steepest rise near a time, in seconds; that time itself where nothing rises. */
    static double near(Samples sound, double seconds) {
        int steps = (int) Math.round(2 * REACH * Samples.RATE / STEP) + 2 * WIDE;
        long from = Math.round((seconds - REACH) * Samples.RATE) - (long) WIDE * STEP;
        float[] pairs = new float[Samples.CHANNELS * steps * STEP];
        sound.read(from, steps * STEP, pairs, 0);
        double[] energy = new double[steps + 1];
        for (int step = 0; step < steps; step++) {
            double sum = 0;
            for (int i = 2 * step * STEP; i < 2 * (step + 1) * STEP; i++) {
                sum += pairs[i] * pairs[i];
            }
            energy[step + 1] = energy[step] + sum;
        }
        double most = 0;
        int best = -1;
        for (int step = WIDE; step <= steps - WIDE; step++) {
            double after = energy[step + WIDE] - energy[step];
            double before = energy[step] - energy[step - WIDE];
            double rise = (after - before) * after / (after + before + 1e-12);
            if (rise > most) {
                most = rise;
                best = step;
            }
        }
        return best < 0 ? seconds : (from + (long) best * STEP) / (double) Samples.RATE;
    }
}
