package amberlens.core.pixels.raster;

import jdk.incubator.vector.ByteVector;
import jdk.incubator.vector.IntVector;
import jdk.incubator.vector.VectorOperators;
import jdk.incubator.vector.VectorSpecies;

/** {@link Bt709} for sixteen pixels at a time, bit for bit the same; counts are multiples of sixteen. */
final class VectorBt709 {
    private static final VectorSpecies<Integer> I = IntVector.SPECIES_512;
    private static final int STEP = 16;
    private static final IntVector EVEN = VectorLoops.lanes(lane -> 2 * lane);
    private static final IntVector ODD = VectorLoops.lanes(lane -> 2 * lane + 1);

    /** Red and blue of a pixel, with room for sums of four between them. */
    private static final int RED_AND_BLUE = 0xFF00FF;

    private VectorBt709() {}

    static void luma(int[] argb, int from, int count, byte[] into, int at) {
        for (int x = 0; x < count; x += STEP) {
            IntVector rgb = IntVector.fromArray(I, argb, from + x);
            IntVector red = rgb.lanewise(VectorOperators.LSHR, 16).and(0xFF);
            IntVector green = rgb.lanewise(VectorOperators.LSHR, 8).and(0xFF);
            IntVector sum = red.mul(Bt709.YR)
                    .add(green.mul(Bt709.YG))
                    .add(rgb.and(0xFF).mul(Bt709.YB))
                    .add(Bt709.HALF + (16 << Bt709.BITS))
                    .lanewise(VectorOperators.LSHR, Bt709.BITS);
            bytes(sum).intoArray(into, at + x);
        }
    }

    static void chroma(int[] argb, int upper, int lower, int count, byte[] blue, byte[] red, int at) {
        for (int x = 0; x < count; x += STEP) {
            IntVector a = IntVector.fromArray(I, argb, upper + 2 * x);
            IntVector b = IntVector.fromArray(I, argb, upper + 2 * x + STEP);
            IntVector c = IntVector.fromArray(I, argb, lower + 2 * x);
            IntVector d = IntVector.fromArray(I, argb, lower + 2 * x + STEP);
            IntVector ends = a.and(RED_AND_BLUE).add(c.and(RED_AND_BLUE));
            IntVector moreEnds = b.and(RED_AND_BLUE).add(d.and(RED_AND_BLUE));
            IntVector greens = green(a).add(green(c));
            IntVector moreGreens = green(b).add(green(d));
            IntVector both = EVEN.selectFrom(ends, moreEnds).add(ODD.selectFrom(ends, moreEnds));
            IntVector g = EVEN.selectFrom(greens, moreGreens).add(ODD.selectFrom(greens, moreGreens));
            IntVector r = both.lanewise(VectorOperators.LSHR, 16);
            IntVector e = both.and(0xFFFF);
            difference(r.mul(Bt709.UR).add(g.mul(Bt709.UG)).add(e.mul(Bt709.UB)))
                    .intoArray(blue, at + x);
            difference(r.mul(Bt709.VR).add(g.mul(Bt709.VG)).add(e.mul(Bt709.VB)))
                    .intoArray(red, at + x);
        }
    }

    private static IntVector green(IntVector argb) {
        return argb.lanewise(VectorOperators.LSHR, 8).and(0xFF);
    }

    private static ByteVector difference(IntVector sumOfFour) {
        return bytes(sumOfFour
                .add(4 * Bt709.HALF + (128 << (Bt709.BITS + 2)))
                .lanewise(VectorOperators.LSHR, Bt709.BITS + 2));
    }

    private static ByteVector bytes(IntVector values) {
        return (ByteVector) values.convertShape(VectorOperators.I2B, ByteVector.SPECIES_128, 0);
    }
}
