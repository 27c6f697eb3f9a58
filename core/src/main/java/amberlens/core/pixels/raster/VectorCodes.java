package amberlens.core.pixels.raster;

import jdk.incubator.vector.ByteVector;
import jdk.incubator.vector.FloatVector;
import jdk.incubator.vector.IntVector;
import jdk.incubator.vector.LongVector;
import jdk.incubator.vector.VectorMask;
import jdk.incubator.vector.VectorOperators;
import jdk.incubator.vector.VectorSpecies;

/** From codes to light and back, four pixels at a time, see {@link VectorLoops}; counts of pixels are multiples of four. */
final class VectorCodes {
    private static final VectorSpecies<Float> F = FloatVector.SPECIES_512;
    private static final VectorSpecies<Integer> I = IntVector.SPECIES_512;
    private static final VectorMask<Float> ALPHAS = VectorMask.fromLong(F, 0b1000_1000_1000_1000L);
    private static final IntVector ALPHA_OF = VectorLoops.lanes(lane -> lane | 3);
    private static final IntVector EACH_FOUR_TIMES = VectorLoops.lanes(lane -> lane / 4);
    private static final IntVector RED_AND_BLUE_SWAPPED =
            VectorLoops.lanes(lane -> lane % 4 == 3 ? lane : lane / 4 * 4 + 2 - lane % 4);
    private static final IntVector TEN_BIT_SHIFTS = VectorLoops.lanes(lane -> 10 * (lane % 4));
    private static final IntVector PAIRS_SWAPPED = VectorLoops.lanes(lane -> lane ^ 2);
    private static final IntVector NEIGHBOURS_SWAPPED = VectorLoops.lanes(lane -> lane ^ 1);
    private static final IntVector FIRST_OF_FOUR = VectorLoops.lanes(lane -> 4 * (lane % 4));
    private static final FloatVector ONES = FloatVector.broadcast(F, 1);

    /** Added to 2²³, a number leaves nothing behind the point, and stands as a whole number in the low bits. */
    private static final FloatVector WHOLE = FloatVector.broadcast(F, 0x1p23f);

    private static final FloatVector ALL = FloatVector.broadcast(F, 255);
    private static final int HALF = Float.floatToRawIntBits(0.5f);
    private static final int EXACT = Float.floatToRawIntBits(Dither.EXACT);
    private static final int BLACK = Float.floatToRawIntBits(0x1p23f);
    private static final int WHITE = BLACK + 255;
    private static final float MOST = CodeRaster.MOST_OF_TEN_BITS;

    private VectorCodes() {}

    private static FloatVector bytes(int[] codes, int at) {
        var four = IntVector.fromArray(IntVector.SPECIES_128, codes, at).reinterpretAsBytes();
        var wide = (IntVector) four.convertShape(VectorOperators.ZERO_EXTEND_B2I, I, 0);
        return (FloatVector) wide.convertShape(VectorOperators.I2F, F, 0);
    }

    static void decode(int[] codes, int from, int count, float[] into, int at) {
        for (int x = 0; x < count; x += 4) {
            FloatVector code = bytes(codes, from + x);
            FloatVector light = VectorSrgb.toLinear(code).blend(ONES, ALPHAS);
            light.mul(VectorLoops.pick(ALPHA_OF, code).mul(1 / 255f)).intoArray(into, at + 4 * x);
        }
    }

    static void decodeOpaque(int[] codes, int from, int count, float[] into, int at) {
        for (int x = 0; x < count; x += 4) {
            VectorSrgb.toLinear(bytes(codes, from + x)).blend(ONES, ALPHAS).intoArray(into, at + 4 * x);
        }
    }

    static void decodeTenBits(int[] codes, int from, int count, float[] into, int at) {
        for (int x = 0; x < count; x += 4) {
            var four = (IntVector)
                    IntVector.fromArray(IntVector.SPECIES_128, codes, from + x).reinterpretShape(I, 0);
            IntVector code = EACH_FOUR_TIMES
                    .selectFrom(four)
                    .lanewise(VectorOperators.LSHR, TEN_BIT_SHIFTS)
                    .and(1023);
            FloatVector part = ((FloatVector) code.convertShape(VectorOperators.I2F, F, 0)).mul(255 / MOST);
            VectorSrgb.toLinear(part).blend(ONES, ALPHAS).intoArray(into, at + 4 * x);
        }
    }

    static void decodeLinear(long[] pixels, int from, int count, float[] into, int at) {
        for (int x = 0; x < count; x += 4) {
            var four = LongVector.fromArray(LongVector.SPECIES_256, pixels, from + x)
                    .reinterpretAsShorts();
            var wide = (IntVector) four.convertShape(VectorOperators.ZERO_EXTEND_S2I, I, 0);
            ((FloatVector) wide.convertShape(VectorOperators.I2F, F, 0))
                    .mul(1 / 65535f)
                    .intoArray(into, at + 4 * x);
        }
    }

    /** To eight bits, see {@link Dither}. */
    static void encode(float[] light, int at, int[] argb, int to, int count, int left, int top) {
        int firstRow = Dither.row(top);
        int secondRow = Dither.secondRow(top);
        for (int k = 0; k < count; k += 4) {
            FloatVector swapped = VectorLoops.pick(RED_AND_BLUE_SWAPPED, FloatVector.fromArray(F, light, at + 4 * k));
            FloatVector value = VectorSrgb.toCode(swapped).mul(255);
            FloatVector both = value.reinterpretAsInts() // numbers from 0 up have the order of their bits
                    .min(ALL.sub(value).reinterpretAsInts())
                    .min(HALF)
                    .reinterpretAsFloats();
            FloatVector first = FloatVector.fromArray(F, Dither.SPREAD, firstRow + Dither.place(left + k));
            FloatVector second = FloatVector.fromArray(F, Dither.TWICE, secondRow + Dither.secondPlace(left + k));
            FloatVector whole = value.add(WHOLE);
            VectorMask<Integer> exact = whole.sub(WHOLE)
                    .sub(value)
                    .reinterpretAsInts()
                    .and(Integer.MAX_VALUE)
                    .compare(VectorOperators.LT, EXACT);
            IntVector code = both.fma(second, first)
                    .add(value)
                    .add(WHOLE)
                    .reinterpretAsInts()
                    .max(BLACK)
                    .min(WHITE)
                    .blend(whole.reinterpretAsInts(), exact);
            ((ByteVector) code.convertShape(VectorOperators.I2B, ByteVector.SPECIES_128, 0))
                    .reinterpretAsInts()
                    .lanewise(VectorOperators.OR, 0xFF000000)
                    .intoArray(argb, to + k);
        }
    }

    static void encodeTenBits(float[] light, int at, int[] codes, int to, int count) {
        for (int k = 0; k < count; k += 4) {
            FloatVector part = VectorSrgb.toCode(FloatVector.fromArray(F, light, at + 4 * k));
            IntVector code = part.fma(FloatVector.broadcast(F, MOST), WHOLE)
                    .reinterpretAsInts()
                    .and(1023)
                    .lanewise(VectorOperators.LSHL, TEN_BIT_SHIFTS)
                    .blend(0, ALPHAS.cast(I));
            code = code.or(PAIRS_SWAPPED.selectFrom(code));
            code = code.or(NEIGHBOURS_SWAPPED.selectFrom(code));
            ((IntVector) FIRST_OF_FOUR.selectFrom(code).reinterpretShape(IntVector.SPECIES_128, 0))
                    .intoArray(codes, to + k);
        }
    }
}
