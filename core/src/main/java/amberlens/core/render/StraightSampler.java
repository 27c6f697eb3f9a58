package amberlens.core.render;

import amberlens.core.geometry.AffineMap;
import amberlens.core.geometry.Size;

/**
 * Reads an unturned layer: first along the rows of the picture, then down its columns. Rows of the picture that several
 * output rows need are filtered once.
 */
final class StraightSampler implements RowSampler {
    private static final float TO_UNIT = 1f / 65535;

    private final LinearRaster level;
    private final int channels;
    private final int width;
    private final Taps across;
    private final Taps down;
    private final float[][] kept;
    private final int[] keptRow;
    private final float[] sum;
    private final float[] coverX;
    private final float[] coverY;

    StraightSampler(Layer layer, Size output) {
        AffineMap map = layer.toOutput();
        int index = layer.picture().levelFor(Math.max(map.xx(), map.yy()));
        level = layer.picture().level(index);
        double size = 1 << index;
        channels = level.opaque() ? 3 : 4;
        width = output.width();
        across = new Taps(width, level.width(), map.xx() * size, map.dx());
        down = new Taps(output.height(), level.height(), map.yy() * size, map.dy());
        kept = new float[down.count][width * channels];
        keptRow = new int[down.count];
        java.util.Arrays.fill(keptRow, -1);
        sum = new float[width * channels];
        Size picture = layer.picture().size();
        coverX = cover(layer, width, map.dx(), map.xx() * picture.width());
        coverY = cover(layer, output.height(), map.dy(), map.yy() * picture.height());
    }

    private static float[] cover(Layer layer, int outputs, double from, double length) {
        var cover = new float[outputs];
        for (int i = 0; i < outputs; i++) {
            double centre = i + 0.5 - from;
            cover[i] = layer.covers()
                    ? 1
                    : (float) Math.max(0, Coverage.of(centre, 1) + Coverage.of(length - centre, 1) - 1);
        }
        return cover;
    }

    @Override
    public void row(int y, float[] rgba) {
        if (coverY[y] == 0) {
            java.util.Arrays.fill(rgba, 0, width * 4, 0);
            return;
        }
        downwards(y);
        if (channels == 3) {
            writeOpaque(rgba, coverY[y]);
        } else {
            writeWithAlpha(rgba, coverY[y]);
        }
    }

    private void downwards(int y) {
        int first = down.first[y];
        int weight = y * down.count;
        if (down.count == 4) {
            blendFour(filtered(first), filtered(first + 1), filtered(first + 2), filtered(first + 3), weight);
            return;
        }
        java.util.Arrays.fill(sum, 0);
        for (int tap = 0; tap < down.count; tap++) {
            float factor = down.weights[weight + tap];
            if (factor != 0) {
                add(filtered(first + tap), factor);
            }
        }
    }

    private void blendFour(float[] a, float[] b, float[] c, float[] d, int weight) {
        float wa = down.weights[weight];
        float wb = down.weights[weight + 1];
        float wc = down.weights[weight + 2];
        float wd = down.weights[weight + 3];
        for (int i = 0; i < sum.length; i++) {
            sum[i] = wa * a[i] + wb * b[i] + wc * c[i] + wd * d[i];
        }
    }

    private void add(float[] row, float factor) {
        for (int i = 0; i < sum.length; i++) {
            sum[i] += factor * row[i];
        }
    }

    private float[] filtered(int row) {
        int slot = row % kept.length;
        if (keptRow[slot] != row) {
            keptRow[slot] = row;
            if (across.count == 4) {
                filterFour(level.row(row), kept[slot]);
            } else {
                filter(level.row(row), kept[slot]);
            }
        }
        return kept[slot];
    }

    private void filterFour(int offset, float[] into) {
        char[] data = level.data();
        float[] weights = across.weights;
        for (int x = 0; x < width; x++) {
            int at = offset + across.first[x] * LinearRaster.CHANNELS;
            float a = weights[4 * x];
            float b = weights[4 * x + 1];
            float c = weights[4 * x + 2];
            float d = weights[4 * x + 3];
            int to = x * channels;
            into[to] = a * data[at] + b * data[at + 4] + c * data[at + 8] + d * data[at + 12];
            into[to + 1] = a * data[at + 1] + b * data[at + 5] + c * data[at + 9] + d * data[at + 13];
            into[to + 2] = a * data[at + 2] + b * data[at + 6] + c * data[at + 10] + d * data[at + 14];
            if (channels == 4) {
                into[to + 3] = a * data[at + 3] + b * data[at + 7] + c * data[at + 11] + d * data[at + 15];
            }
        }
    }

    private void filter(int offset, float[] into) {
        char[] data = level.data();
        for (int x = 0; x < width; x++) {
            int at = offset + across.first[x] * LinearRaster.CHANNELS;
            float red = 0;
            float green = 0;
            float blue = 0;
            float alpha = 0;
            for (int tap = 0; tap < across.count; tap++) {
                float weight = across.weights[x * across.count + tap];
                red += weight * data[at];
                green += weight * data[at + 1];
                blue += weight * data[at + 2];
                alpha += weight * data[at + 3];
                at += LinearRaster.CHANNELS;
            }
            int to = x * channels;
            into[to] = red;
            into[to + 1] = green;
            into[to + 2] = blue;
            if (channels == 4) {
                into[to + 3] = alpha;
            }
        }
    }

    private void writeOpaque(float[] rgba, float rowCover) {
        for (int x = 0; x < width; x++) {
            float cover = coverX[x] * rowCover;
            float factor = cover * TO_UNIT;
            rgba[4 * x] = sum[3 * x] * factor;
            rgba[4 * x + 1] = sum[3 * x + 1] * factor;
            rgba[4 * x + 2] = sum[3 * x + 2] * factor;
            rgba[4 * x + 3] = cover;
        }
    }

    private void writeWithAlpha(float[] rgba, float rowCover) {
        for (int x = 0; x < width; x++) {
            float factor = coverX[x] * rowCover * TO_UNIT;
            for (int channel = 0; channel < 4; channel++) {
                rgba[4 * x + channel] = sum[4 * x + channel] * factor;
            }
        }
    }
}
