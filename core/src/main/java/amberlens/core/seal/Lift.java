package amberlens.core.seal;

import amberlens.core.edges.EdgeReport;
import amberlens.core.edges.Margin;
import amberlens.core.geometry.Corner;
import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.PicturePoint;
import amberlens.core.geometry.Side;
import amberlens.core.geometry.Size;
import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Take;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * The seal by one zoom factor k ≥ 1 on the whole move: s′ = k·s and P′ = F + k·(P − F) on every key and constant, path
 * handles times k.
 *
 * <p>All channels are blended by sums that keep a common factor and offset, so every frame between keys is lifted by the
 * same k: the gate's centre u = A + S⁻¹R(−θ)(F − P) stays where it was, and so does every ease. About that centre the
 * turned frame reaches hx = (w|cos θ| + h|sin θ|)/2 along the picture's width and hy likewise, whatever k, while the
 * picture's sides move out with k. The least k for a frame is therefore the greatest of hx / (sx·u.x),
 * hx / (sx·(W − u.x)), hy / (sy·u.y) and hy / (sy·(H − u.y)), and the least k for the move the greatest over its frames.
 * There is none when a gate centre lies on or outside a side.
 */
final class Lift {
    private Lift() {}

    static SealResult seal(Take take, SealTerms terms) {
        if (EdgeReport.of(take).isSealed()) {
            return new SealResult.AlreadySealed();
        }
        double factor = 1;
        int decisive = 0;
        for (int frame = 0; frame < take.length(); frame++) {
            double needed = needed(take, frame);
            if (Double.isInfinite(needed)) {
                return centreOutside(take, frame);
            }
            if (needed > factor) {
                factor = needed;
                decisive = frame;
            }
        }
        if (!terms.locked().isEmpty()) {
            return new SealResult.Refused(
                    terms.locked().first(),
                    Optional.empty(),
                    "a lift zooms every framing, and the one at frame "
                            + terms.locked().first() + " is locked; unlock it, or use Least change");
        }
        return verified(take, factor, decisive, terms);
    }

    /** The least factor, from 1, that seals every frame of a take; empty when no zoom does. */
    static Optional<Double> factor(Take take) {
        double factor = IntStream.range(0, take.length())
                .mapToDouble(frame -> needed(take, frame))
                .reduce(1, Math::max);
        return Double.isInfinite(factor) ? Optional.empty() : Optional.of(factor);
    }

    private static double needed(Take take, int frame) {
        return take.ride().isNone()
                ? factorFor(take.pose(frame), take.picture(), take.frame())
                : factorUnderRig(take, frame);
    }

    /**
     * Where a rig rides on the shot, the corners of the frame are taken back to where the shot's own frame has them; the picture's sides
     * still move out from the middle of that frame.
     */
    private static double factorUnderRig(Take take, int frame) {
        Pose own = take.camera().at(frame);
        FramePoint middle = take.frame().centre();
        PicturePoint centre = own.toPicture(middle);
        double left = centre.x() * own.scale().factorX();
        double right = (take.picture().width() - centre.x()) * own.scale().factorX();
        double up = centre.y() * own.scale().factorY();
        double down = (take.picture().height() - centre.y()) * own.scale().factorY();
        if (!(left > 0 && right > 0 && up > 0 && down > 0)) {
            return Double.POSITIVE_INFINITY;
        }
        Pose aboutMiddle = own.withPosition(middle);
        double factor = 0;
        for (Corner corner : Corner.values()) {
            FramePoint q = aboutMiddle.unturned(take.ride().before(corner.of(take.frame()), frame));
            factor = Math.max(factor, Math.max(q.x() / right, -q.x() / left));
            factor = Math.max(factor, Math.max(q.y() / down, -q.y() / up));
        }
        return factor;
    }

    /** The move lifted by a factor. */
    static CameraTrack lifted(CameraTrack camera, double factor, Size frame) {
        FramePoint centre = frame.centre();
        return camera.withScale(camera.scale().mapValues(scale -> scale.times(factor)))
                .withPosition(camera.position()
                        .mapValues(
                                position -> centre.plus(position.minus(centre).times(factor)))
                        .mapBends(handles -> handles.times(factor)));
    }

    /** The least factor that seals one pose, which may be below 1; infinite when its gate centre is not inside. */
    static double factorFor(Pose pose, Size picture, Size frame) {
        PicturePoint centre = pose.gateCentre(frame);
        double nearestX = Math.min(centre.x(), picture.width() - centre.x())
                * pose.scale().factorX();
        double nearestY = Math.min(centre.y(), picture.height() - centre.y())
                * pose.scale().factorY();
        if (!(nearestX > 0 && nearestY > 0)) {
            return Double.POSITIVE_INFINITY;
        }
        double cos = Math.abs(pose.cos());
        double sin = Math.abs(pose.sin());
        double halfX = (frame.width() * cos + frame.height() * sin) / 2;
        double halfY = (frame.width() * sin + frame.height() * cos) / 2;
        return Math.max(halfX / nearestX, halfY / nearestY);
    }

    private static SealResult verified(Take take, double factor, int decisive, SealTerms terms) {
        var camera = lifted(take.camera(), factor, take.frame());
        Take result = take.withCamera(camera);
        EdgeReport edges = EdgeReport.of(result);
        if (!edges.isSealed()) {
            return new SealResult.Refused(
                    edges.worstFrame(),
                    Optional.of(edges.worst().side()),
                    "the lifted move did not stand the check at frame " + edges.worstFrame());
        }
        SealCost cost = SealCost.between(take, result);
        if (cost.enlargement() > terms.limitPercent()) {
            return overLimit(take, factor, decisive, cost, terms);
        }
        return new SealResult.Sealed(camera, cost, OptionalInt.empty());
    }

    private static SealResult overLimit(Take take, double factor, int decisive, SealCost cost, SealTerms terms) {
        List<String> ways = new ArrayList<>();
        ways.add("a limit of " + Refusal.upwards(cost.enlargement()) + " %");
        ways.add("Least change, which may shift as well");
        ways.addAll(Refusal.ofOneFrame(SealWay.LIFT, take, terms, decisive));
        String reason = String.format(
                Locale.ROOT,
                "frame %d needs %.1f %% more scale at the %s, which would enlarge the picture to %.1f %%, above the limit of"
                        + " %s %%; what would do: %s",
                decisive,
                (factor - 1) * 100,
                sideAt(take, decisive).word(),
                cost.enlargement(),
                Refusal.upwards(terms.limitPercent()),
                String.join(", or ", ways));
        return new SealResult.Refused(decisive, Optional.of(sideAt(take, decisive)), reason);
    }

    private static Side sideAt(Take take, int frame) {
        return Margin.of(take.pose(frame), take.picture(), take.frame()).side();
    }

    private static SealResult centreOutside(Take take, int frame) {
        return new SealResult.Refused(
                frame,
                Optional.of(sideAt(take, frame)),
                "the middle of the gate leaves the picture at frame " + frame + " over the "
                        + sideAt(take, frame).word()
                        + ", where no zoom can help; move that framing inside, or use Shift or Least change");
    }
}
