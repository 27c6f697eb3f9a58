package amberlens.core.seal;

import amberlens.core.edges.EdgeReport;
import amberlens.core.geometry.FramePoint;
import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.Channel;
import amberlens.core.motion.KeyInsertion;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Take;
import amberlens.core.sharpness.Enlargement;
import java.util.Comparator;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Stream;

/** The seal by new key values: {@link SealWay#SHIFT} and {@link SealWay#LEAST}. */
final class KeySeal {
    private static final double SAME_POSE = 1e-6;

    private KeySeal() {}

    static SealResult seal(SealWay way, Take take, SealTerms terms) {
        if (EdgeReport.of(take).isSealed()) {
            return new SealResult.AlreadySealed();
        }
        KeySearch.Outcome outcome = KeySearch.run(way, take, terms);
        Optional<SealResult.Sealed> best = cheapest(Stream.of(
                outcome.camera().flatMap(camera -> verified(take, take, camera, terms, OptionalInt.empty())),
                finished(way, take, outcome, terms),
                lifted(way, take, terms)));
        if (best.isEmpty() && terms.mayAddKey()) {
            best = withOneKeyMore(way, take, outcome, terms);
        }
        return best.<SealResult>map(found -> found).orElseGet(() -> Refusal.of(way, take, terms, outcome));
    }

    private static Optional<SealResult.Sealed> cheapest(Stream<Optional<SealResult.Sealed>> tries) {
        return tries.flatMap(Optional::stream)
                .min(Comparator.comparingDouble(found -> found.cost().measure()));
    }

    private static Optional<SealResult.Sealed> lifted(SealWay way, Take take, SealTerms terms) {
        return way == SealWay.LEAST && Lift.seal(take, terms) instanceof SealResult.Sealed sealed
                ? Optional.of(sealed)
                : Optional.empty();
    }

    /** Where a curved move has not settled, a last small lift closes what is left. */
    private static Optional<SealResult.Sealed> finished(
            SealWay way, Take take, KeySearch.Outcome outcome, SealTerms terms) {
        if (way != SealWay.LEAST || outcome.camera().isPresent()) {
            return Optional.empty();
        }
        return Lift.factor(take.withCamera(outcome.best()))
                .flatMap(factor -> verified(
                        take, take, Lift.lifted(outcome.best(), factor, take.frame()), terms, OptionalInt.empty()));
    }

    /** The move with one key more where it helps most: at the frame that stood in the way or in an open span. */
    private static Optional<SealResult.Sealed> withOneKeyMore(
            SealWay way, Take take, KeySearch.Outcome outcome, SealTerms terms) {
        SortedSet<Integer> frames = new TreeSet<>(EdgeReport.of(take).open().stream()
                .map(EdgeReport.OpenSpan::worstFrame)
                .toList());
        frames.add(outcome.worstFrame());
        return cheapest(frames.stream().map(frame -> {
            Take divided = take.withCamera(divided(way, take.camera(), frame));
            return KeySearch.run(way, divided, terms)
                    .camera()
                    .flatMap(camera -> verified(take, divided, camera, terms, OptionalInt.of(frame)));
        }));
    }

    private static CameraTrack divided(SealWay way, CameraTrack camera, int frame) {
        Channel<FramePoint> position = keyed(camera.position(), frame);
        return way == SealWay.SHIFT
                ? camera.withPosition(position)
                : camera.withPosition(position).withScale(keyed(camera.scale(), frame));
    }

    private static <V> Channel<V> keyed(Channel<V> channel, int frame) {
        return channel.animated() && !channel.muted() && channel.axes().isEmpty()
                ? KeyInsertion.at(channel, frame)
                : channel;
    }

    /**
     * The camera as a result, if it stands every check.
     *
     * @param keyed the take before, with the keys that the camera has
     */
    private static Optional<SealResult.Sealed> verified(
            Take take, Take keyed, CameraTrack camera, SealTerms terms, OptionalInt added) {
        Take after = take.withCamera(camera);
        boolean sealed = EdgeReport.of(after).isSealed();
        boolean within = true;
        for (int frame = 0; frame < take.length() && within; frame++) {
            double limit = Math.max(terms.limitPercent(), Enlargement.percent(take.pose(frame)));
            within = Enlargement.percent(after.pose(frame)) <= limit + 1e-4;
        }
        boolean kept = terms.locked().stream().allMatch(frame -> same(take.pose(frame), after.pose(frame)));
        return sealed && within && kept
                ? Optional.of(new SealResult.Sealed(camera, SealCost.between(keyed, after), added))
                : Optional.empty();
    }

    private static boolean same(Pose a, Pose b) {
        return a.position().distance(b.position()) < SAME_POSE
                && Math.abs(a.scale().x() - b.scale().x()) < SAME_POSE
                && Math.abs(a.scale().y() - b.scale().y()) < SAME_POSE;
    }
}
