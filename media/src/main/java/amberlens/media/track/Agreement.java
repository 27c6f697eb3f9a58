package amberlens.media.track;

import boofcv.alg.geo.robust.DistanceScaleTranslateRotate2DSq;
import boofcv.alg.geo.robust.GenerateScaleTranslateRotate2D;
import boofcv.alg.geo.robust.ModelManagerScaleTranslateRotate2D;
import boofcv.struct.geo.AssociatedPair;
import boofcv.struct.geo.ScaleTranslateRotate2D;
import java.util.List;
import java.util.Optional;
import org.ddogleg.fitting.modelset.ransac.Ransac;

/**
 * What most points agree upon although some go astray: random samples by a general library (M. Fischler and R. Bolles 1981), then the
 * least squares of all that agree (S. Umeyama 1991, in the plane).
 */
final class Agreement {
    private static final int SAMPLES = 120;
    /** So many points have to agree. */
    static final int FEWEST = 4;

    private static final double LEAST_SCALE = 0.05;

    /** @param agreeing the points that were moved so, the first of each pair in the piece and the second in the picture */
    record Found(Placing placing, List<AssociatedPair> agreeing) {}

    private final Ransac<ScaleTranslateRotate2D, AssociatedPair> ransac;

    /** @param near in pixels: points this near to where they should be agree */
    Agreement(double near) {
        ransac = new Ransac<>(7, SAMPLES, near * near, new ModelManagerScaleTranslateRotate2D(), AssociatedPair.class);
        ransac.setModel(GenerateScaleTranslateRotate2D::new, DistanceScaleTranslateRotate2DSq::new);
    }

    Optional<Found> of(List<AssociatedPair> pairs) {
        if (pairs.size() < FEWEST
                || !ransac.process(pairs)
                || ransac.getMatchSet().size() < FEWEST) {
            return Optional.empty();
        }
        List<AssociatedPair> agreeing = List.copyOf(ransac.getMatchSet());
        return leastSquares(agreeing).map(placing -> new Found(placing, agreeing));
    }

    private static Optional<Placing> leastSquares(List<AssociatedPair> pairs) {
        double px = 0;
        double py = 0;
        double qx = 0;
        double qy = 0;
        for (AssociatedPair pair : pairs) {
            px += pair.p1.x / pairs.size();
            py += pair.p1.y / pairs.size();
            qx += pair.p2.x / pairs.size();
            qy += pair.p2.y / pairs.size();
        }
        double along = 0;
        double across = 0;
        double size = 0;
        for (AssociatedPair pair : pairs) {
            double ax = pair.p1.x - px;
            double ay = pair.p1.y - py;
            double bx = pair.p2.x - qx;
            double by = pair.p2.y - qy;
            along += ax * bx + ay * by;
            across += ax * by - ay * bx;
            size += ax * ax + ay * ay;
        }
        var turned = new Placing(along / size, across / size, 0, 0);
        if (!(turned.scale() > LEAST_SCALE && turned.scale() < 1 / LEAST_SCALE)) {
            return Optional.empty();
        }
        return Optional.of(turned.movedTo(qx - turned.toX(px, py), qy - turned.toY(px, py)));
    }
}
