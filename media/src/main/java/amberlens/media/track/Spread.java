package amberlens.media.track;

import java.util.ArrayList;
import java.util.List;

/** Points chosen from all over a picture, so that something with strong edges, as letters have, does not get them all. */
final class Spread {
    private static final int COLUMNS = 8;
    private static final int LINES = 5;

    /** A cell may have so many times as many points as there are for each. */
    private static final double RICH = 1.3;

    private Spread() {}

    /**
     * As many points as are wanted at most, the first ones of each part of a picture.
     *
     * @param points the best first
     */
    static List<Dot> over(Shades picture, List<Dot> points, int most) {
        int each = (int) Math.ceil(RICH * most / (COLUMNS * LINES));
        int[] taken = new int[COLUMNS * LINES];
        List<Dot> chosen = new ArrayList<>();
        for (Dot point : points) {
            int column = Math.clamp((int) (COLUMNS * point.x() / picture.width()), 0, COLUMNS - 1);
            int line = Math.clamp((int) (LINES * point.y() / picture.height()), 0, LINES - 1);
            int cell = line * COLUMNS + column;
            if (taken[cell] < each && chosen.size() < most) {
                taken[cell]++;
                chosen.add(point);
            }
        }
        return chosen;
    }
}
