package amberlens.core.render;

/**
 * A pixel in one long: red, green, blue and alpha of 16 bits each, from the low end.
 *
 * <p>A weighted sum of pixels takes two multiplications per pixel: red and blue lie 32 bits apart in one masked word,
 * green and alpha in another, and the sum of word times weight holds both sums, low + 2³² · high, as one exact integer.
 * Weights may be negative; the two sums are told apart at the end, because the low one fits into 31 bits and a sign: with
 * weights that sum to 2^{@value #WEIGHT_BITS} the cubic kernel's absolute weights stay below 1.25 times that.
 */
final class Rgba16 {
    /** Red and blue, or green and alpha when shifted by 16. */
    static final long MASK = 0x0000_FFFF_0000_FFFFL;

    static final int WEIGHT_BITS = 14;

    /** What the weights of one pixel sum to. */
    static final int ONE = 1 << WEIGHT_BITS;

    /** From a sum of components times weights to 0 … 1. */
    static final float TO_UNIT = 1f / (65535f * ONE);

    private Rgba16() {}

    static long pack(int red, int green, int blue, int alpha) {
        return red | (long) green << 16 | (long) blue << 32 | (long) alpha << 48;
    }

    static int red(long pixel) {
        return (int) pixel & 0xFFFF;
    }

    static int green(long pixel) {
        return (int) (pixel >>> 16) & 0xFFFF;
    }

    static int blue(long pixel) {
        return (int) (pixel >>> 32) & 0xFFFF;
    }

    static int alpha(long pixel) {
        return (int) (pixel >>> 48);
    }

    /** The sum of the component in the low half of a word. */
    static int low(long sum) {
        return (int) sum;
    }

    /** The sum of the component in the high half of a word. */
    static int high(long sum) {
        return (int) ((sum - (int) sum) >> 32);
    }

    /** Four samples of one row; {@code shift} 0 takes red and blue, 16 green and alpha. */
    static long four(long[] p, int at, int shift, int a, int b, int c, int d) {
        return (p[at] >>> shift & MASK) * a
                + (p[at + 1] >>> shift & MASK) * b
                + (p[at + 2] >>> shift & MASK) * c
                + (p[at + 3] >>> shift & MASK) * d;
    }

    /** Six samples of one row. */
    static long six(long[] p, int at, int shift, int a, int b, int c, int d, int e, int f) {
        return (p[at] >>> shift & MASK) * a
                + (p[at + 1] >>> shift & MASK) * b
                + (p[at + 2] >>> shift & MASK) * c
                + (p[at + 3] >>> shift & MASK) * d
                + (p[at + 4] >>> shift & MASK) * e
                + (p[at + 5] >>> shift & MASK) * f;
    }

    /** Eight samples of one row with the weights from a place on. */
    static long eight(long[] p, int at, int shift, int[] weights, int from) {
        return (p[at] >>> shift & MASK) * weights[from]
                + (p[at + 1] >>> shift & MASK) * weights[from + 1]
                + (p[at + 2] >>> shift & MASK) * weights[from + 2]
                + (p[at + 3] >>> shift & MASK) * weights[from + 3]
                + (p[at + 4] >>> shift & MASK) * weights[from + 4]
                + (p[at + 5] >>> shift & MASK) * weights[from + 5]
                + (p[at + 6] >>> shift & MASK) * weights[from + 6]
                + (p[at + 7] >>> shift & MASK) * weights[from + 7];
    }

    /** Any number of samples of one row. */
    static long any(long[] p, int at, int shift, int[] weights) {
        long sum = 0;
        for (int i = 0; i < weights.length; i++) {
            sum += (p[at + i] >>> shift & MASK) * weights[i];
        }
        return sum;
    }

    /** Turns weights that sum to about 1 into whole numbers that sum to exactly {@link #ONE}. */
    static void quantise(double[] weights, int count, int[] into, int offset) {
        int sum = 0;
        int largest = 0;
        for (int i = 0; i < count; i++) {
            int weight = (int) Math.rint(weights[i] * ONE);
            into[offset + i] = weight;
            sum += weight;
            largest = weights[i] > weights[largest] ? i : largest;
        }
        into[offset + largest] += ONE - sum;
    }
}
