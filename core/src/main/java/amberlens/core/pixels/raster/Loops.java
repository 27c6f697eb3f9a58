package amberlens.core.pixels.raster;

/**
 * What is done once per pixel, over red, green, blue and alpha side by side, as premultiplied linear light. There are two ways that
 * give the same picture to within a rounding: {@link PlainLoops}, and {@link VectorLoops} where the machine and its Java have wide
 * vectors. Each object is used by one thread.
 *
 * <p>Loops may read and write up to {@link #SPARE} numbers more than they are asked for, so every array of floats has that room at
 * its end.
 */
public interface Loops {
    /** How many numbers a loop may touch beyond what it was asked for. */
    int SPARE = 16;

    /** In how many steps a table of weights goes from one pixel to the next. */
    int PHASES = 256;

    /** The way that runs everywhere. */
    static Loops plain() {
        return new PlainLoops();
    }

    /** The fastest way that is ready, see {@link #warmUp}. */
    static Loops best() {
        return Best.ready ? new VectorLoops() : plain();
    }

    /** Whether this machine and its Java have vectors that are wide enough. */
    static boolean vectors() {
        return Best.VECTORS;
    }

    /**
     * Makes the fastest way ready. It takes some seconds the first time, so it is done beside other work, by programs that go on for
     * long enough; until then everything goes the plain way.
     */
    static void warmUp() {
        if (Best.VECTORS && !Best.ready) {
            new WarmUp().run();
            Best.ready = true;
        }
    }

    /** From 8-bit sRGB codes with straight alpha. */
    void decode(int[] codes, int from, int count, float[] into, int at);

    /** From 8-bit sRGB codes that are known to be opaque. */
    void decodeOpaque(int[] codes, int from, int count, float[] into, int at);

    /** From opaque 10-bit sRGB codes. */
    void decodeTenBits(int[] codes, int from, int count, float[] into, int at);

    /** From 16-bit linear light. */
    void decodeLinear(long[] pixels, int from, int count, float[] into, int at);

    /**
     * Adds up rows, each with its weight.
     *
     * @param at where the first row begins
     * @param pitch from one row to the next
     * @param first where the weights begin
     * @param sum takes {@code length} numbers from its beginning
     */
    void down(float[] rows, int at, int pitch, float[] weights, int first, int taps, float[] sum, int length);

    /**
     * Adds up neighbouring pixels of a row, each with its weight.
     *
     * @param at for each output pixel where its first neighbour stands in the row
     * @param weights for each output pixel its weights, one after the other
     * @param taps neighbours of an output pixel, a multiple of 4
     */
    void across(float[] row, int[] at, float[] weights, int taps, float[] out, int to, int count);

    /**
     * Adds up neighbouring pixels of a row with the same weights for every output pixel, each so many pixels after the one before.
     *
     * @param weights at least {@code taps} numbers
     * @param taps a multiple of 4
     * @param stride pixels
     */
    void thin(float[] row, float[] weights, int taps, int stride, float[] out, int to, int count);

    /**
     * The cubic kernel over four by four neighbours.
     *
     * @param pitch from one row of neighbours to the next
     * @param at for each output pixel where its first neighbour stands
     * @param right for each output pixel how far it stands to the right of its second neighbour, 0 … 1
     * @param down likewise below
     */
    void around(float[] rows, int pitch, int[] at, float[] right, float[] down, float[] out, int to, int count);

    /**
     * Takes the weights of a kernel for many places from a table.
     *
     * @param table the weights for {@link #PHASES} + 1 places from 0 to 1, what lies between is interpolated
     * @param taps weights of one place, a multiple of 4
     * @param place for each output pixel 0 … 1
     * @param weights takes for each output pixel its weights, one after the other
     */
    void weigh(float[] table, int taps, float[] place, float[] weights, int count);

    /**
     * Likewise from two tables.
     *
     * @param part of the second table at the first output pixel, 0 … 1; what lies beyond stands for the end
     * @param step how much that grows from pixel to pixel
     */
    void weigh(
            float[] table, float[] second, int taps, float[] place, float part, float step, float[] weights, int count);

    /**
     * Any kernel that is a product of one across and one down.
     *
     * @param across for each output pixel its weights, one after the other
     * @param acrossTaps a multiple of 4
     * @param down likewise
     * @param downPitch from the weights of one output pixel to those of the next
     */
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
            int count);

    /** Lays pixels over others, which change; both begin at the same place. */
    void over(float[] below, float[] above, int from, int count);

    /**
     * Multiplies the colours of pixels, not their alpha, by a matrix.
     *
     * @param matrix what one red gives to red, green, blue and alpha, which is 0, four times over; then likewise one green and one blue
     */
    void colour(float[] light, int from, int count, float[] matrix);

    /**
     * Multiplies the colours of each pixel by a number of its own.
     *
     * @param at where the first number stands among the factors
     * @param alphaToo whether alpha is multiplied, too
     */
    void dim(float[] light, int from, float[] factors, int at, int count, boolean alphaToo);

    /**
     * To opaque 8-bit sRGB codes, 0xFFRRGGBB, see {@link Dither}.
     *
     * @param left where in the output the first pixel stands
     * @param top likewise
     */
    void encode(float[] light, int at, int[] argb, int to, int count, int left, int top);

    /** To opaque 10-bit sRGB codes, see {@link CodeRaster#pixelOfTenBits}. */
    void encodeTenBits(float[] light, int at, int[] codes, int to, int count);

    /**
     * The luma of opaque 8-bit codes, see {@link Bt709}.
     *
     * @param from where in {@code argb} the first pixel stands
     * @param at where its luma goes
     */
    void luma(int[] argb, int from, int count, byte[] into, int at);

    /**
     * Their two differences, each of two by two pixels.
     *
     * @param upper where in {@code argb} the upper row begins
     * @param lower likewise
     * @param count of differences, half as many as pixels of a row
     */
    void chroma(int[] argb, int upper, int lower, int count, byte[] blue, byte[] red);

    /** Which way is best here, found out once. */
    final class Best {
        private static final boolean VECTORS =
                ModuleLayer.boot().findModule("jdk.incubator.vector").isPresent() && VectorLoops.areWide();

        private static volatile boolean ready;

        private Best() {}
    }
}
