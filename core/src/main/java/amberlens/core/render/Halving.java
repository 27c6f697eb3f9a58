package amberlens.core.render;

import amberlens.core.geometry.Size;
import java.util.Arrays;

/** One step of the pyramid: half the size through the cubic kernel stretched to two pixels. */
final class Halving {
    private static final int TAPS = 8;
    private static final int BEFORE = 3;
    private static final int CHANNELS = 4;
    private static final float[] WEIGHTS = weights();

    private Halving() {}

    static LinearRaster half(LinearRaster from, Rows rows) {
        var size = new Size((from.width() + 1) / 2, (from.height() + 1) / 2);
        var pixels = new long[Math.toIntExact(size.area())];
        rows.inBands(size.height(), (first, last) -> band(from, pixels, size, first, last));
        return new LinearRaster(size, pixels, from.opaque());
    }

    private static void band(LinearRaster from, long[] pixels, Size size, int first, int last) {
        float[] column = new float[from.width() * CHANNELS];
        var unpacked = new Unpacked(from);
        for (int y = first; y < last; y++) {
            Arrays.fill(column, 0);
            for (int tap = 0; tap < TAPS; tap++) {
                int row = Math.clamp(2 * y - BEFORE + tap, 0, from.height() - 1);
                add(column, unpacked.row(row), WEIGHTS[tap]);
            }
            across(column, from.width(), pixels, y * size.width(), size.width());
        }
    }

    /** The rows that the kernel covers as plain numbers, each unpacked once. */
    private static final class Unpacked {
        private final LinearRaster from;
        private final float[][] rows;
        private final int[] held = new int[TAPS];

        Unpacked(LinearRaster from) {
            this.from = from;
            rows = new float[TAPS][from.width() * CHANNELS];
            Arrays.fill(held, -1);
        }

        float[] row(int y) {
            int slot = y % TAPS;
            float[] row = rows[slot];
            if (held[slot] != y) {
                held[slot] = y;
                long[] pixels = from.pixels();
                int offset = from.row(y);
                for (int x = 0, i = 0; x < from.width(); x++, i += CHANNELS) {
                    long pixel = pixels[offset + x];
                    row[i] = Rgba16.red(pixel);
                    row[i + 1] = Rgba16.green(pixel);
                    row[i + 2] = Rgba16.blue(pixel);
                    row[i + 3] = Rgba16.alpha(pixel);
                }
            }
            return row;
        }
    }

    private static void add(float[] sum, float[] row, float weight) {
        for (int i = 0; i < sum.length; i++) {
            sum[i] += weight * row[i];
        }
    }

    private static void across(float[] row, int rowWidth, long[] pixels, int offset, int width) {
        for (int x = 0; x < width; x++) {
            int from = 2 * x - BEFORE;
            boolean inside = from >= 0 && from + TAPS <= rowWidth;
            float red = 0;
            float green = 0;
            float blue = 0;
            float alpha = 0;
            for (int tap = 0; tap < TAPS; tap++) {
                int at = CHANNELS * (inside ? from + tap : Math.clamp(from + tap, 0, rowWidth - 1));
                float weight = WEIGHTS[tap];
                red += weight * row[at];
                green += weight * row[at + 1];
                blue += weight * row[at + 2];
                alpha += weight * row[at + 3];
            }
            pixels[offset + x] = Rgba16.pack(rounded(red), rounded(green), rounded(blue), rounded(alpha));
        }
    }

    private static int rounded(float value) {
        return Math.clamp((int) (value + 0.5f), 0, 65535);
    }

    private static float[] weights() {
        var weights = new float[TAPS];
        double sum = 0;
        for (int tap = 0; tap < TAPS; tap++) {
            sum += Cubic.weight((tap - BEFORE - 0.5) / 2);
        }
        for (int tap = 0; tap < TAPS; tap++) {
            weights[tap] = (float) (Cubic.weight((tap - BEFORE - 0.5) / 2) / sum);
        }
        return weights;
    }
}
