package amberlens.core.pixels.sampling;

import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.raster.Raster;

/** Reads a level through any map: each output pixel takes the neighbours around the exact place that its centre comes from. */
final class GeneralSampler implements LevelSampler {
    /** Output pixels that are read at once. */
    private static final int RUN = Window.Shape.TILE.width();

    /** Towards a horizon places lie without end: further out than so many pixels nothing is seen but what goes on from the border. */
    private static final double BEYOND = 64;

    private final Loops loops;
    private final Raster level;
    private final ProjectiveMap toLevel;
    private final int index;
    private final boolean coarsest;
    private final Patch patch;
    private final int[] at = new int[RUN];
    private final float[] right = new float[RUN];
    private final float[] below = new float[RUN];
    private final StretchedWeights across;
    private final StretchedWeights down;

    /**
     * @param index of the level, which has 1/2ⁿ pixels per source pixel
     * @param coarsest whether no coarser one comes after it
     * @param toPicture from output pixels to source pixels
     */
    GeneralSampler(Loops loops, Patch patch, Raster level, int index, boolean coarsest, ProjectiveMap toPicture) {
        this.loops = loops;
        this.level = level;
        this.index = index;
        this.coarsest = coarsest;
        toLevel = toPicture
                .thenScaled(Math.scalb(1, -index), Math.scalb(1, -index))
                .thenShifted(-0.5, -0.5);
        this.patch = patch;
        across = new StretchedWeights(loops);
        down = new StretchedWeights(loops);
    }

    @Override
    public void paint(Window window, Spans spans, ConvexArea area, Reduction reduction, float[] light) {
        int size = 1 << index;
        double leastAcross = Math.max(reduction.across().least() * size, 1 / mostStretch(level.width()));
        double leastDown = Math.max(reduction.down().least() * size, 1 / mostStretch(level.height()));
        across.prepare(leastAcross, reduction.across().most() * size);
        down.prepare(leastDown, reduction.down().most() * size);
        int acrossTaps = across.taps();
        int downTaps = down.taps();
        boolean stretched = acrossTaps > Kernel.LEAST || downTaps > Kernel.LEAST;
        patch.read(level, seen(area), acrossTaps / 2 + 1, downTaps / 2 + 1);
        int back = 4 * Kernel.before(acrossTaps) + patch.pitch() * Kernel.before(downTaps);
        for (int y = 0; y < window.height(); y++) {
            for (int x = spans.from(y); x < spans.to(y); x += RUN) {
                int count = Math.min(RUN, spans.to(y) - x);
                int to = window.row(y) + 4 * x;
                place(window.left() + x, window.top() + y, back, acrossTaps, downTaps, count);
                if (stretched) {
                    stretched(reduction, y, x, downTaps, count, light, to);
                } else {
                    loops.around(patch.light(), patch.pitch(), at, right, below, light, to, count);
                }
            }
        }
    }

    private ConvexArea seen(ConvexArea area) {
        return toLevel.isAffine()
                ? area.through(toLevel)
                : area.through(toLevel, level.width(), level.height(), BEYOND);
    }

    /** Pixels that see more than others do are a coarser level's, which takes their place; the coarsest has to show them itself. */
    private double mostStretch(int pixels) {
        double most = Kernel.mostStretch(pixels);
        return coarsest ? most : Math.min(most, Footprint.MOST_OF_A_LEVEL);
    }

    private void stretched(Reduction reduction, int y, int x, int downTaps, int count, float[] light, int to) {
        int size = 1 << index;
        Reduction.Along one = reduction.across();
        Reduction.Along other = reduction.down();
        loops.around(
                patch.light(),
                patch.pitch(),
                at,
                across.of(right, one.at(y, x) * size, one.step(y) * size, count),
                across.padded(),
                down.of(below, other.at(y, x) * size, other.step(y) * size, count),
                down.padded(),
                downTaps,
                light,
                to,
                count);
    }

    /**
     * Finds for each output pixel of a run its place: whole pixels of the patch, and what is left.
     *
     * @param back from the pixel before each place to the first neighbour
     */
    private void place(int x, int y, int back, int acrossTaps, int downTaps, int count) {
        double px = x + 0.5;
        double py = y + 0.5;
        double w = toLevel.w(px, py);
        double u = toLevel.xx() * px + toLevel.xy() * py + toLevel.dx() - patch.left() * w;
        double v = toLevel.yx() * px + toLevel.yy() * py + toLevel.dy() - patch.top() * w;
        double du = toLevel.xx() - patch.left() * toLevel.wx();
        double dv = toLevel.yx() - patch.top() * toLevel.wx();
        if (toLevel.isAffine()) {
            along((float) (u / w), (float) (du / w), back, count, at, right);
            alsoDown((float) (v / w), (float) (dv / w), patch.pitch(), count, at, below);
        } else {
            double dw = toLevel.wx();
            along(u, du, w, dw, acrossTaps / 2 - 1, patch.columns() - acrossTaps / 2 - 1, back, count, at, right);
            int lastRow = patch.rows() - downTaps / 2 - 1;
            alsoDown(v, dv, w, dw, downTaps / 2 - 1, lastRow, patch.pitch(), count, at, below);
        }
    }

    private static void along(float u, float du, int back, int count, int[] at, float[] right) {
        for (int k = 0; k < count; k++) {
            float place = u + k * du;
            int whole = (int) place;
            at[k] = 4 * whole - back;
            right[k] = place - whole;
        }
    }

    private static void alsoDown(float v, float dv, int pitch, int count, int[] at, float[] below) {
        for (int k = 0; k < count; k++) {
            float place = v + k * dv;
            int whole = (int) place;
            at[k] += whole * pitch;
            below[k] = place - whole;
        }
    }

    /** In double numbers: near the horizon both ends of the fraction are small, and what lies there must not be read elsewhere. */
    private static void along(
            double u,
            double du,
            double w,
            double dw,
            int least,
            int most,
            int back,
            int count,
            int[] at,
            float[] right) {
        for (int k = 0; k < count; k++) {
            double place = (u + k * du) / (w + k * dw);
            int whole = Math.max(least, Math.min((int) place, most));
            at[k] = 4 * whole - back;
            right[k] = (float) Math.max(0, Math.min(place - whole, 1));
        }
    }

    private static void alsoDown(
            double v,
            double dv,
            double w,
            double dw,
            int least,
            int most,
            int pitch,
            int count,
            int[] at,
            float[] below) {
        for (int k = 0; k < count; k++) {
            double place = (v + k * dv) / (w + k * dw);
            int whole = Math.max(least, Math.min((int) place, most));
            at[k] += whole * pitch;
            below[k] = (float) Math.max(0, Math.min(place - whole, 1));
        }
    }
}
