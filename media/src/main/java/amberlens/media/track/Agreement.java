package amberlens.media.track;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.opencv.calib3d.Calib3d;
import org.opencv.core.Mat;
import org.opencv.core.MatOfPoint2f;

/**
 * What most points agree upon although some go astray: random samples (M. Fischler and R. Bolles 1981) and then the least squares of all
 * that agree, by a general library.
 */
final class Agreement {
    private static final int SAMPLES = 400;
    private static final double SURE = 0.995;
    private static final int REFINED = 20;

    /** So many points have to agree. */
    static final int FEWEST = 4;

    private static final double LEAST_SCALE = 0.05;

    /** @param agreeing the points that were moved so */
    record Found(Placing placing, List<Dot.Pair> agreeing) {}

    private final double near;

    /** @param near in pixels: points this near to where they should be agree */
    Agreement(double near) {
        this.near = near;
    }

    Optional<Found> of(List<Dot.Pair> pairs) {
        if (pairs.size() < FEWEST) {
            return Optional.empty();
        }
        MatOfPoint2f from = Mats.points(pairs.stream().map(Dot.Pair::piece).toList());
        MatOfPoint2f to = Mats.points(pairs.stream().map(Dot.Pair::picture).toList());
        var agree = new Mat();
        Mat map = Calib3d.estimateAffinePartial2D(from, to, agree, Calib3d.RANSAC, near, SAMPLES, SURE, REFINED);
        Optional<Found> found = map.empty() ? Optional.empty() : found(pairs, agree, map);
        for (Mat mat : List.of(from, to, agree, map)) {
            mat.release();
        }
        return found;
    }

    private static Optional<Found> found(List<Dot.Pair> pairs, Mat agree, Mat map) {
        List<Dot.Pair> agreeing = new ArrayList<>();
        for (int i = 0; i < pairs.size(); i++) {
            if (agree.get(i, 0)[0] != 0) {
                agreeing.add(pairs.get(i));
            }
        }
        var placing = new Placing(map.get(0, 0)[0], map.get(1, 0)[0], map.get(0, 2)[0], map.get(1, 2)[0]);
        boolean plausible = placing.scale() > LEAST_SCALE && placing.scale() < 1 / LEAST_SCALE;
        return plausible && agreeing.size() >= FEWEST ? Optional.of(new Found(placing, agreeing)) : Optional.empty();
    }
}
