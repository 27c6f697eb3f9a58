package amberlens.core.pixels.raster;

/**
 * Brings light to whole codes so that what is smooth stays smooth: thresholds of blue noise, fixed to places of the output, the same at
 * every rendering. Two are added up, which makes the noise of a code the same everywhere: half a code. What is a whole code already stays, and so
 * does what is black or white.
 */
public final class Dither {
    /** The noise comes again after so many pixels, across and down. */
    static final int SIDE = BlueNoise.SIDE;

    /** From one row of thresholds to the next; the first pixels stand at the end once more, so that four can be read from any. */
    static final int PITCH = 4 * (SIDE + 4);

    /** A threshold, −0.5 … 0.5 around 0, four times over for each pixel, row by row. */
    static final float[] SPREAD = spread(1);

    /** Likewise, twice as much. */
    static final float[] TWICE = spread(2);

    /** What is so near to a whole code is one, but for the rounding of what came before. */
    static final float EXACT = 1 / 40f;

    /** Where the second threshold of a pixel stands, from its first. */
    private static final int ACROSS = 29;

    private static final int DOWN = 17;

    private Dither() {}

    private static float[] spread(float times) {
        int[] ranks = BlueNoise.ranks();
        float[] spread = new float[PITCH * SIDE + Loops.SPARE];
        for (int y = 0; y < SIDE; y++) {
            for (int i = 0; i < PITCH; i++) {
                spread[y * PITCH + i] = times * ((ranks[y * SIDE + i / 4 % SIDE] + 0.5f) / ranks.length - 0.5f);
            }
        }
        return spread;
    }

    /** Where the first thresholds of a row stand. */
    static int row(int y) {
        return PITCH * (y & SIDE - 1);
    }

    /** Where its second thresholds stand. */
    static int secondRow(int y) {
        return row(y + DOWN);
    }

    /** Where in a row the first threshold of a pixel stands. */
    static int place(int x) {
        return 4 * (x & SIDE - 1);
    }

    /** Where in a row its second threshold stands. */
    static int secondPlace(int x) {
        return place(x + ACROSS);
    }

    /**
     * The code of a pixel.
     *
     * @param value 0 … 255, with what is left of it behind the point
     * @param x output pixels
     * @param y likewise
     */
    public static int code(float value, int x, int y) {
        return code(value, SPREAD[row(y) + place(x)], SPREAD[secondRow(y) + secondPlace(x)]);
    }

    static int code(float value, float first, float second) {
        float whole = (float) Math.rint(value);
        if (Math.abs(value - whole) < EXACT) {
            return (int) whole;
        }
        float both =
                Math.min(1, 2 * Math.min(value, 255 - value)); // next to black and white there is room to one side only
        return (int) Math.rint(Math.clamp(value + first + both * second, 0, 255));
    }
}
