package amberlens.core.pixels.sampling;

/** How many neighbours the kernel takes in when it is stretched. */
final class Kernel {
    /** The taps of a kernel that is not stretched. */
    static final int LEAST = 4;

    private static final double LONGEST = 32;
    private static final double ROUNDING = 1e-9;

    private Kernel() {}

    /**
     * How far a kernel may be stretched over so many pixels. When it covers all of them and more, the picture is thinner than a pixel,
     * and a longer one would take long and change nothing that can be seen.
     */
    static double mostStretch(int pixels) {
        return Math.max(LONGEST, 2.0 * pixels);
    }

    /** Neighbours, an even number, around a place between the two in the middle. */
    static int taps(double stretch) {
        return 2 * (int) Math.ceil(Cubic.RADIUS * Math.max(1, stretch) - ROUNDING);
    }

    /** The same filled up with neighbours of no weight to a multiple of four. */
    static int padded(int taps) {
        return taps + 3 & -4;
    }

    /** How far before a place the first neighbour lies, in whole pixels from the one before the place. */
    static int before(int taps) {
        return taps / 2 - 1;
    }
}
