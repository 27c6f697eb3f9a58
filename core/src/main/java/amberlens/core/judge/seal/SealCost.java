package amberlens.core.judge.seal;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Axes;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.stream.IntStream;

/**
 * How much a sealed move differs from the one before.
 *
 * @param measure Σ over keys of |Δscale|/scale + (|ΔP.x| + |ΔP.y|)/w, a constant counting as one key, unequal axes by their mean
 * @param scalePercent the largest change of scale over all frames, in per cent of the scale there; signed
 * @param shiftPx the furthest that a gate's centre moves over the picture, in frame pixels
 * @param enlargement the new greatest enlargement, in per cent
 */
public record SealCost(double measure, double scalePercent, double shiftPx, double enlargement) {
    /** The cost of one move instead of another that has the same keys, over all that is seen by it. */
    static SealCost between(Subject before, CameraTrack after) {
        double measure = measure(before.camera(), after, before.frame());
        SealCost cost = new SealCost(measure, 0, 0, 0);
        List<Subject.Judgement> old = before.now();
        List<Subject.Judgement> now = before.judged().apply(after);
        for (int i = 0; i < old.size(); i++) {
            cost = cost.and(old.get(i).take(), now.get(i).take());
        }
        return cost;
    }

    private SealCost and(Take before, Take after) {
        double change = scalePercent;
        double shift = shiftPx;
        for (int frame = 0; frame < before.length(); frame++) {
            Pose old = before.pose(frame);
            Pose now = after.pose(frame);
            double grown = 100 * (relative(old.scale(), now.scale()));
            change = Math.abs(grown) > Math.abs(change) ? grown : change;
            FramePoint moved = now.toFrame(old.gateCentre(before.frame()));
            shift = Math.max(shift, moved.distance(before.frame().centre()));
        }
        return new SealCost(
                measure,
                change,
                shift,
                Math.max(enlargement, Enlargement.greatest(after).percent()));
    }

    /** The mean of the relative changes of both axes. */
    private static double relative(Scale old, Scale now) {
        return ((now.x() - old.x()) / old.x() + (now.y() - old.y()) / old.y()) / 2;
    }

    private static double measure(CameraTrack before, CameraTrack after, Size frame) {
        Channel<Scale> scale = before.scale();
        Channel<FramePoint> position = before.position();
        return over(scale, after.scale(), 0, (a, b) -> Math.abs(b - a) / a / 2)
                + over(scale, after.scale(), 1, (a, b) -> Math.abs(b - a) / a / 2)
                + over(position, after.position(), 0, (a, b) -> Math.abs(b - a) / frame.width())
                + over(position, after.position(), 1, (a, b) -> Math.abs(b - a) / frame.width());
    }

    private interface Price {
        double of(double before, double after);
    }

    /** The sum over the keys of one number; keys that only one of the moves has do not count. */
    private static <V> double over(Channel<V> before, Channel<V> after, int part, Price price) {
        if (!before.animated() || before.muted()) {
            return price.of(
                    before.kind().part(before.constant(), part), after.kind().part(after.constant(), part));
        }
        if (before.axes().isPresent() && after.axes().isPresent()) {
            return over(axis(before.axes().get(), part), axis(after.axes().get(), part), 0, price);
        }
        return IntStream.range(0, before.keys().size())
                .mapToDouble(i -> after.keyAt(before.keys().get(i).at())
                        .map(key -> price.of(
                                before.kind().part(before.keys().get(i).value(), part),
                                after.kind().part(key.value(), part)))
                        .orElse(0.0))
                .sum();
    }

    private static Channel<Double> axis(Axes axes, int part) {
        return part == 0 ? axes.x() : axes.y();
    }
}
