package amberlens.core.pixels.sampling;

import amberlens.core.base.geometry.ProjectiveMap;

/**
 * How much a picture is reduced in a window. Along each row everything grows evenly from the first pixel of the span to its last.
 * Used by one thread.
 */
final class Reduction {
    /**
     * Over this part of an octave, each level gives way to the next coarser one, whose pixels are still a little too large then: a
     * finer level with a kernel as long as it would need beyond would take several times as long.
     */
    static final double MIXED = 0.0625;

    private Along across = new Along(0);
    private Along down = new Along(0);
    private Along level = new Along(0);
    private int[] from = new int[0];

    /** One number per pixel. */
    final class Along {
        private final double[] first;
        private final double[] step;
        private double least;
        private double most;

        private Along(int rows) {
            first = new double[rows];
            step = new double[rows];
        }

        private void begin() {
            least = Double.POSITIVE_INFINITY;
            most = 0;
        }

        private void set(int row, double begin, double end, int pixels) {
            first[row] = begin;
            step[row] = pixels > 1 ? (end - begin) / (pixels - 1) : 0;
            least = Math.min(least, Math.min(begin, end));
            most = Math.max(most, Math.max(begin, end));
        }

        double at(int row, int x) {
            return first[row] + (x - from[row]) * step[row];
        }

        /** How much it grows from pixel to pixel. */
        double step(int row) {
            return step[row];
        }

        double least() {
            return least;
        }

        double most() {
            return most;
        }
    }

    void of(ProjectiveMap toPicture, Window window, Spans spans) {
        room(window.height());
        across.begin();
        down.begin();
        level.begin();
        Footprint everywhere = toPicture.isAffine() ? Footprint.at(toPicture, 0, 0) : null;
        for (int y = 0; y < window.height(); y++) {
            if (!spans.isEmpty(y)) {
                double line = window.top() + y + 0.5;
                double begin = window.left() + spans.from(y) + 0.5;
                double end = window.left() + spans.to(y) - 0.5;
                Footprint first = everywhere == null ? Footprint.at(toPicture, begin, line) : everywhere;
                Footprint last = everywhere == null ? Footprint.at(toPicture, end, line) : everywhere;
                row(y, spans, first, last);
            }
        }
    }

    private void row(int y, Spans spans, Footprint first, Footprint last) {
        int pixels = spans.to(y) - spans.from(y);
        double begin = first.level();
        double end = last.level();
        from[y] = spans.from(y);
        across.set(y, 1 / first.across(), 1 / last.across(), pixels);
        down.set(y, 1 / first.down(), 1 / last.down(), pixels);
        level.set(y, begin, end, pixels);
    }

    private void room(int rows) {
        if (from.length < rows) {
            from = new int[rows];
            across = new Along(rows);
            down = new Along(rows);
            level = new Along(rows);
        }
    }

    /** Whether nothing of the picture is seen in the window. */
    boolean isNothing() {
        return level.most < level.least;
    }

    /** One over the source pixels that an output pixel sees across. */
    Along across() {
        return across;
    }

    /** Likewise down. */
    Along down() {
        return down;
    }

    /** The finest level that is seen in the window. */
    int finest() {
        return (int) level.least;
    }

    /** The coarsest level that is seen in the window. */
    int coarsest() {
        return (int) (level.most + MIXED);
    }

    /** How much of a level covers the finer ones at the first pixel of a row's span, before it is cut to 0 … 1. */
    double share(int of, int row) {
        return (level.first[row] - of) / MIXED + 1;
    }

    /** How much that grows from pixel to pixel. */
    double shareStep(int row) {
        return level.step[row] / MIXED;
    }
}
