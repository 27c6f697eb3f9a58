package amberlens.core.render;

import amberlens.core.geometry.AffineMap;
import amberlens.core.geometry.Size;
import java.util.Arrays;

/**
 * Reads a layer that is turned a little: first along the rows of the picture at the places where the output's columns
 * cross them, then down those columns. Each column keeps the last few rows it has met, so a row of the picture is filtered
 * once per column.
 *
 * <p>The kernel lies along the picture's rows and the output's columns, so it is sheared by the turn. Both ways reproduce
 * whatever is smooth; what they make of detail as fine as the pixels differs in proportion to the turn: up to {@link #LARGEST_TANGENT} by less than half a per cent of full light, even in hatching of one pixel.
 */
final class ShearedSampler implements RowSampler {
    /** The tangent of the largest turn that is read in this way: four degrees. */
    static final double LARGEST_TANGENT = 0.07;

    private static final double FIXED = 0x1p32;
    private static final float FRACTION = 0x1p-24f;
    private static final float WEIGHT_TO_UNIT = Rgba16.TO_UNIT;

    private final LinearRaster level;
    private final int channels;
    private final int width;
    private final AffineMap toLevel;
    private final PictureCover cover;
    private final Stretched across;
    private final Stretched down;
    private final int slots;
    private final float[][][] kept;
    private final int[] next;
    private final int[] top;
    private final float[] downFraction;
    private final int[] left;
    private final float[] acrossFraction;
    private final int[][] weights;
    private final float[][] exact;
    private final float[] weight;
    private final float[] total;
    private final float[][] sum;
    /** Below it the rows that meet one output row become so many that nothing is won; the picture is a few pixels then. */
    private static final double SMALLEST_SCALE = 0.005;

    private boolean begun;

    ShearedSampler(Layer layer, Size output) {
        ReadLevel read = ReadLevel.of(layer);
        level = read.pixels();
        toLevel = read.toLevel();
        cover = new PictureCover(layer, read);
        channels = level.opaque() ? 3 : 4;
        width = output.width();
        across = new Stretched(read.scaleX());
        down = new Stretched(read.scaleY());
        slots = Integer.highestOneBit(down.taps - 1) * 2;
        kept = new float[slots][channels][width];
        next = new int[width];
        top = new int[width];
        downFraction = new float[width];
        left = new int[width];
        acrossFraction = new float[width];
        weights = new int[across.taps][width];
        exact = new float[across.taps][width];
        weight = new float[width];
        total = new float[width];
        sum = new float[channels][width];
    }

    /** Whether the map is an upright turn small enough to be read in this way. */
    static boolean suits(AffineMap map) {
        if (Math.min(Math.hypot(map.xx(), map.yx()), Math.hypot(map.xy(), map.yy())) < SMALLEST_SCALE) {
            return false;
        }
        return map.xx() > 0
                && map.yy() > 0
                && Math.abs(map.yx()) <= LARGEST_TANGENT * map.xx()
                && Math.abs(map.xy()) <= LARGEST_TANGENT * map.yy();
    }

    @Override
    public void row(int y, float[] rgba) {
        placeColumns(y);
        while (meetRows()) {
            weighAcross();
            filterAcross();
        }
        filterDown();
        write(y, rgba);
    }

    /** Where each column stands in the level's rows. */
    private void placeColumns(int y) {
        long place = fixed(toLevel.y(0.5, y + 0.5) - 0.5);
        long step = fixed(toLevel.yx());
        for (int x = 0; x < width; x++) {
            top[x] = (int) (place >> 32) + down.first;
            downFraction[x] = ((int) place >>> 8) * FRACTION;
            place += step;
        }
        if (!begun) {
            begun = true;
            System.arraycopy(top, 0, next, 0, width);
        }
    }

    /** Finds, for every column that misses a row, where it crosses that row. */
    private boolean meetRows() {
        boolean any = false;
        double perColumn = toLevel.xx() - toLevel.xy() * toLevel.yx() / toLevel.yy();
        double perRow = toLevel.xy() / toLevel.yy();
        double atOrigin = toLevel.dx() - perRow * toLevel.dy();
        long step = fixed(perColumn);
        long place = 0;
        int row = Integer.MIN_VALUE;
        for (int x = 0; x < width; x++) {
            int wanted = Math.max(next[x], top[x]);
            if (wanted >= top[x] + down.taps) {
                left[x] = Integer.MIN_VALUE;
                row = Integer.MIN_VALUE;
                continue;
            }
            if (wanted == row) {
                place += step;
            } else {
                row = wanted;
                place = fixed(perColumn * (x + 0.5) + perRow * (row + 0.5) + atOrigin - 0.5);
            }
            next[x] = row;
            left[x] = (int) (place >> 32) + across.first;
            acrossFraction[x] = ((int) place >>> 8) * FRACTION;
            any = true;
        }
        return any;
    }

    private static long fixed(double value) {
        return (long) Math.floor(value * FIXED);
    }

    private void weighAcross() {
        Arrays.fill(total, 0);
        for (int tap = 0; tap < across.taps; tap++) {
            across.weigh(tap + across.first, acrossFraction, exact[tap], total);
        }
        int[] rest = weights[across.taps / 2];
        Arrays.fill(rest, Rgba16.ONE);
        for (int tap = 0; tap < across.taps; tap++) {
            if (tap != across.taps / 2) {
                quantise(exact[tap], total, weights[tap], rest);
            }
        }
    }

    /** Rounds to whole weights; the offset keeps the cast on the positive side. */
    private static void quantise(float[] exact, float[] total, int[] into, int[] rest) {
        for (int x = 0; x < into.length; x++) {
            int whole = (int) (exact[x] / total[x] * Rgba16.ONE + 8192.5f) - 8192;
            into[x] = whole;
            rest[x] -= whole;
        }
    }

    private void filterAcross() {
        int x = 0;
        while (x < width) {
            if (left[x] == Integer.MIN_VALUE) {
                x++;
                continue;
            }
            int row = next[x];
            int from = x;
            while (x < width && next[x] == row && left[x] != Integer.MIN_VALUE) {
                next[x]++;
                x++;
            }
            filterRow(row, from, x);
        }
    }

    private void filterRow(int row, int from, int to) {
        float[][] into = kept[row & slots - 1];
        int offset = level.row(Math.clamp(row, 0, level.height() - 1));
        boolean inside = Math.min(left[from], left[to - 1]) >= 0
                && Math.max(left[from], left[to - 1]) + across.taps <= level.width();
        if (!inside) {
            filterAtTheBorder(offset, from, to, into);
        } else if (across.taps == 4) {
            filterFour(offset, from, to, into);
        } else {
            filterAny(offset, from, to, into);
        }
    }

    private void filterFour(int offset, int from, int to, float[][] into) {
        long[] p = level.pixels();
        int[] a = weights[0];
        int[] b = weights[1];
        int[] c = weights[2];
        int[] d = weights[3];
        for (int x = from; x < to; x++) {
            int at = offset + left[x];
            store(
                    into,
                    x,
                    Rgba16.four(p, at, 0, a[x], b[x], c[x], d[x]),
                    Rgba16.four(p, at, 16, a[x], b[x], c[x], d[x]));
        }
    }

    private void filterAny(int offset, int from, int to, float[][] into) {
        long[] p = level.pixels();
        for (int x = from; x < to; x++) {
            int at = offset + left[x];
            long even = 0;
            long odd = 0;
            for (int tap = 0; tap < across.taps; tap += 2) {
                long first = p[at + tap];
                long second = p[at + tap + 1];
                int a = weights[tap][x];
                int b = weights[tap + 1][x];
                even += (first & Rgba16.MASK) * a + (second & Rgba16.MASK) * b;
                odd += (first >>> 16 & Rgba16.MASK) * a + (second >>> 16 & Rgba16.MASK) * b;
            }
            store(into, x, even, odd);
        }
    }

    /** Samples beyond the picture repeat its border. */
    private void filterAtTheBorder(int offset, int from, int to, float[][] into) {
        for (int x = from; x < to; x++) {
            long even = 0;
            long odd = 0;
            for (int tap = 0; tap < across.taps; tap++) {
                long pixel = level.pixels()[offset + Math.clamp(left[x] + tap, 0, level.width() - 1)];
                even += (pixel & Rgba16.MASK) * weights[tap][x];
                odd += (pixel >>> 16 & Rgba16.MASK) * weights[tap][x];
            }
            store(into, x, even, odd);
        }
    }

    private void store(float[][] into, int x, long even, long odd) {
        into[0][x] = Rgba16.low(even);
        into[1][x] = Rgba16.low(odd);
        into[2][x] = Rgba16.high(even);
        if (channels == 4) {
            into[3][x] = Rgba16.high(odd);
        }
    }

    private void filterDown() {
        Arrays.fill(total, 0);
        for (float[] channel : sum) {
            Arrays.fill(channel, 0);
        }
        for (int slot = 0; slot < slots; slot++) {
            down.weighSlot(slot, slots - 1, top, downFraction, weight, total);
            for (int channel = 0; channel < channels; channel++) {
                add(kept[slot][channel], weight, sum[channel]);
            }
        }
    }

    private static void add(float[] row, float[] weight, float[] sum) {
        for (int x = 0; x < sum.length; x++) {
            sum[x] += weight[x] * row[x];
        }
    }

    private void write(int y, float[] rgba) {
        for (int x = 0; x < width; x++) {
            float covered = cover.everywhere() ? 1 : cover.at(toLevel.x(x + 0.5, y + 0.5), toLevel.y(x + 0.5, y + 0.5));
            float factor = covered * WEIGHT_TO_UNIT / total[x];
            rgba[4 * x] = sum[0][x] * factor;
            rgba[4 * x + 1] = sum[1][x] * factor;
            rgba[4 * x + 2] = sum[2][x] * factor;
            rgba[4 * x + 3] = channels == 4 ? sum[3][x] * factor : covered;
        }
    }

    /** The cubic kernel stretched to the distance of output pixels, along one axis of the level. */
    private static final class Stretched {
        final int taps;
        /** The first sample, from the one at or before the place. */
        final int first;

        private final float inverse;

        Stretched(double scale) {
            double stretch = Math.max(1, 1 / scale);
            taps = (Cubic.taps(stretch) + 1) / 2 * 2;
            first = 1 - taps / 2;
            inverse = (float) (1 / stretch);
        }

        /** The weights of the sample {@code distance} from the one at or before each place. */
        void weigh(int distance, float[] fraction, float[] into, float[] total) {
            for (int x = 0; x < into.length; x++) {
                float w = Cubic.weight((distance - fraction[x]) * inverse);
                into[x] = w;
                total[x] += w;
            }
        }

        /** The weights of the row each column keeps in a slot; 0 for a row beyond the kernel. */
        void weighSlot(int slot, int mask, int[] top, float[] fraction, float[] into, float[] total) {
            for (int x = 0; x < into.length; x++) {
                int row = slot - top[x] & mask;
                float w = Cubic.weight((row + first - fraction[x]) * inverse);
                into[x] = w;
                total[x] += w;
            }
        }
    }
}
