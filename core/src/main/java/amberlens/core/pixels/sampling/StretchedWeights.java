package amberlens.core.pixels.sampling;

import amberlens.core.pixels.raster.Loops;
import java.util.HashMap;
import java.util.Map;

/**
 * The weights of stretched kernels along one axis for runs of output pixels. Where the stretch changes within a window, they are
 * interpolated between those of its least and its most. Used by one thread.
 */
final class StretchedWeights {
    private static final double SAME = 1e-9;

    /** Kernels that differ by less share one table: their weights differ by less than a code of eight bits shows. */
    private static final double CLOSE = 1.0 / 32;

    private static final double FINE = 256;

    /** Tables are made for so many degrees of stretch, so that windows share them. */
    private static final double NODES = 64;

    private record Wanted(int taps, double narrow) {}

    private final Map<Wanted, float[]> tables = new HashMap<>();

    private final Loops loops;
    private int taps;
    private double least = Double.NaN;
    private double most = Double.NaN;
    private float[] narrowest = new float[0];
    private float[] widest = new float[0];
    private float[] weights = new float[0];

    StretchedWeights(Loops loops) {
        this.loops = loops;
    }

    /**
     * What a window needs.
     *
     * @param leastNarrow one over the kernel's greatest stretch
     * @param mostNarrow one over its least; more than 1 stands for 1
     */
    void prepare(double leastNarrow, double mostNarrow) {
        double from = Math.min(1, leastNarrow);
        double to = Math.clamp(mostNarrow, from, 1);
        if (to - from < CLOSE) {
            from = Math.round((from + to) / 2 * FINE) / FINE;
            to = from;
        }
        boolean same = to - from < SAME;
        from = same ? from : Math.max(Math.floor(from * NODES) / NODES, Math.min(from, 1.0 / NODES));
        to = same ? from : Math.ceil(to * NODES) / NODES;
        if (from != least || to != most) {
            taps = Kernel.taps(1 / from);
            least = from;
            most = to;
            widest = table(from);
            narrowest = same ? widest : table(to);
        }
    }

    /** Neighbouring windows mostly have the same ones. */
    private float[] table(double narrow) {
        return tables.computeIfAbsent(new Wanted(taps, narrow), wanted -> KernelTable.of(wanted.taps, wanted.narrow));
    }

    /**
     * For each pixel of a run its weights, filled up to a multiple of four.
     *
     * @param fraction for each pixel how far it stands behind the neighbour before it, 0 … 1
     * @param narrow one over the kernel's stretch at the first pixel; more than 1 stands for 1
     * @param step how much that grows from pixel to pixel
     */
    float[] of(float[] fraction, double narrow, double step, int count) {
        int padded = padded();
        if (weights.length < padded * count + Loops.SPARE) {
            weights = new float[padded * count + Loops.SPARE];
        }
        if (most - least < SAME) {
            loops.weigh(widest, padded, fraction, weights, count);
        } else {
            double scale = 1 / (most - least);
            float begin = (float) ((narrow - least) * scale);
            loops.weigh(widest, narrowest, padded, fraction, begin, (float) (step * scale), weights, count);
        }
        return weights;
    }

    /** Neighbours of a pixel. */
    int taps() {
        return taps;
    }

    int padded() {
        return Kernel.padded(taps);
    }
}
