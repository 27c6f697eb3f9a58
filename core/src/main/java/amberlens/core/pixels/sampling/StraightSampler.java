package amberlens.core.pixels.sampling;

import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.raster.Raster;

/**
 * Reads a level that is not turned: rows are added up by their weights first, then pixels along the row. A mirrored picture is read
 * in the same way.
 */
final class StraightSampler implements LevelSampler {
    private final Loops loops;
    private final Raster level;
    private final Patch patch;
    private final Axis across;
    private final Axis down;
    private float[] sum = new float[0];
    private int[] at = new int[0];
    private int firstColumn;
    private int columns;
    private int[] neighbours = new int[0];
    private float[] acrossWeights = new float[0];
    private float[] downWeights = new float[0];
    private int[] rows = new int[0];

    /**
     * One axis of the map from the output to the level.
     *
     * @param step pixels of the level per output pixel; negative when the picture is mirrored
     * @param origin where the output's origin lands in the level, in pixels
     * @param stretch of the kernel, at least 1
     */
    record Axis(double step, double origin, double stretch) {
        int taps() {
            return Kernel.taps(stretch);
        }

        /** Where the centre of an output pixel lands, in pixels whose centres have whole numbers. */
        double place(int output) {
            return (output + 0.5) * step + origin - 0.5;
        }

        /** The first neighbour of an output pixel; fills its weights, which sum to 1. */
        int weigh(int output, int taps, float[] weights, int from) {
            double place = place(output);
            int first = (int) Math.floor(place) - Kernel.before(taps);
            double total = 0;
            for (int tap = 0; tap < taps; tap++) {
                double weight = Cubic.weight((first + tap - place) / stretch);
                weights[from + tap] = (float) weight;
                total += weight;
            }
            float even = (float) (1 / total);
            for (int tap = 0; tap < taps; tap++) {
                weights[from + tap] *= even;
            }
            return first;
        }
    }

    StraightSampler(Loops loops, Patch patch, Raster level, Axis across, Axis down) {
        this.loops = loops;
        this.level = level;
        this.across = across;
        this.down = down;
        this.patch = patch;
    }

    @Override
    public void paint(Window window, Spans spans, ConvexArea area, Reduction reduction, float[] light) {
        int first = firstRow(window, spans);
        if (first < window.height()) {
            int from = spans.from(first);
            int to = spans.to(first);
            int acrossTaps = across.taps();
            int downTaps = down.taps();
            patch.read(level, inLevel(area), acrossTaps / 2, downTaps / 2);
            weighColumns(window.left() + from, to - from, acrossTaps);
            weighRows(window, downTaps);
            int begin = across.step() > 0 ? at[0] : at[to - from - 1];
            int end = (across.step() > 0 ? at[to - from - 1] : at[0]) + 4 * Kernel.padded(acrossTaps);
            reach(begin, end, to - from);
            for (int y = first; y < window.height(); y++) {
                if (!spans.isEmpty(y)) {
                    int row = patch.at(patch.left(), rows[y]) + begin;
                    loops.down(
                            patch.light(), row, patch.pitch(), downWeights, y * downTaps, downTaps, sum, end - begin);
                    loops.across(
                            sum,
                            at,
                            acrossWeights,
                            Kernel.padded(acrossTaps),
                            light,
                            window.row(y) + 4 * from,
                            to - from);
                }
            }
        }
    }

    private static int firstRow(Window window, Spans spans) {
        int y = 0;
        while (y < window.height() && spans.isEmpty(y)) {
            y++;
        }
        return y;
    }

    private ConvexArea inLevel(ConvexArea area) {
        return area.scaled(across.step(), across.origin() - 0.5, down.step(), down.origin() - 0.5);
    }

    /** Windows below each other have the same columns. */
    private void weighColumns(int from, int count, int taps) {
        int padded = Kernel.padded(taps);
        if (firstColumn != from || columns != count) {
            firstColumn = from;
            columns = count;
            neighbours = new int[count];
            acrossWeights = new float[padded * count + Loops.SPARE];
            for (int k = 0; k < count; k++) {
                neighbours[k] = across.weigh(from + k, taps, acrossWeights, k * padded);
            }
        }
        if (at.length < count) {
            at = new int[count];
        }
        for (int k = 0; k < count; k++) {
            at[k] = 4 * (neighbours[k] - patch.left());
        }
    }

    private void weighRows(Window window, int taps) {
        if (rows.length < window.height()) {
            rows = new int[window.height()];
        }
        if (downWeights.length < taps * window.height()) {
            downWeights = new float[taps * window.height()];
        }
        for (int y = 0; y < window.height(); y++) {
            rows[y] = down.weigh(window.top() + y, taps, downWeights, y * taps);
        }
    }

    /** Columns are counted from the first one that is added up. */
    private void reach(int begin, int end, int count) {
        for (int k = 0; k < count; k++) {
            at[k] -= begin;
        }
        if (sum.length < end - begin + 2 * Loops.SPARE) {
            sum = new float[end - begin + 2 * Loops.SPARE];
        }
    }
}
