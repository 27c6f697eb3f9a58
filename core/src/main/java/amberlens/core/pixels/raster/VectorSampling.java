package amberlens.core.pixels.raster;

import jdk.incubator.vector.FloatVector;
import jdk.incubator.vector.IntVector;
import jdk.incubator.vector.VectorSpecies;

/** Sums of weighted pixels, four pixels at a time, see {@link VectorLoops}; what the methods do is told in {@link Loops}. */
final class VectorSampling {
    private static final VectorSpecies<Float> F = FloatVector.SPECIES_512;
    private static final int STEP = 16;

    /** The cubic kernel's weights of four neighbours, by powers of the way from the second to the third. */
    private static final FloatVector K0 = spread(0, 1, 0, 0);

    private static final FloatVector K1 = spread(-0.5f, 0, 0.5f, 0);
    private static final FloatVector K2 = spread(1, -2.5f, 2, -0.5f);
    private static final FloatVector K3 = spread(-0.5f, 1.5f, -1.5f, 0.5f);

    /** Of four weights, each four times; and of the next four. */
    private static final IntVector EACH_FOUR_TIMES = VectorLoops.lanes(lane -> lane / 4);

    private static final IntVector EACH_NEXT_FOUR_TIMES = VectorLoops.lanes(lane -> 4 + lane / 4);

    /** Quarters of two vectors: the first two of each, the last two of each, every other one. */
    private static final FloatVector FIRST_TWO = quarters(0, 1, 4, 5);

    private static final FloatVector LAST_TWO = quarters(2, 3, 6, 7);
    private static final FloatVector EVEN = quarters(0, 2, 4, 6);
    private static final FloatVector ODD = quarters(1, 3, 5, 7);

    private float[] wide = new float[0];
    private float[] first = new float[0];
    private float[] second = new float[0];
    private float[] third = new float[0];
    private float[] fourth = new float[0];

    private static FloatVector quarters(int... of) {
        float[] values = new float[STEP];
        for (int lane = 0; lane < STEP; lane++) {
            values[lane] = 4 * of[lane / 4] + lane % 4;
        }
        return FloatVector.fromArray(F, values, 0);
    }

    private static FloatVector spread(float a, float b, float c, float d) {
        return FloatVector.fromArray(F, new float[] {a, a, a, a, b, b, b, b, c, c, c, c, d, d, d, d}, 0);
    }

    void down(float[] rows, int at, int pitch, float[] weights, int first, int taps, float[] sum, int length) {
        int tap = 0;
        if (taps % 4 >= 2 && taps >= 6) {
            six(rows, at, pitch, weights, first, sum, length);
            tap = 6;
        }
        for (; tap + 4 <= taps; tap += 4) {
            four(rows, at + tap * pitch, pitch, weights, first + tap, sum, length, tap == 0 ? 0 : 1);
        }
        for (; tap < taps; tap++) {
            one(rows, at + tap * pitch, weights[first + tap], sum, length, tap == 0 ? 0 : 1);
        }
    }

    private static void six(float[] rows, int at, int pitch, float[] weights, int first, float[] sum, int length) {
        FloatVector a = FloatVector.broadcast(F, weights[first]);
        FloatVector b = FloatVector.broadcast(F, weights[first + 1]);
        FloatVector c = FloatVector.broadcast(F, weights[first + 2]);
        FloatVector d = FloatVector.broadcast(F, weights[first + 3]);
        FloatVector e = FloatVector.broadcast(F, weights[first + 4]);
        FloatVector f = FloatVector.broadcast(F, weights[first + 5]);
        for (int i = 0; i < length; i += STEP) {
            FloatVector s = FloatVector.fromArray(F, rows, at + i).mul(a);
            s = FloatVector.fromArray(F, rows, at + pitch + i).fma(b, s);
            s = FloatVector.fromArray(F, rows, at + 2 * pitch + i).fma(c, s);
            s = FloatVector.fromArray(F, rows, at + 3 * pitch + i).fma(d, s);
            s = FloatVector.fromArray(F, rows, at + 4 * pitch + i).fma(e, s);
            FloatVector.fromArray(F, rows, at + 5 * pitch + i).fma(f, s).intoArray(sum, i);
        }
    }

    private static void four(
            float[] rows, int at, int pitch, float[] weights, int first, float[] sum, int length, float rest) {
        float a = weights[first];
        float b = weights[first + 1];
        float c = weights[first + 2];
        float d = weights[first + 3];
        for (int i = 0; i < length; i += STEP) {
            FloatVector s = FloatVector.fromArray(F, sum, i).mul(rest);
            s = FloatVector.fromArray(F, rows, at + i).fma(FloatVector.broadcast(F, a), s);
            s = FloatVector.fromArray(F, rows, at + pitch + i).fma(FloatVector.broadcast(F, b), s);
            s = FloatVector.fromArray(F, rows, at + 2 * pitch + i).fma(FloatVector.broadcast(F, c), s);
            FloatVector.fromArray(F, rows, at + 3 * pitch + i)
                    .fma(FloatVector.broadcast(F, d), s)
                    .intoArray(sum, i);
        }
    }

    private static void one(float[] rows, int at, float weight, float[] sum, int length, float rest) {
        for (int i = 0; i < length; i += STEP) {
            FloatVector.fromArray(F, rows, at + i)
                    .fma(
                            FloatVector.broadcast(F, weight),
                            FloatVector.fromArray(F, sum, i).mul(rest))
                    .intoArray(sum, i);
        }
    }

    void across(float[] row, int[] at, float[] weights, int taps, float[] out, int to, int count) {
        makeRoom(count);
        switch (taps) {
            case 4 -> across4(row, at, weights, wide, count);
            case 8 -> across8(row, at, weights, wide, count);
            default -> acrossAny(row, at, weights, taps, wide, count);
        }
        addQuarters(wide, out, to, count);
    }

    void thin(float[] row, float[] weights, int taps, int stride, float[] out, int to, int count) {
        makeRoom(count);
        for (int tap = 0; tap < taps; tap += 4) {
            FloatVector four = VectorLoops.pick(EACH_FOUR_TIMES, FloatVector.fromArray(F, weights, tap));
            if (tap == 0) {
                thinFirst(row, four, 4 * stride, wide, count);
            } else {
                thinMore(row, four, 4 * tap, 4 * stride, wide, count);
            }
        }
        addQuarters(wide, out, to, count);
    }

    private static void thinFirst(float[] row, FloatVector four, int stride, float[] wide, int count) {
        for (int k = 0; k < count; k++) {
            FloatVector.fromArray(F, row, stride * k).mul(four).intoArray(wide, STEP * k);
        }
    }

    private static void thinMore(float[] row, FloatVector four, int from, int stride, float[] wide, int count) {
        for (int k = 0; k < count; k++) {
            FloatVector.fromArray(F, row, from + stride * k)
                    .fma(four, FloatVector.fromArray(F, wide, STEP * k))
                    .intoArray(wide, STEP * k);
        }
    }

    private static void across4(float[] row, int[] at, float[] weights, float[] wide, int count) {
        for (int k = 0; k < count; k++) {
            FloatVector four = FloatVector.fromArray(F, weights, 4 * k);
            FloatVector.fromArray(F, row, at[k])
                    .mul(VectorLoops.pick(EACH_FOUR_TIMES, four))
                    .intoArray(wide, STEP * k);
        }
    }

    private static void across8(float[] row, int[] at, float[] weights, float[] wide, int count) {
        for (int k = 0; k < count; k++) {
            int from = at[k];
            FloatVector eight = FloatVector.fromArray(F, weights, 8 * k);
            FloatVector near = FloatVector.fromArray(F, row, from).mul(VectorLoops.pick(EACH_FOUR_TIMES, eight));
            FloatVector.fromArray(F, row, from + STEP)
                    .fma(VectorLoops.pick(EACH_NEXT_FOUR_TIMES, eight), near)
                    .intoArray(wide, STEP * k);
        }
    }

    private static void acrossAny(float[] row, int[] at, float[] weights, int taps, float[] wide, int count) {
        for (int k = 0; k < count; k++) {
            FloatVector sum = FloatVector.zero(F);
            for (int tap = 0; tap < taps; tap += 4) {
                FloatVector four = FloatVector.fromArray(F, weights, taps * k + tap);
                sum = FloatVector.fromArray(F, row, at[k] + 4 * tap).fma(VectorLoops.pick(EACH_FOUR_TIMES, four), sum);
            }
            sum.intoArray(wide, STEP * k);
        }
    }

    void weigh(float[] table, int taps, float[] place, float[] weights, int count) {
        for (int tap = (taps - 1) / STEP * STEP; tap >= 0; tap -= STEP) { // what is too much, the next step overwrites
            weigh(table, taps, tap, place, weights, count);
        }
    }

    private static void weigh(float[] table, int taps, int tap, float[] place, float[] weights, int count) {
        for (int k = 0; k < count; k++) {
            float at = place[k] * Loops.PHASES;
            int phase = Math.min((int) at, Loops.PHASES - 1);
            int i = phase * taps + tap;
            FloatVector one = FloatVector.fromArray(F, table, i);
            FloatVector.fromArray(F, table, i + taps)
                    .sub(one)
                    .fma(FloatVector.broadcast(F, at - phase), one)
                    .intoArray(weights, k * taps + tap);
        }
    }

    void weigh(
            float[] table,
            float[] second,
            int taps,
            float[] place,
            float part,
            float step,
            float[] weights,
            int count) {
        for (int tap = (taps - 1) / STEP * STEP; tap >= 0; tap -= STEP) {
            weigh(table, second, taps, tap, place, part, step, weights, count);
        }
    }

    private static void weigh(
            float[] table,
            float[] second,
            int taps,
            int tap,
            float[] place,
            float part,
            float step,
            float[] weights,
            int count) {
        for (int k = 0; k < count; k++) {
            float at = place[k] * Loops.PHASES;
            int phase = Math.min((int) at, Loops.PHASES - 1);
            int i = phase * taps + tap;
            FloatVector along = FloatVector.broadcast(F, at - phase);
            FloatVector one = FloatVector.fromArray(F, table, i);
            one = FloatVector.fromArray(F, table, i + taps).sub(one).fma(along, one);
            FloatVector other = FloatVector.fromArray(F, second, i);
            other = FloatVector.fromArray(F, second, i + taps).sub(other).fma(along, other);
            float share = Math.min(Math.max(part + k * step, 0f), 1f);
            other.sub(one).fma(FloatVector.broadcast(F, share), one).intoArray(weights, k * taps + tap);
        }
    }

    void around(float[] rows, int pitch, int[] at, float[] right, float[] down, float[] out, int to, int count) {
        makeRoom(count);
        Cubics.weigh(down, first, second, third, fourth, count);
        around(rows, pitch, at, right, first, second, third, fourth, wide, count);
        addQuarters(wide, out, to, count);
    }

    /** Rows added up by their weights, four pixels side by side, then weighed across: one vector an output pixel. */
    private static void around(
            float[] rows,
            int pitch,
            int[] at,
            float[] right,
            float[] a,
            float[] b,
            float[] c,
            float[] d,
            float[] wide,
            int count) {
        for (int k = 0; k < count; k++) {
            int i = at[k];
            FloatVector sum = FloatVector.fromArray(F, rows, i).mul(FloatVector.broadcast(F, a[k]));
            sum = FloatVector.fromArray(F, rows, i + pitch).fma(FloatVector.broadcast(F, b[k]), sum);
            sum = FloatVector.fromArray(F, rows, i + 2 * pitch).fma(FloatVector.broadcast(F, c[k]), sum);
            sum = FloatVector.fromArray(F, rows, i + 3 * pitch).fma(FloatVector.broadcast(F, d[k]), sum);
            FloatVector f = FloatVector.broadcast(F, right[k]);
            K3.fma(f, K2).fma(f, K1).fma(f, K0).mul(sum).intoArray(wide, STEP * k);
        }
    }

    void around(
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
        makeRoom(count);
        for (int right = 0; right < acrossTaps; right += 8) {
            float rest = right == 0 ? 0 : 1;
            if (right + 4 == acrossTaps) {
                four(rows, pitch, at, across, acrossTaps, right, down, downPitch, downTaps, wide, rest, count);
            } else if (downTaps == 6) {
                eightOfSix(rows, pitch, at, across, acrossTaps, right, down, downPitch, wide, rest, count);
            } else {
                eight(rows, pitch, at, across, acrossTaps, right, down, downPitch, downTaps, wide, rest, count);
            }
        }
        addQuarters(wide, out, to, count);
    }

    /** Four neighbours across of every row. */
    private static void four(
            float[] rows,
            int pitch,
            int[] at,
            float[] across,
            int acrossTaps,
            int right,
            float[] down,
            int downPitch,
            int downTaps,
            float[] wide,
            float rest,
            int count) {
        for (int k = 0; k < count; k++) {
            int i = at[k] + 4 * right;
            FloatVector sum = FloatVector.zero(F);
            for (int tap = 0; tap < downTaps; tap++, i += pitch) {
                sum = FloatVector.fromArray(F, rows, i).fma(FloatVector.broadcast(F, down[k * downPitch + tap]), sum);
            }
            FloatVector weights = FloatVector.fromArray(F, across, acrossTaps * k + right);
            FloatVector.fromArray(F, wide, STEP * k)
                    .mul(rest)
                    .add(VectorLoops.pick(EACH_FOUR_TIMES, weights).mul(sum))
                    .intoArray(wide, STEP * k);
        }
    }

    /** Eight neighbours across of every row. */
    private static void eight(
            float[] rows,
            int pitch,
            int[] at,
            float[] across,
            int acrossTaps,
            int right,
            float[] down,
            int downPitch,
            int downTaps,
            float[] wide,
            float rest,
            int count) {
        for (int k = 0; k < count; k++) {
            int i = at[k] + 4 * right;
            FloatVector near = FloatVector.zero(F);
            FloatVector far = FloatVector.zero(F);
            for (int tap = 0; tap < downTaps; tap++, i += pitch) {
                FloatVector weight = FloatVector.broadcast(F, down[k * downPitch + tap]);
                near = FloatVector.fromArray(F, rows, i).fma(weight, near);
                far = FloatVector.fromArray(F, rows, i + STEP).fma(weight, far);
            }
            FloatVector weights = FloatVector.fromArray(F, across, acrossTaps * k + right);
            FloatVector.fromArray(F, wide, STEP * k)
                    .mul(rest)
                    .add(VectorLoops.pick(EACH_FOUR_TIMES, weights).mul(near))
                    .add(VectorLoops.pick(EACH_NEXT_FOUR_TIMES, weights).mul(far))
                    .intoArray(wide, STEP * k);
        }
    }

    /** Likewise of six rows, the commonest number, without a loop inside. */
    private static void eightOfSix(
            float[] rows,
            int pitch,
            int[] at,
            float[] across,
            int acrossTaps,
            int right,
            float[] down,
            int downPitch,
            float[] wide,
            float rest,
            int count) {
        for (int k = 0; k < count; k++) {
            int i = at[k] + 4 * right;
            int from = k * downPitch;
            FloatVector weight = FloatVector.broadcast(F, down[from]);
            FloatVector near = FloatVector.fromArray(F, rows, i).mul(weight);
            FloatVector far = FloatVector.fromArray(F, rows, i + STEP).mul(weight);
            weight = FloatVector.broadcast(F, down[from + 1]);
            near = FloatVector.fromArray(F, rows, i + pitch).fma(weight, near);
            far = FloatVector.fromArray(F, rows, i + pitch + STEP).fma(weight, far);
            weight = FloatVector.broadcast(F, down[from + 2]);
            near = FloatVector.fromArray(F, rows, i + 2 * pitch).fma(weight, near);
            far = FloatVector.fromArray(F, rows, i + 2 * pitch + STEP).fma(weight, far);
            weight = FloatVector.broadcast(F, down[from + 3]);
            near = FloatVector.fromArray(F, rows, i + 3 * pitch).fma(weight, near);
            far = FloatVector.fromArray(F, rows, i + 3 * pitch + STEP).fma(weight, far);
            weight = FloatVector.broadcast(F, down[from + 4]);
            near = FloatVector.fromArray(F, rows, i + 4 * pitch).fma(weight, near);
            far = FloatVector.fromArray(F, rows, i + 4 * pitch + STEP).fma(weight, far);
            weight = FloatVector.broadcast(F, down[from + 5]);
            near = FloatVector.fromArray(F, rows, i + 5 * pitch).fma(weight, near);
            far = FloatVector.fromArray(F, rows, i + 5 * pitch + STEP).fma(weight, far);
            FloatVector weights = FloatVector.fromArray(F, across, acrossTaps * k + right);
            FloatVector.fromArray(F, wide, STEP * k)
                    .mul(rest)
                    .add(VectorLoops.pick(EACH_FOUR_TIMES, weights).mul(near))
                    .add(VectorLoops.pick(EACH_NEXT_FOUR_TIMES, weights).mul(far))
                    .intoArray(wide, STEP * k);
        }
    }

    /** The four quarters of each vector, which stand for four neighbours, added up: four output pixels at a time. */
    private static void addQuarters(float[] wide, float[] out, int to, int count) {
        for (int k = 0; k < count; k += 4) {
            FloatVector a = FloatVector.fromArray(F, wide, STEP * k);
            FloatVector b = FloatVector.fromArray(F, wide, STEP * k + STEP);
            FloatVector c = FloatVector.fromArray(F, wide, STEP * k + 2 * STEP);
            FloatVector d = FloatVector.fromArray(F, wide, STEP * k + 3 * STEP);
            FloatVector ab = FIRST_TWO.selectFrom(a, b).add(LAST_TWO.selectFrom(a, b));
            FloatVector cd = FIRST_TWO.selectFrom(c, d).add(LAST_TWO.selectFrom(c, d));
            EVEN.selectFrom(ab, cd).add(ODD.selectFrom(ab, cd)).intoArray(out, to + 4 * k);
        }
    }

    private void makeRoom(int count) {
        int room = count + 3 & -4;
        if (wide.length < STEP * room) {
            wide = new float[STEP * room];
            first = new float[room];
            second = new float[room];
            third = new float[room];
            fourth = new float[room];
        }
    }
}
