package amberlens.core.render.filter;

/** Φ, the share of a normal distribution below a number, from a table with lines between; off by less than 1e-6. */
final class NormalTable {
    private static final double FURTHEST = 6;
    private static final int STEPS = 6144;
    private static final float[] TABLE = table();

    private NormalTable() {}

    /** Simpson's rule over the density, from the middle outwards. */
    private static float[] table() {
        float[] table = new float[STEPS + 2];
        double width = 2 * FURTHEST / STEPS;
        double sum = 0.5;
        table[STEPS / 2] = 0.5f;
        for (int i = STEPS / 2 + 1; i < table.length; i++) {
            double from = (i - 1 - STEPS / 2) * width;
            sum += width / 6 * (density(from) + 4 * density(from + width / 2) + density(from + width));
            table[i] = (float) sum;
        }
        for (int i = 0; i < STEPS / 2; i++) {
            table[i] = 1 - table[STEPS - i];
        }
        return table;
    }

    private static double density(double x) {
        return Math.exp(-x * x / 2) / Math.sqrt(2 * Math.PI);
    }

    static float below(float number) {
        float step = (float) ((number + FURTHEST) * (STEPS / (2 * FURTHEST)));
        if (!(step > 0)) {
            return 0;
        }
        if (step >= STEPS) {
            return 1;
        }
        int i = (int) step;
        return TABLE[i] + (step - i) * (TABLE[i + 1] - TABLE[i]);
    }
}
