package amberlens.desktop.time.score;

import amberlens.core.motion.keys.KeySet;

/**
 * The bar over several selected keys with a grip at each end, which stretches them in time.
 *
 * @param first frame of the first key
 * @param last frame of the last key
 */
record StretchGrips(int first, int last) {
    static final double HEIGHT = 8;
    private static final double REACH = 7;

    /** Whether the keys have a span that can be stretched. */
    static boolean on(KeySet keys) {
        return keys.size() > 1 && keys.first() < keys.last();
    }

    static StretchGrips of(KeySet keys) {
        return new StretchGrips(keys.first(), keys.last());
    }

    static double top() {
        return ScoreLayout.RULER - HEIGHT;
    }

    boolean firstAt(ScoreLayout plan, double x, double y) {
        return at(plan.x(first) - REACH / 2, x, y);
    }

    boolean lastAt(ScoreLayout plan, double x, double y) {
        return at(plan.x(last) + REACH / 2, x, y);
    }

    private static boolean at(double grip, double x, double y) {
        return Math.abs(grip - x) <= REACH && y >= top() - 2 && y <= ScoreLayout.RULER + 1;
    }
}
