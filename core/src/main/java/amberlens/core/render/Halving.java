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
        for (int y = first; y < last; y++) {
            Arrays.fill(column, 0);
            for (int tap = 0; tap < TAPS; tap++) {
                int row = Math.clamp(2 * y - BEFORE + tap, 0, from.height() - 1);
                addRow(column, from.pixels(), from.row(row), WEIGHTS[tap]);
            }
            across(column, from.width(), pixels, y * size.width(), size.width());
        }
    }

    private static void addRow(float[] sum, long[] pixels, int offset, float weight) {
        for (int i = 0; i < sum.length; i += CHANNELS) {
            long pixel = pixels[offset + i / CHANNELS];
            sum[i] += weight * Rgba16.red(pixel);
            sum[i + 1] += weight * Rgba16.green(pixel);
            sum[i + 2] += weight * Rgba16.blue(pixel);
            sum[i + 3] += weight * Rgba16.alpha(pixel);
        }
    }

    private static void across(float[] row, int rowWidth, long[] pixels, int offset, int width) {
        for (int x = 0; x < width; x++) {
            float red = 0;
            float green = 0;
            float blue = 0;
            float alpha = 0;
            for (int tap = 0; tap < TAPS; tap++) {
                int at = CHANNELS * Math.clamp(2 * x - BEFORE + tap, 0, rowWidth - 1);
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
