package amberlens.core.render.filter;

import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.raster.Rows;
import java.util.Arrays;
import java.util.function.Supplier;

/**
 * From the pixels of a direction to the fewer places of a softener: each place is the sum of pixels weighed by a cubic B-spline, so that
 * no pixel moves and all are spread alike. Beyond the borders all is as at them.
 *
 * @param pixels of the direction
 */
public record FilterThinning(Softener softener, int pixels) {
    private static final int SPREAD = 4;

    /** All places, with those beyond the borders. */
    public int places() {
        return (pixels + softener.factor() - 1) / softener.factor() + 2 * softener.margin();
    }

    /** Whether places are pixels. */
    private boolean isNone() {
        return softener.factor() == 1;
    }

    /** Pixels that are needed before the first. */
    private int before() {
        return isNone() ? softener.margin() : (softener.margin() + 2) * softener.factor() - softener.factor() / 2;
    }

    /** All pixels that are needed. */
    private int all() {
        return isNone() ? places() : (places() - 1) * softener.factor() + taps();
    }

    private int taps() {
        return SPREAD * softener.factor();
    }

    /** The weights of the pixels about a place: a cubic B-spline, whose sum is 1. */
    private float[] weights() {
        float[] weights = new float[taps()];
        for (int i = 0; i < weights.length; i++) {
            double away = Math.abs((i + 0.5) / softener.factor() - 2);
            double value = away < 1
                    ? (4 - 6 * away * away + 3 * away * away * away) / 6
                    : (2 - away) * (2 - away) * (2 - away) / 6;
            weights[i] = (float) (value / softener.factor());
        }
        return weights;
    }

    /** Brings rows to their places, in one thread. */
    public Across across(Loops loops) {
        return new Across(loops);
    }

    /** Brings rows to their places. */
    public final class Across {
        private final Loops loops;
        private final float[] row = new float[4 * all() + Loops.SPARE];
        private final float[] weights = Arrays.copyOf(weights(), taps() + Loops.SPARE);

        private Across(Loops loops) {
            this.loops = loops;
        }

        /**
         * One row.
         *
         * @param from where the pixels begin
         * @param to where the row of places begins
         */
        public void thin(float[] light, int from, float[] places, int to) {
            System.arraycopy(light, from, row, 4 * before(), 4 * pixels);
            for (int i = 0; i < before(); i++) {
                System.arraycopy(light, from, row, 4 * i, 4);
            }
            for (int i = before() + pixels; i < all(); i++) {
                System.arraycopy(light, from + 4 * (pixels - 1), row, 4 * i, 4);
            }
            if (isNone()) {
                System.arraycopy(row, 0, places, to, 4 * places());
            } else {
                loops.thin(row, weights, taps(), softener.factor(), places, to, places());
            }
        }
    }

    /** Brings columns to their places. */
    LightField down(LightField field, Rows rows, Supplier<Loops> loops) {
        LightField padded = field.padded(before(), all() - before() - pixels);
        if (isNone()) {
            return padded;
        }
        LightField thin = LightField.blank(field.width(), places());
        float[] weights = weights();
        int pitch = 4 * field.width();
        rows.inBands(places(), () -> {
            Loops own = loops.get();
            float[] sum = new float[pitch + Loops.SPARE];
            return (first, last) -> {
                for (int y = first; y < last; y++) {
                    int from = padded.row(y * softener.factor());
                    own.down(padded.light(), from, pitch, weights, 0, taps(), sum, pitch);
                    System.arraycopy(sum, 0, thin.light(), thin.row(y), pitch);
                }
            };
        });
        return thin;
    }
}
