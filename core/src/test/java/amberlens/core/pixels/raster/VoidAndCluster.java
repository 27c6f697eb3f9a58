package amberlens.core.pixels.raster;

import java.util.Random;

/**
 * Makes a mask of blue noise: R. Ulichney, <em>The void-and-cluster method for dither array generation</em>, Proc. SPIE 1913, 1993
 * (from memory). What is made here ships as a file.
 */
final class VoidAndCluster {
    private static final double SIGMA = 1.5;

    private final int side;
    private final boolean[] ones;
    private final double[] density;
    private final double[] falloff;

    private VoidAndCluster(int side) {
        this.side = side;
        ones = new boolean[side * side];
        density = new double[side * side];
        falloff = new double[side];
        for (int far = 0; far < side; far++) {
            int near = Math.min(far, side - far);
            falloff[far] = StrictMath.exp(-near * near / (2 * SIGMA * SIGMA));
        }
    }

    /** The order in which places are filled, 0 … side² − 1, row by row. */
    static int[] ranks(int side, long seed) {
        var made = new VoidAndCluster(side);
        made.begin(new Random(seed), side * side / 10);
        int begun = side * side / 10;
        int[] ranks = new int[side * side];
        boolean[] first = made.ones.clone();
        for (int rank = begun - 1; rank >= 0; rank--) {
            int tightest = made.tightest();
            made.set(tightest, false);
            ranks[tightest] = rank;
        }
        for (int i = 0; i < first.length; i++) {
            if (first[i]) {
                made.set(i, true);
            }
        }
        for (int rank = begun; rank < side * side; rank++) {
            int widest = made.widest();
            made.set(widest, true);
            ranks[widest] = rank;
        }
        return ranks;
    }

    private void begin(Random chance, int count) {
        for (int placed = 0; placed < count; ) {
            int at = chance.nextInt(ones.length);
            if (!ones[at]) {
                set(at, true);
                placed++;
            }
        }
        int from;
        int to;
        do {
            from = tightest();
            set(from, false);
            to = widest();
            set(to, true);
        } while (from != to);
    }

    private void set(int at, boolean one) {
        ones[at] = one;
        double sign = one ? 1 : -1;
        for (int y = 0; y < side; y++) {
            double down = sign * falloff[Math.floorMod(y - at / side, side)];
            for (int x = 0; x < side; x++) {
                density[y * side + x] += down * falloff[Math.floorMod(x - at % side, side)];
            }
        }
    }

    private int tightest() {
        int best = -1;
        for (int i = 0; i < ones.length; i++) {
            if (ones[i] && (best < 0 || density[i] > density[best])) {
                best = i;
            }
        }
        return best;
    }

    private int widest() {
        int best = -1;
        for (int i = 0; i < ones.length; i++) {
            if (!ones[i] && (best < 0 || density[i] < density[best])) {
                best = i;
            }
        }
        return best;
    }
}
