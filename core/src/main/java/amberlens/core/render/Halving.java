package amberlens.core.render;

import amberlens.core.geometry.Size;

/** One step of the pyramid: half the size through the cubic kernel stretched to two pixels. */
final class Halving {
    private static final int TAPS = 8;
    private static final int BEFORE = 3;
    private static final float[] WEIGHTS = weights();

    private Halving() {}

    static LinearRaster half(LinearRaster from, Rows rows) {
        var size = new Size((from.width() + 1) / 2, (from.height() + 1) / 2);
        var data = new char[Math.toIntExact(size.area() * LinearRaster.CHANNELS)];
        rows.inBands(size.height(), (first, last) -> band(from, data, size, first, last));
        return new LinearRaster(size, data, from.opaque());
    }

    private static void band(LinearRaster from, char[] data, Size size, int first, int last) {
        float[] column = new float[from.width() * LinearRaster.CHANNELS];
        for (int y = first; y < last; y++) {
            java.util.Arrays.fill(column, 0);
            for (int tap = 0; tap < TAPS; tap++) {
                int row = Math.clamp(2 * y - BEFORE + tap, 0, from.height() - 1);
                addRow(column, from.data(), from.row(row), WEIGHTS[tap]);
            }
            across(column, from.width(), data, y * size.width() * LinearRaster.CHANNELS, size.width());
        }
    }

    private static void addRow(float[] sum, char[] data, int offset, float weight) {
        for (int i = 0; i < sum.length; i++) {
            sum[i] += weight * data[offset + i];
        }
    }

    private static void across(float[] row, int rowWidth, char[] data, int offset, int width) {
        for (int x = 0; x < width; x++) {
            float red = 0;
            float green = 0;
            float blue = 0;
            float alpha = 0;
            for (int tap = 0; tap < TAPS; tap++) {
                int at = LinearRaster.CHANNELS * Math.clamp(2 * x - BEFORE + tap, 0, rowWidth - 1);
                float weight = WEIGHTS[tap];
                red += weight * row[at];
                green += weight * row[at + 1];
                blue += weight * row[at + 2];
                alpha += weight * row[at + 3];
            }
            int to = offset + LinearRaster.CHANNELS * x;
            data[to] = rounded(red);
            data[to + 1] = rounded(green);
            data[to + 2] = rounded(blue);
            data[to + 3] = rounded(alpha);
        }
    }

    private static char rounded(float value) {
        return (char) Math.clamp((int) (value + 0.5f), 0, 65535);
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
