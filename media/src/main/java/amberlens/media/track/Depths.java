package amberlens.media.track;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** How unlike near and far things move in a film: nothing but depth lets so many points go other ways than the whole. */
final class Depths {
    /** The whole has to have gone so far before it is told, in parts of the picture's width. */
    private static final double FAR = 0.04;

    /** What moves by itself is a smaller part of the picture than this. */
    private static final double MOST = 0.7;

    private static final int FEWEST = 20;

    private final List<Double> parts = new ArrayList<>();

    /** A frame held against a key frame. */
    void add(Placing placing, List<Dot.Pair> pairs, Shades picture) {
        double x = picture.width() / 2.0;
        double y = picture.height() / 2.0;
        double far = Math.hypot(placing.toX(x, y) - x, placing.toY(x, y) - y);
        if (far < FAR * picture.width() || pairs.size() < FEWEST) {
            return;
        }
        double[] off = pairs.stream()
                .mapToDouble(pair -> Math.hypot(
                        pair.picture().x()
                                - placing.toX(pair.piece().x(), pair.piece().y()),
                        pair.picture().y()
                                - placing.toY(pair.piece().x(), pair.piece().y())))
                .sorted()
                .toArray();
        parts.add(off[(int) (MOST * off.length)] / far);
    }

    /** In the middle of all frames. */
    double parallax() {
        if (parts.isEmpty()) {
            return 0;
        }
        Collections.sort(parts);
        return parts.get(parts.size() / 2);
    }
}
