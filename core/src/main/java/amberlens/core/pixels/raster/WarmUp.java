package amberlens.core.pixels.raster;

/**
 * Vector loops take a hundred times as long before the compiler has seen them run for a while, so they are run on nothing first, and
 * the plain ones do the work until then.
 */
final class WarmUp {
    private static final int PIXELS = 128;
    private static final int ROUNDS = 800;
    private static final int[] TAPS = {4, 8, 12};

    private final Loops loops = new VectorLoops();
    private final int[] codes = new int[PIXELS + Loops.SPARE];
    private final int[] at = new int[PIXELS];
    private final float[] light = new float[8 * PIXELS + 32 * Loops.SPARE];
    private final float[] other = new float[8 * PIXELS + 32 * Loops.SPARE];
    private final float[] weights = new float[16 * PIXELS + Loops.SPARE];
    private final float[] table = new float[16 * (Loops.PHASES + 1) + Loops.SPARE];
    private final byte[] bytes = new byte[PIXELS];
    private final byte[] moreBytes = new byte[PIXELS];
    private final float[] part = new float[PIXELS + Loops.SPARE];

    void run() {
        long[] pixels = new long[PIXELS + Loops.SPARE];
        repeat(() -> loops.decode(codes, 0, PIXELS, light, 0));
        repeat(() -> loops.decodeOpaque(codes, 0, PIXELS, light, 0));
        repeat(() -> loops.decodeTenBits(codes, 0, PIXELS, light, 0));
        repeat(() -> loops.decodeLinear(pixels, 0, PIXELS, light, 0));
        repeat(() -> loops.down(light, 0, Loops.SPARE, weights, 0, 6, other, 4 * PIXELS));
        repeat(() -> loops.around(light, Loops.SPARE, at, part, part, other, 0, PIXELS));
        repeat(() -> loops.over(light, other, 0, PIXELS));
        repeat(() -> loops.colour(light, 0, PIXELS, other));
        repeat(() -> loops.dim(light, 0, part, 0, PIXELS, false));
        repeat(() -> loops.dim(light, 0, part, 0, PIXELS, true));
        repeat(() -> loops.encode(light, 0, codes, 0, PIXELS, 0, 0));
        repeat(() -> loops.luma(codes, 0, PIXELS, bytes, 0));
        repeat(() -> loops.chroma(codes, 0, 0, PIXELS / 2, bytes, moreBytes));
        repeat(() -> loops.encodeTenBits(light, 0, codes, 0, PIXELS));
        for (int taps : TAPS) {
            repeat(() -> loops.across(light, at, weights, taps, other, 0, PIXELS));
            repeat(() -> loops.thin(light, weights, taps, 1, other, 0, PIXELS));
            repeat(() -> loops.weigh(table, taps, part, weights, PIXELS));
            repeat(() -> loops.weigh(table, table, taps, part, 0, 0, weights, PIXELS));
            repeat(() -> loops.around(light, Loops.SPARE, at, weights, taps, weights, taps, 6, other, 0, PIXELS));
            repeat(() -> loops.around(light, Loops.SPARE, at, weights, taps, weights, taps, 8, other, 0, PIXELS));
        }
    }

    private static void repeat(Runnable loop) {
        for (int i = 0; i < ROUNDS; i++) {
            loop.run();
        }
    }
}
