package amberlens.core.pixels.raster;

import jdk.incubator.vector.FloatVector;
import jdk.incubator.vector.IntVector;
import jdk.incubator.vector.VectorSpecies;

/**
 * On vectors of 512 bits: four pixels at a time.
 *
 * <p>Each kernel is a loop of its own with a species that is constant, a trip count that is not, and at most about 25 vector
 * operations; otherwise the compiler keeps vectors as objects and everything takes ten to a hundred times as long, which a test on
 * allocated memory would show.
 */
final class VectorLoops implements Loops {
    private static final VectorSpecies<Float> F = FloatVector.SPECIES_512;
    private static final VectorSpecies<Integer> I = IntVector.SPECIES_512;
    private static final int STEP = 16;

    private static final IntVector ALPHA_OF = lanes(lane -> lane | 3);
    private static final FloatVector ONES = FloatVector.broadcast(F, 1);

    /** For what is left over. */
    private final Loops plain = new PlainLoops();

    private final VectorSampling sampling = new VectorSampling();

    /** Whether vectors of this machine are as wide as these loops are made for. */
    static boolean areWide() {
        return FloatVector.SPECIES_PREFERRED.length() >= F.length();
    }

    interface OfLane {
        int of(int lane);
    }

    static IntVector lanes(OfLane rule) {
        int[] values = new int[STEP];
        for (int lane = 0; lane < STEP; lane++) {
            values[lane] = rule.of(lane);
        }
        return IntVector.fromArray(I, values, 0);
    }

    /** The same four numbers in each quarter. */
    static FloatVector quarter(float a, float b, float c, float d) {
        return FloatVector.fromArray(F, new float[] {a, b, c, d, a, b, c, d, a, b, c, d, a, b, c, d}, 0);
    }

    static FloatVector pick(IntVector lanes, FloatVector of) {
        return lanes.selectFrom(of.reinterpretAsInts()).reinterpretAsFloats();
    }

    @Override
    public void decode(int[] codes, int from, int count, float[] into, int at) {
        int whole = count & -4;
        VectorCodes.decode(codes, from, whole, into, at);
        plain.decode(codes, from + whole, count - whole, into, at + 4 * whole);
    }

    @Override
    public void decodeOpaque(int[] codes, int from, int count, float[] into, int at) {
        int whole = count & -4;
        VectorCodes.decodeOpaque(codes, from, whole, into, at);
        plain.decodeOpaque(codes, from + whole, count - whole, into, at + 4 * whole);
    }

    @Override
    public void decodeTenBits(int[] codes, int from, int count, float[] into, int at) {
        int whole = count & -4;
        VectorCodes.decodeTenBits(codes, from, whole, into, at);
        plain.decodeTenBits(codes, from + whole, count - whole, into, at + 4 * whole);
    }

    @Override
    public void decodeLinear(long[] pixels, int from, int count, float[] into, int at) {
        int whole = count & -4;
        VectorCodes.decodeLinear(pixels, from, whole, into, at);
        plain.decodeLinear(pixels, from + whole, count - whole, into, at + 4 * whole);
    }

    @Override
    public void down(float[] rows, int at, int pitch, float[] weights, int first, int taps, float[] sum, int length) {
        sampling.down(rows, at, pitch, weights, first, taps, sum, length);
    }

    @Override
    public void across(float[] row, int[] at, float[] weights, int taps, float[] out, int to, int count) {
        sampling.across(row, at, weights, taps, out, to, count);
    }

    @Override
    public void thin(float[] row, float[] weights, int taps, int stride, float[] out, int to, int count) {
        sampling.thin(row, weights, taps, stride, out, to, count);
    }

    @Override
    public void weigh(float[] table, int taps, float[] place, float[] weights, int count) {
        sampling.weigh(table, taps, place, weights, count);
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
        sampling.weigh(table, second, taps, place, part, step, weights, count);
    }

    @Override
    public void around(float[] rows, int pitch, int[] at, float[] right, float[] down, float[] out, int to, int count) {
        sampling.around(rows, pitch, at, right, down, out, to, count);
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
        sampling.around(rows, pitch, at, across, acrossTaps, down, downPitch, downTaps, out, to, count);
    }

    @Override
    public void over(float[] below, float[] above, int from, int count) {
        int whole = count & -4;
        for (int i = from; i < from + 4 * whole; i += STEP) {
            FloatVector top = FloatVector.fromArray(F, above, i);
            FloatVector rest = ONES.sub(pick(ALPHA_OF, top));
            FloatVector.fromArray(F, below, i).fma(rest, top).intoArray(below, i);
        }
        plain.over(below, above, from + 4 * whole, count - whole);
    }

    @Override
    public void colour(float[] light, int from, int count, float[] matrix) {
        int whole = count & -4;
        VectorColours.colour(light, from, whole, matrix);
        plain.colour(light, from + 4 * whole, count - whole, matrix);
    }

    @Override
    public void dim(float[] light, int from, float[] factors, int at, int count, boolean alphaToo) {
        int whole = count & -4;
        VectorColours.dim(light, from, factors, at, whole, alphaToo);
        plain.dim(light, from + 4 * whole, factors, at + whole, count - whole, alphaToo);
    }

    @Override
    public void encode(float[] light, int at, int[] argb, int to, int count, int left, int top) {
        int whole = count & -4;
        VectorCodes.encode(light, at, argb, to, whole, left, top);
        plain.encode(light, at + 4 * whole, argb, to + whole, count - whole, left + whole, top);
    }

    @Override
    public void encodeTenBits(float[] light, int at, int[] codes, int to, int count) {
        int whole = count & -4;
        VectorCodes.encodeTenBits(light, at, codes, to, whole);
        plain.encodeTenBits(light, at + 4 * whole, codes, to + whole, count - whole);
    }

    @Override
    public void luma(int[] argb, int from, int count, byte[] into, int at) {
        int whole = count & -STEP;
        VectorBt709.luma(argb, from, whole, into, at);
        Bt709.luma(argb, from + whole, count - whole, into, at + whole);
    }

    @Override
    public void chroma(int[] argb, int upper, int lower, int count, byte[] blue, byte[] red) {
        int whole = count & -STEP;
        VectorBt709.chroma(argb, upper, lower, whole, blue, red, 0);
        Bt709.chroma(argb, upper + 2 * whole, lower + 2 * whole, count - whole, blue, red, whole);
    }
}
