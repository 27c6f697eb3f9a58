package amberlens.core.judge.seal;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Side;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.edges.LeaningFill;
import amberlens.core.judge.edges.Margin;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.keys.MoveScale;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;

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
    /** More than the middle of any frame is away from its corner. */
    private static final double FAR_FRAME_PX = 2e4;

    private static final int DOUBLINGS = 12;

    private Lift() {}

    /** The moment that decides how far the move is lifted. */
    private record Decisive(Subject.Judgement judged, double at, double factor) {
        int frame() {
            return judged.take().frameOf(at);
        }
    }

    static SealResult seal(Subject subject, SealTerms terms) {
        Decisive decisive = decisive(subject);
        if (Double.isInfinite(decisive.factor)) {
            return centreOutside(subject, decisive, terms);
        }
        if (!terms.locked().isEmpty()) {
            return locked(subject, terms);
        }
        return verified(subject, decisive, terms);
    }

    /** The lifted move if it stands every check; without a word why not. */
    static Optional<SealResult.Sealed> attempt(Subject subject, SealTerms terms) {
        Decisive decisive = decisive(subject);
        if (!Double.isFinite(decisive.factor)
                || !terms.locked().isEmpty()
                || !possible(subject.camera(), decisive.factor)) {
            return Optional.empty();
        }
        CameraTrack camera = MoveScale.scaled(subject.camera(), decisive.factor, subject.frame());
        SealCost cost = SealCost.between(subject, camera);
        return firstOpen(subject, camera).isEmpty() && Enlargement.isWithin(cost.enlargement(), terms.limitPercent())
                ? Optional.of(new SealResult.Sealed(camera, cost, OptionalInt.empty()))
                : Optional.empty();
    }

    private static Decisive decisive(Subject subject) {
        List<Subject.Judgement> all = subject.now();
        Decisive decisive = new Decisive(all.getFirst(), 0, 1);
        for (Subject.Judgement judged : all) {
            for (double at : judged.take().moments()) {
                double needed = needed(judged.take(), at, subject.ofRig());
                if (needed > decisive.factor) {
                    decisive = new Decisive(judged, at, needed);
                }
            }
        }
        return isNear(subject) && Double.isFinite(decisive.factor) ? tried(subject, decisive) : decisive;
    }

    /**
     * Whether the closed form is only near: below other rigs that of a rig is; lifted flights rise otherwise; and a lifted move goes a longer way, so that an exposed frame
     * may be looked at at more instants than before.
     */
    private static boolean isNear(Subject subject) {
        return subject.ofRig()
                || subject.camera().flies()
                || subject.now().stream()
                        .anyMatch(judged -> !judged.take().exposure().isNone());
    }

    /** More is tried until nothing is open, then as little as does. */
    private static Decisive tried(Subject subject, Decisive about) {
        double high = about.factor;
        for (int i = 0; i < DOUBLINGS && open(subject, high); i++) {
            high *= 1 + 0.01 * Math.pow(2, i);
        }
        double low = open(subject, 1) ? 1 : high;
        while (high - low > 1e-9 * high) {
            double middle = (low + high) / 2;
            if (open(subject, middle)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return new Decisive(about.judged, about.at, high);
    }

    private static boolean open(Subject subject, double factor) {
        return possible(subject.camera(), factor)
                && firstOpen(subject, MoveScale.scaled(subject.camera(), factor, subject.frame()))
                        .isPresent();
    }

    private static SealResult locked(Subject subject, SealTerms terms) {
        int first = terms.locked().first();
        boolean least = KeySeal.attempt(SealWay.LEAST, subject, terms).isPresent();
        return new SealResult.Refused(
                first,
                Optional.empty(),
                "a lift zooms every framing, and the one at frame " + first + " is locked; unlock it"
                        + (least ? ", or use Least change" : ""));
    }

    /**
     * @param whole whether everything that is seen is lifted, and not the take's own move below what rides on it
     */
    private static double needed(Take take, double at, boolean whole) {
        return whole || take.ride().isNone()
                ? factorFor(take.edgePose(at), take.picture(), take.frame())
                : factorUnderRig(take, at);
    }

    /**
     * Where a rig rides on the shot, the corners of the frame are taken back to where the shot's own frame has them; the picture's sides
     * still move out from the middle of that frame.
     */
    private static double factorUnderRig(Take take, double at) {
        Pose own = take.ownEdgePose(at);
        if (!own.isFlat()) {
            return LeaningFill.factor(take.edgePose(at), take.picture(), take.frame());
        }
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
            FramePoint q = aboutMiddle.unturned(take.ride().before(corner.of(take.frame()), at));
            factor = Math.max(factor, Math.max(q.x() / right, -q.x() / left));
            factor = Math.max(factor, Math.max(q.y() / down, -q.y() / up));
        }
        return factor;
    }

    /** The least factor that seals one pose, which may be below 1; infinite when its gate centre is not inside. */
    static double factorFor(Pose pose, Size picture, Size frame) {
        if (!pose.isFlat()) {
            return LeaningFill.factor(pose, picture, frame);
        }
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

    private static SealResult verified(Subject subject, Decisive decisive, SealTerms terms) {
        if (!possible(subject.camera(), decisive.factor)) {
            return new SealResult.Refused(
                    decisive.frame(),
                    Optional.empty(),
                    decisive.judged.frame(decisive.at) + " would need more than the largest scale there is");
        }
        CameraTrack camera = MoveScale.scaled(subject.camera(), decisive.factor, subject.frame());
        Optional<String> open = firstOpen(subject, camera);
        if (open.isPresent()) {
            return new SealResult.Refused(
                    decisive.frame(),
                    Optional.of(sideAt(decisive.judged.take(), decisive.at)),
                    "the lifted move failed its check at " + open.get());
        }
        SealCost cost = SealCost.between(subject, camera);
        if (!Enlargement.isWithin(cost.enlargement(), terms.limitPercent())) {
            return overLimit(subject, decisive, cost, terms);
        }
        return new SealResult.Sealed(camera, cost, OptionalInt.empty());
    }

    /** The frame that is furthest open with another move, in words. */
    private static Optional<String> firstOpen(Subject subject, CameraTrack camera) {
        for (Subject.Judgement judged : subject.judged().apply(camera)) {
            EdgeReport edges = EdgeReport.of(judged.take());
            if (!edges.isSealed()) {
                return Optional.of(judged.frame(edges.worstFrame()));
            }
        }
        return Optional.empty();
    }

    /** Whether no scale or position of the move would pass the largest there is. */
    private static boolean possible(CameraTrack camera, double factor) {
        double largest = camera.scale().keys().stream()
                .mapToDouble(key -> Enlargement.percent(key.value()))
                .reduce(Enlargement.percent(camera.scale().constant()), Math::max);
        double furthest = camera.position().keys().stream()
                .mapToDouble(key -> key.value().length() + key.handles().reach())
                .reduce(camera.position().constant().length(), Math::max);
        return largest * factor <= Scale.LARGEST && (furthest + FAR_FRAME_PX) * factor <= Channel.LARGEST;
    }

    private static SealResult overLimit(Subject subject, Decisive decisive, SealCost cost, SealTerms terms) {
        Take take = decisive.judged.take();
        List<String> ways = new ArrayList<>();
        ways.add("a limit of " + Refusal.upwards(cost.enlargement()) + " %");
        if (KeySeal.attempt(SealWay.LEAST, subject, terms).isPresent()) {
            ways.add("Least change, which may shift as well");
        }
        ways.addAll(Refusal.ofOneFrame(SealWay.LIFT, take, terms, decisive.at));
        String reason = String.format(
                Locale.ROOT,
                "%s needs %.1f %% more scale at the %s, which would enlarge the picture to %.1f %%, above the limit of"
                        + " %s %%; this would help: %s",
                decisive.judged.frame(decisive.at),
                (decisive.factor - 1) * 100,
                sideAt(take, decisive.at).word(),
                cost.enlargement(),
                Refusal.upwards(terms.limitPercent()),
                String.join(", or ", ways));
        return new SealResult.Refused(decisive.frame(), Optional.of(sideAt(take, decisive.at)), reason);
    }

    private static Side sideAt(Take take, double at) {
        return Margin.of(take.edgePose(at), take.picture(), take.frame()).side();
    }

    private static SealResult centreOutside(Subject subject, Decisive decisive, SealTerms terms) {
        Side side = sideAt(decisive.judged.take(), decisive.at);
        List<String> ways = new ArrayList<>();
        ways.add("move that framing inside");
        for (SealWay way : List.of(SealWay.SHIFT, SealWay.LEAST)) {
            if (KeySeal.attempt(way, subject, terms).isPresent()) {
                ways.add("use " + way.words());
            }
        }
        return new SealResult.Refused(
                decisive.frame(),
                Optional.of(side),
                "the middle of the gate leaves the picture at " + decisive.judged.frame(decisive.at) + " over the "
                        + side.word() + ", where no zoom can help; " + String.join(", or ", ways));
    }
}
