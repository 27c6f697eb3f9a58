package amberlens.core.pixels.raster;

import amberlens.core.base.colour.Srgb;

/** Without the vector module. The loops over whole rows are written so that the compiler can take several numbers at once. */
final class PlainLoops implements Loops {
    private static final float[] OF_EIGHT_BITS = linear(256, 255);
    private static final float[] OF_TEN_BITS = linear(1024, CodeRaster.MOST_OF_TEN_BITS);
    private static final float OF_SIXTEEN_BITS = 1 / 65535f;

    private static final int TEN_BITS = 1023;

    private float[][] across = weights(0);
    private float[][] below = weights(0);

    private static float[] linear(int codes, double most) {
        var table = new float[codes];
        for (int code = 0; code < codes; code++) {
            table[code] = (float) Srgb.toLinear(code / most);
        }
        return table;
    }

    @Override
    public void decode(int[] codes, int from, int count, float[] into, int at) {
        for (int x = 0, to = at; x < count; x++, to += 4) {
            int code = codes[from + x];
            float alpha = (code >>> 24) / 255f;
            into[to] = OF_EIGHT_BITS[code & 255] * alpha;
            into[to + 1] = OF_EIGHT_BITS[code >>> 8 & 255] * alpha;
            into[to + 2] = OF_EIGHT_BITS[code >>> 16 & 255] * alpha;
            into[to + 3] = alpha;
        }
    }

    @Override
    public void decodeOpaque(int[] codes, int from, int count, float[] into, int at) {
        for (int x = 0, to = at; x < count; x++, to += 4) {
            int code = codes[from + x];
            into[to] = OF_EIGHT_BITS[code & 255];
            into[to + 1] = OF_EIGHT_BITS[code >>> 8 & 255];
            into[to + 2] = OF_EIGHT_BITS[code >>> 16 & 255];
            into[to + 3] = 1;
        }
    }

    @Override
    public void decodeTenBits(int[] codes, int from, int count, float[] into, int at) {
        for (int x = 0, to = at; x < count; x++, to += 4) {
            int code = codes[from + x];
            into[to] = OF_TEN_BITS[code & TEN_BITS];
            into[to + 1] = OF_TEN_BITS[code >>> 10 & TEN_BITS];
            into[to + 2] = OF_TEN_BITS[code >>> 20 & TEN_BITS];
            into[to + 3] = 1;
        }
    }

    @Override
    public void decodeLinear(long[] pixels, int from, int count, float[] into, int at) {
        for (int x = 0, to = at; x < count; x++, to += 4) {
            long pixel = pixels[from + x];
            into[to] = ((int) pixel & 0xFFFF) * OF_SIXTEEN_BITS;
            into[to + 1] = ((int) (pixel >>> 16) & 0xFFFF) * OF_SIXTEEN_BITS;
            into[to + 2] = ((int) (pixel >>> 32) & 0xFFFF) * OF_SIXTEEN_BITS;
            into[to + 3] = (int) (pixel >>> 48) * OF_SIXTEEN_BITS;
        }
    }

    @Override
    public void down(float[] rows, int at, int pitch, float[] weights, int first, int taps, float[] sum, int length) {
        int tap = 0;
        for (; tap + 4 <= taps; tap += 4) {
            four(rows, at + tap * pitch, pitch, weights, first + tap, sum, length, tap > 0);
        }
        for (; tap < taps; tap++) {
            one(rows, at + tap * pitch, weights[first + tap], sum, length, tap > 0);
        }
    }

    private static void four(
            float[] rows, int at, int pitch, float[] weights, int first, float[] sum, int length, boolean more) {
        float a = weights[first];
        float b = weights[first + 1];
        float c = weights[first + 2];
        float d = weights[first + 3];
        float rest = more ? 1 : 0;
        for (int i = 0; i < length; i++) {
            sum[i] = rest * sum[i]
                    + a * rows[at + i]
                    + b * rows[at + pitch + i]
                    + c * rows[at + 2 * pitch + i]
                    + d * rows[at + 3 * pitch + i];
        }
    }

    private static void one(float[] rows, int at, float weight, float[] sum, int length, boolean more) {
        float rest = more ? 1 : 0;
        for (int i = 0; i < length; i++) {
            sum[i] = rest * sum[i] + weight * rows[at + i];
        }
    }

    @Override
    public void across(float[] row, int[] at, float[] weights, int taps, float[] out, int to, int count) {
        for (int k = 0; k < count; k++) {
            sumAcross(row, at[k], weights, k * taps, taps, out, to + 4 * k);
        }
    }

    @Override
    public void thin(float[] row, float[] weights, int taps, int stride, float[] out, int to, int count) {
        for (int k = 0; k < count; k++) {
            sumAcross(row, 4 * k * stride, weights, 0, taps, out, to + 4 * k);
        }
    }

    private static void sumAcross(float[] row, int from, float[] weights, int first, int taps, float[] out, int to) {
        float red = 0;
        float green = 0;
        float blue = 0;
        float alpha = 0;
        for (int tap = 0, i = from; tap < taps; tap++, i += 4) {
            float weight = weights[first + tap];
            red += weight * row[i];
            green += weight * row[i + 1];
            blue += weight * row[i + 2];
            alpha += weight * row[i + 3];
        }
        out[to] = red;
        out[to + 1] = green;
        out[to + 2] = blue;
        out[to + 3] = alpha;
    }

    @Override
    public void weigh(float[] table, int taps, float[] place, float[] weights, int count) {
        for (int k = 0; k < count; k++) {
            float at = place[k] * PHASES;
            int phase = Math.min((int) at, PHASES - 1);
            float part = at - phase;
            for (int tap = 0, i = phase * taps; tap < taps; tap++, i++) {
                weights[k * taps + tap] = table[i] + part * (table[i + taps] - table[i]);
            }
        }
    }

    @Override
    public void weigh(
            float[] table,
            float[] second,
            int taps,
            float[] place,
            float part,
            float step,
            float[] weights,
            int count) {
        for (int k = 0; k < count; k++) {
            float at = place[k] * PHASES;
            int phase = Math.min((int) at, PHASES - 1);
            float along = at - phase;
            float share = Math.clamp(part + k * step, 0f, 1f);
            for (int tap = 0, i = phase * taps; tap < taps; tap++, i++) {
                float one = table[i] + along * (table[i + taps] - table[i]);
                float other = second[i] + along * (second[i + taps] - second[i]);
                weights[k * taps + tap] = one + share * (other - one);
            }
        }
    }

    @Override
    public void around(float[] rows, int pitch, int[] at, float[] right, float[] down, float[] out, int to, int count) {
        if (across[0].length < count) {
            across = weights(count);
            below = weights(count);
        }
        Cubics.weigh(right, across[0], across[1], across[2], across[3], count);
        Cubics.weigh(down, below[0], below[1], below[2], below[3], count);
        for (int k = 0; k < count; k++) {
            around(rows, at[k], pitch, k, across, below, out, to + 4 * k);
        }
    }

    private static float[][] weights(int count) {
        return new float[4][count];
    }

    private static void around(
            float[] rows, int at, int pitch, int k, float[][] across, float[][] below, float[] out, int to) {
        float a = across[0][k];
        float b = across[1][k];
        float c = across[2][k];
        float d = across[3][k];
        float red = 0;
        float green = 0;
        float blue = 0;
        float alpha = 0;
        for (int row = 0, i = at; row < 4; row++, i += pitch) {
            float weight = below[row][k];
            red += weight * (a * rows[i] + b * rows[i + 4] + c * rows[i + 8] + d * rows[i + 12]);
            green += weight * (a * rows[i + 1] + b * rows[i + 5] + c * rows[i + 9] + d * rows[i + 13]);
            blue += weight * (a * rows[i + 2] + b * rows[i + 6] + c * rows[i + 10] + d * rows[i + 14]);
            alpha += weight * (a * rows[i + 3] + b * rows[i + 7] + c * rows[i + 11] + d * rows[i + 15]);
        }
        out[to] = red;
        out[to + 1] = green;
        out[to + 2] = blue;
        out[to + 3] = alpha;
    }

    @Override
    public void around(
            float[] rows,
            int pitch,
            int[] at,
            float[] across,
            int acrossTaps,
            float[] down,
            int downPitch,
            int downTaps,
            float[] out,
            int to,
            int count) {
        for (int k = 0; k < count; k++) {
            float red = 0;
            float green = 0;
            float blue = 0;
            float alpha = 0;
            for (int tap = 0, row = at[k]; tap < downTaps; tap++, row += pitch) {
                float weight = down[k * downPitch + tap];
                for (int four = 0, i = row; four < acrossTaps; four += 4, i += 16) {
                    float a = weight * across[k * acrossTaps + four];
                    float b = weight * across[k * acrossTaps + four + 1];
                    float c = weight * across[k * acrossTaps + four + 2];
                    float d = weight * across[k * acrossTaps + four + 3];
                    red += a * rows[i] + b * rows[i + 4] + c * rows[i + 8] + d * rows[i + 12];
                    green += a * rows[i + 1] + b * rows[i + 5] + c * rows[i + 9] + d * rows[i + 13];
                    blue += a * rows[i + 2] + b * rows[i + 6] + c * rows[i + 10] + d * rows[i + 14];
                    alpha += a * rows[i + 3] + b * rows[i + 7] + c * rows[i + 11] + d * rows[i + 15];
                }
            }
            int o = to + 4 * k;
            out[o] = red;
            out[o + 1] = green;
            out[o + 2] = blue;
            out[o + 3] = alpha;
        }
    }

    @Override
    public void over(float[] below, float[] above, int from, int count) {
        for (int i = from; i < from + 4 * count; i += 4) {
            float rest = 1 - above[i + 3];
            below[i] = above[i] + rest * below[i];
            below[i + 1] = above[i + 1] + rest * below[i + 1];
            below[i + 2] = above[i + 2] + rest * below[i + 2];
            below[i + 3] = above[i + 3] + rest * below[i + 3];
        }
    }

    @Override
    public void colour(float[] light, int from, int count, float[] m) {
        for (int i = from; i < from + 4 * count; i += 4) {
            float red = light[i];
            float green = light[i + 1];
            float blue = light[i + 2];
            light[i] = m[0] * red + m[16] * green + m[32] * blue;
            light[i + 1] = m[1] * red + m[17] * green + m[33] * blue;
            light[i + 2] = m[2] * red + m[18] * green + m[34] * blue;
        }
    }

    @Override
    public void dim(float[] light, int from, float[] factors, int at, int count, boolean alphaToo) {
        for (int k = 0, i = from; k < count; k++, i += 4) {
            float factor = factors[at + k];
            light[i] *= factor;
            light[i + 1] *= factor;
            light[i + 2] *= factor;
            light[i + 3] *= alphaToo ? factor : 1;
        }
    }

    @Override
    public void encode(float[] light, int at, int[] argb, int to, int count, int left, int top) {
        int firstRow = Dither.row(top);
        int secondRow = Dither.secondRow(top);
        for (int k = 0, i = at; k < count; k++, i += 4) {
            float first = Dither.SPREAD[firstRow + Dither.place(left + k)];
            float second = Dither.SPREAD[secondRow + Dither.secondPlace(left + k)];
            argb[to + k] = 0xFF000000
                    | Dither.code(Srgb.exact8(light[i]), first, second) << 16
                    | Dither.code(Srgb.exact8(light[i + 1]), first, second) << 8
                    | Dither.code(Srgb.exact8(light[i + 2]), first, second);
        }
    }

    @Override
    public void encodeTenBits(float[] light, int at, int[] codes, int to, int count) {
        for (int k = 0, i = at; k < count; k++, i += 4) {
            codes[to + k] = CodeRaster.pixelOfTenBits(tenBits(light[i]), tenBits(light[i + 1]), tenBits(light[i + 2]));
        }
    }

    private static int tenBits(float light) {
        return Math.round(Srgb.exact8(light) * (CodeRaster.MOST_OF_TEN_BITS / 255f));
    }

    @Override
    public void luma(int[] argb, int from, int count, byte[] into, int at) {
        Bt709.luma(argb, from, count, into, at);
    }

    @Override
    public void chroma(int[] argb, int upper, int lower, int count, byte[] blue, byte[] red) {
        Bt709.chroma(argb, upper, lower, count, blue, red, 0);
    }
}
