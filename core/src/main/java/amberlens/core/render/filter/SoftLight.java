package amberlens.core.render.filter;

import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Window;
import java.util.function.Supplier;

/**
 * Blurred light, ready to be read window by window.
 *
 * @param field on fewer places, with their margins
 * @param pixels of the output that the field was made of, and of what lies beside it
 * @param opaque whether it is so everywhere
 */
public record SoftLight(LightField field, Softener across, Softener down, Window pixels, boolean opaque) {
    /**
     * Blurs a field.
     *
     * @param field places across, but all pixels down
     */
    public static SoftLight of(
            LightField field,
            Softener across,
            Softener down,
            Window pixels,
            boolean opaque,
            Rows rows,
            Supplier<Loops> loops) {
        return blurred(
                new FilterThinning(down, field.height()).down(field, rows, loops),
                across,
                down,
                pixels,
                opaque,
                rows,
                loops);
    }

    /**
     * Likewise, of a field that has its places in both directions and what lies beyond its borders.
     *
     * @param thin changes
     */
    public static SoftLight blurred(
            LightField thin,
            Softener across,
            Softener down,
            Window pixels,
            boolean opaque,
            Rows rows,
            Supplier<Loops> loops) {
        across.across(thin, rows, loops);
        return new SoftLight(down.down(thin, rows, loops), across, down, pixels, opaque);
    }

    /** Reads it, in one thread. */
    public Reader reader(Loops loops) {
        return new Reader(loops);
    }

    /** The weights of a cubic B-spline for the four places around one that lies a part 0 … 1 behind the second. */
    private static void spline(double part, float[] weights, int at) {
        double rest = 1 - part;
        weights[at] = (float) (rest * rest * rest / 6);
        weights[at + 1] = (float) ((3 * part * part * part - 6 * part * part + 4) / 6);
        weights[at + 2] = (float) ((3 * rest * rest * rest - 6 * rest * rest + 4) / 6);
        weights[at + 3] = (float) (part * part * part / 6);
    }

    /** Brings windows to full size. */
    public final class Reader {
        private static final int TAPS = 4;

        private final Loops loops;
        private final float[] row = new float[4 * field.width() + Loops.SPARE];
        private final float[] vertical = new float[TAPS];
        private int[] places = new int[0];
        private float[] weights = new float[0];
        private int firstPlace;
        private int lastPlace;

        private Reader(Loops loops) {
            this.loops = loops;
        }

        /** Whether anything may be seen in a window; beyond the reach of what was blurred is nothing, or the frame ends. */
        public boolean reaches(Window window) {
            return window.left() < pixels.left() + pixels.width() + across.reach()
                    && window.left() + window.width() > pixels.left() - across.reach()
                    && window.top() < pixels.top() + pixels.height() + down.reach()
                    && window.top() + window.height() > pixels.top() - down.reach();
        }

        /** Fills a window with premultiplied linear light. */
        public void read(Window window, float[] light) {
            place(window);
            for (int y = 0; y < window.height(); y++) {
                int to = window.row(y);
                if (down.factor() > 1) {
                    mix(window.top() - pixels.top() + y);
                    across(row, 0, window, light, to);
                } else {
                    int place = Math.clamp(window.top() - pixels.top() + y + down.margin(), 0, field.height() - 1);
                    across(field.light(), field.row(place), window, light, to);
                }
                if (opaque) {
                    for (int k = 0, i = to + 3; k < window.width(); k++, i += 4) {
                        light[i] = 1;
                    }
                }
            }
        }

        /** One row of places, which begins somewhere, to one row of the window. */
        private void across(float[] from, int at, Window window, float[] light, int to) {
            if (across.factor() > 1) {
                loops.across(from, shifted(at), weights, TAPS, light, to, window.width());
            } else {
                copy(from, at, window, light, to);
            }
        }

        private int[] shifted(int by) {
            if (by == 0) {
                return places;
            }
            int[] moved = places.clone();
            for (int i = 0; i < moved.length; i++) {
                moved[i] += by;
            }
            return moved;
        }

        private void copy(float[] from, int at, Window window, float[] light, int to) {
            int left = window.left() - pixels.left() + across.margin();
            if (left >= 0 && left + window.width() <= field.width()) {
                System.arraycopy(from, at + 4 * left, light, to, 4 * window.width());
                return;
            }
            for (int k = 0; k < window.width(); k++) {
                System.arraycopy(from, at + 4 * Math.clamp(left + k, 0, field.width() - 1), light, to + 4 * k, 4);
            }
        }

        /** Where each column's four neighbours stand, and their weights. */
        private void place(Window window) {
            if (across.factor() == 1) {
                firstPlace = 0;
                lastPlace = 4 * field.width();
                return;
            }
            if (places.length < window.width()) {
                places = new int[window.width()];
                weights = new float[TAPS * window.width() + Loops.SPARE];
            }
            for (int k = 0; k < window.width(); k++) {
                double centre = (window.left() - pixels.left() + k + 0.5) / across.factor() + across.margin() - 0.5;
                int second = (int) Math.floor(centre);
                places[k] = 4 * Math.clamp(second - 1, 0, field.width() - TAPS);
                spline(centre - second, weights, TAPS * k);
            }
            firstPlace = places[0];
            lastPlace = places[window.width() - 1] + 4 * TAPS;
            if (down.factor() > 1) {
                for (int k = 0; k < window.width(); k++) {
                    places[k] -= firstPlace;
                }
            }
        }

        private void mix(int y) {
            double centre = (y + 0.5) / down.factor() + down.margin() - 0.5;
            int second = (int) Math.floor(centre);
            spline(centre - second, vertical, 0);
            int first = Math.clamp(second - 1, 0, field.height() - TAPS);
            int at = field.row(first) + firstPlace;
            loops.down(field.light(), at, 4 * field.width(), vertical, 0, TAPS, row, lastPlace - firstPlace);
        }
    }
}
