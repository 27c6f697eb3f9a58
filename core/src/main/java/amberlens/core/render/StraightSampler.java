package amberlens.core.render;

import amberlens.core.geometry.AffineMap;
import amberlens.core.geometry.Size;
import java.util.Arrays;

/**
 * Reads an unturned layer: first along the rows of the picture, then down its columns. Rows of the picture that several
 * output rows need are filtered once.
 */
final class StraightSampler implements RowSampler {
    private static final float DOWN_TO_UNIT = Rgba16.TO_UNIT / Rgba16.ONE;

    private final LinearRaster level;
    private final int channels;
    private final int width;
    private final Taps across;
    private final Taps down;
    private final float[][] kept;
    private final int[] keptRow;
    private final float[] sum;
    private final boolean covers;
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
        Arrays.fill(keptRow, -1);
        sum = new float[width * channels];
        Size picture = layer.picture().size();
        covers = layer.covers();
        coverX = cover(covers, width, map.dx(), map.xx() * picture.width());
        coverY = cover(covers, output.height(), map.dy(), map.yy() * picture.height());
    }

    private static float[] cover(boolean covers, int outputs, double from, double length) {
        var cover = new float[outputs];
        for (int i = 0; i < outputs; i++) {
            double centre = i + 0.5 - from;
            cover[i] = covers ? 1 : (float) Math.max(0, Coverage.of(centre, 1) + Coverage.of(length - centre, 1) - 1);
        }
        return cover;
    }

    @Override
    public void row(int y, float[] rgba) {
        if (coverY[y] == 0) {
            Arrays.fill(rgba, 0, width * 4, 0);
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
        Arrays.fill(sum, 0);
        int tap = 0;
        for (; tap + 4 <= down.count; tap += 4) {
            addFour(first + tap, weight + tap);
        }
        for (; tap < down.count; tap++) {
            add(filtered(first + tap), down.weights[weight + tap]);
        }
    }

    private void addFour(int row, int weight) {
        float[] a = filtered(row);
        float[] b = filtered(row + 1);
        float[] c = filtered(row + 2);
        float[] d = filtered(row + 3);
        float wa = down.weights[weight];
        float wb = down.weights[weight + 1];
        float wc = down.weights[weight + 2];
        float wd = down.weights[weight + 3];
        for (int i = 0; i < sum.length; i++) {
            sum[i] += wa * a[i] + wb * b[i] + wc * c[i] + wd * d[i];
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
            int offset = level.row(row);
            switch (across.count) {
                case 4 -> filterFour(offset, kept[slot]);
                case 6 -> filterSix(offset, kept[slot]);
                case 8 -> filterEight(offset, kept[slot]);
                default -> filter(offset, kept[slot]);
            }
        }
        return kept[slot];
    }

    private void filterFour(int offset, float[] into) {
        long[] p = level.pixels();
        int[] w = across.weights;
        for (int x = 0, i = 0; x < width; x++, i += 4) {
            int at = offset + across.first[x];
            store(
                    into,
                    x,
                    Rgba16.four(p, at, 0, w[i], w[i + 1], w[i + 2], w[i + 3]),
                    Rgba16.four(p, at, 16, w[i], w[i + 1], w[i + 2], w[i + 3]));
        }
    }

    private void filterSix(int offset, float[] into) {
        long[] p = level.pixels();
        int[] w = across.weights;
        for (int x = 0, i = 0; x < width; x++, i += 6) {
            int at = offset + across.first[x];
            store(
                    into,
                    x,
                    Rgba16.six(p, at, 0, w[i], w[i + 1], w[i + 2], w[i + 3], w[i + 4], w[i + 5]),
                    Rgba16.six(p, at, 16, w[i], w[i + 1], w[i + 2], w[i + 3], w[i + 4], w[i + 5]));
        }
    }

    private void filterEight(int offset, float[] into) {
        long[] p = level.pixels();
        int[] w = across.weights;
        for (int x = 0, i = 0; x < width; x++, i += 8) {
            int at = offset + across.first[x];
            store(into, x, Rgba16.eight(p, at, 0, w, i), Rgba16.eight(p, at, 16, w, i));
        }
    }

    private void filter(int offset, float[] into) {
        long[] pixels = level.pixels();
        int[] weights = across.weights;
        int count = across.count;
        for (int x = 0; x < width; x++) {
            int at = offset + across.first[x];
            long redBlue = 0;
            long greenAlpha = 0;
            for (int tap = 0; tap < count; tap++) {
                long pixel = pixels[at + tap];
                int weight = weights[x * count + tap];
                redBlue += (pixel & Rgba16.MASK) * weight;
                greenAlpha += (pixel >>> 16 & Rgba16.MASK) * weight;
            }
            store(into, x, redBlue, greenAlpha);
        }
    }

    private void store(float[] into, int x, long redBlue, long greenAlpha) {
        int to = x * channels;
        into[to] = Rgba16.low(redBlue);
        into[to + 1] = Rgba16.low(greenAlpha);
        into[to + 2] = Rgba16.high(redBlue);
        if (channels == 4) {
            into[to + 3] = Rgba16.high(greenAlpha);
        }
    }

    private void writeOpaque(float[] rgba, float rowCover) {
        for (int x = 0; x < width; x++) {
            float cover = coverX[x] * rowCover;
            float factor = cover * DOWN_TO_UNIT;
            rgba[4 * x] = sum[3 * x] * factor;
            rgba[4 * x + 1] = sum[3 * x + 1] * factor;
            rgba[4 * x + 2] = sum[3 * x + 2] * factor;
            rgba[4 * x + 3] = cover;
        }
    }

    private void writeWithAlpha(float[] rgba, float rowCover) {
        for (int x = 0; x < width; x++) {
            float factor = coverX[x] * rowCover * DOWN_TO_UNIT;
            for (int channel = 0; channel < 4; channel++) {
                rgba[4 * x + channel] = sum[4 * x + channel] * factor;
            }
        }
    }
}
