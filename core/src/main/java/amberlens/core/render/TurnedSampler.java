package amberlens.core.render;

import amberlens.core.geometry.AffineMap;
import amberlens.core.geometry.Size;

/**
 * Reads a turned layer: every output pixel looks up its own neighbourhood in the picture, in whole-number arithmetic (see
 * {@link Rgba16}): along the rows of the level; the sums are weighted down the column as floats.
 */
final class TurnedSampler implements RowSampler {
    private static final double FAR = 1 << 20;
    private static final float WEIGHT_TO_UNIT = 1f / Rgba16.ONE;

    private final LinearRaster level;
    private final AffineMap toLevel;
    private final int width;
    private final PictureCover cover;
    private final Reach reachX;
    private final Reach reachY;
    private final int[] wx;
    private final int[] wy;
    private final boolean enlarging;

    TurnedSampler(Layer layer, Size output) {
        ReadLevel read = ReadLevel.of(layer);
        level = read.pixels();
        toLevel = read.toLevel();
        cover = new PictureCover(layer, read);
        width = output.width();
        reachX = new Reach(read.scaleX());
        reachY = new Reach(read.scaleY());
        enlarging = reachX.stretch == 1 && reachY.stretch == 1;
        wx = new int[reachX.taps];
        wy = new int[reachY.taps];
    }

    @Override
    public void row(int y, float[] rgba) {
        for (int x = 0; x < width; x++) {
            double u = toLevel.x(x + 0.5, y + 0.5);
            double v = toLevel.y(x + 0.5, y + 0.5);
            float covered = cover.at(u, v);
            if (covered == 0) {
                rgba[4 * x] = rgba[4 * x + 1] = rgba[4 * x + 2] = rgba[4 * x + 3] = 0;
            } else {
                sample(u, v, covered * Rgba16.TO_UNIT, rgba, 4 * x);
            }
        }
    }

    private void sample(double u, double v, float unit, float[] rgba, int to) {
        if (enlarging) {
            int column = (int) (u + FAR - 0.5) - (int) FAR;
            int row = (int) (v + FAR - 0.5) - (int) FAR;
            if (column >= 1 && row >= 1 && column + 3 <= level.width() && row + 3 <= level.height()) {
                four(column, row, (float) (u - 0.5 - column), (float) (v - 0.5 - row), unit, rgba, to);
                return;
            }
        }
        int left = reachX.around(u, wx);
        int top = reachY.around(v, wy);
        boolean inside =
                left >= 0 && top >= 0 && left + wx.length <= level.width() && top + wy.length <= level.height();
        if (!inside) {
            atTheBorder(left, top, unit, rgba, to);
        } else if (wx.length == 6 && wy.length == 6) {
            six(level.row(top) + left, unit, rgba, to);
        } else {
            any(level.row(top) + left, unit, rgba, to);
        }
    }

    /** The common case, four by four samples inside the level, written out: it is the innermost loop of every turn. */
    private void four(int column, int row, float f, float g, float unit, float[] rgba, int to) {
        long[] p = level.pixels();
        int pitch = level.width();
        int at = (row - 1) * pitch + column - 1;
        int a = Reach.fixed(f * (-0.5f + f * (1 - 0.5f * f)));
        int c = Reach.fixed(f * (0.5f + f * (2 - 1.5f * f)));
        int d = Reach.fixed(f * f * (0.5f * f - 0.5f));
        int b = Rgba16.ONE - a - c - d;
        float wa = unit * g * (-0.5f + g * (1 - 0.5f * g));
        float wb = unit * (1 + g * g * (1.5f * g - 2.5f));
        float wc = unit * g * (0.5f + g * (2 - 1.5f * g));
        float wd = unit * g * g * (0.5f * g - 0.5f);
        long even = Rgba16.four(p, at, 0, a, b, c, d);
        long odd = Rgba16.four(p, at, 16, a, b, c, d);
        float red = wa * Rgba16.low(even);
        float green = wa * Rgba16.low(odd);
        float blue = wa * Rgba16.high(even);
        float alpha = wa * Rgba16.high(odd);
        at += pitch;
        even = Rgba16.four(p, at, 0, a, b, c, d);
        odd = Rgba16.four(p, at, 16, a, b, c, d);
        red += wb * Rgba16.low(even);
        green += wb * Rgba16.low(odd);
        blue += wb * Rgba16.high(even);
        alpha += wb * Rgba16.high(odd);
        at += pitch;
        even = Rgba16.four(p, at, 0, a, b, c, d);
        odd = Rgba16.four(p, at, 16, a, b, c, d);
        red += wc * Rgba16.low(even);
        green += wc * Rgba16.low(odd);
        blue += wc * Rgba16.high(even);
        alpha += wc * Rgba16.high(odd);
        at += pitch;
        even = Rgba16.four(p, at, 0, a, b, c, d);
        odd = Rgba16.four(p, at, 16, a, b, c, d);
        rgba[to] = red + wd * Rgba16.low(even);
        rgba[to + 1] = green + wd * Rgba16.low(odd);
        rgba[to + 2] = blue + wd * Rgba16.high(even);
        rgba[to + 3] = alpha + wd * Rgba16.high(odd);
    }

    /** Six samples to a row: the reductions down to two thirds of the level. */
    private void six(int start, float unit, float[] rgba, int to) {
        long[] p = level.pixels();
        int a = wx[0];
        int b = wx[1];
        int c = wx[2];
        int d = wx[3];
        int e = wx[4];
        int f = wx[5];
        float red = 0;
        float green = 0;
        float blue = 0;
        float alpha = 0;
        int at = start;
        for (int j = 0; j < wy.length; j++) {
            long even = Rgba16.six(p, at, 0, a, b, c, d, e, f);
            long odd = Rgba16.six(p, at, 16, a, b, c, d, e, f);
            float down = unit * wy[j];
            red += down * Rgba16.low(even);
            green += down * Rgba16.low(odd);
            blue += down * Rgba16.high(even);
            alpha += down * Rgba16.high(odd);
            at += level.width();
        }
        store(red, green, blue, alpha, rgba, to);
    }

    private void any(int start, float unit, float[] rgba, int to) {
        float red = 0;
        float green = 0;
        float blue = 0;
        float alpha = 0;
        int at = start;
        for (int j = 0; j < wy.length; j++) {
            boolean eight = wx.length == 8;
            long even = eight ? Rgba16.eight(level.pixels(), at, 0, wx, 0) : Rgba16.any(level.pixels(), at, 0, wx);
            long odd = eight ? Rgba16.eight(level.pixels(), at, 16, wx, 0) : Rgba16.any(level.pixels(), at, 16, wx);
            float down = unit * wy[j];
            red += down * Rgba16.low(even);
            green += down * Rgba16.low(odd);
            blue += down * Rgba16.high(even);
            alpha += down * Rgba16.high(odd);
            at += level.width();
        }
        store(red, green, blue, alpha, rgba, to);
    }

    /** Samples beyond the picture repeat its border. */
    private void atTheBorder(int left, int top, float unit, float[] rgba, int to) {
        float red = 0;
        float green = 0;
        float blue = 0;
        float alpha = 0;
        for (int j = 0; j < wy.length; j++) {
            int row = level.row(Math.clamp(top + j, 0, level.height() - 1));
            long even = 0;
            long odd = 0;
            for (int i = 0; i < wx.length; i++) {
                long pixel = level.pixels()[row + Math.clamp(left + i, 0, level.width() - 1)];
                even += (pixel & Rgba16.MASK) * wx[i];
                odd += (pixel >>> 16 & Rgba16.MASK) * wx[i];
            }
            float down = unit * wy[j];
            red += down * Rgba16.low(even);
            green += down * Rgba16.low(odd);
            blue += down * Rgba16.high(even);
            alpha += down * Rgba16.high(odd);
        }
        store(red, green, blue, alpha, rgba, to);
    }

    private static void store(float red, float green, float blue, float alpha, float[] rgba, int to) {
        rgba[to] = red * WEIGHT_TO_UNIT;
        rgba[to + 1] = green * WEIGHT_TO_UNIT;
        rgba[to + 2] = blue * WEIGHT_TO_UNIT;
        rgba[to + 3] = alpha * WEIGHT_TO_UNIT;
    }

    /** The kernel along one axis of the level: where it begins for a place, and its weights there. */
    private static final class Reach {
        final int taps;
        private final double stretch;
        private final float inverse;
        private final float[] exact;

        Reach(double scale) {
            stretch = Math.max(1, 1 / scale);
            inverse = (float) (1 / stretch);
            taps = (Cubic.taps(stretch) + 1) / 2 * 2;
            exact = new float[taps];
        }

        /** Fills whole-number weights that sum to {@link Rgba16#ONE} and returns the first sample. */
        int around(double place, int[] whole) {
            double floor = Math.floor(place - 0.5);
            int first = (int) floor + 1 - taps / 2;
            return stretched(first, (float) (place - 0.5 - floor), whole);
        }

        private int stretched(int first, float fraction, int[] whole) {
            float distance = (1 - taps / 2 - fraction) * inverse;
            float sum = 0;
            for (int tap = 0; tap < exact.length; tap++) {
                float weight = Cubic.weight(distance);
                exact[tap] = weight;
                sum += weight;
                distance += inverse;
            }
            float even = 1 / sum;
            int rest = Rgba16.ONE;
            for (int tap = 0; tap < exact.length; tap++) {
                int weight = fixed(exact[tap] * even);
                whole[tap] = weight;
                rest -= weight;
            }
            whole[taps / 2] += rest;
            return first;
        }

        /** Rounded to a whole number; the offset keeps the cast on the positive side. */
        private static int fixed(float weight) {
            return (int) (weight * Rgba16.ONE + 8192.5f) - 8192;
        }
    }
}
