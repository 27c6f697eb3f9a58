package amberlens.core.judge.seal;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.KeyInsertion;
import amberlens.core.motion.pose.Pose;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Stream;

/** The seal by new key values: {@link SealWay#SHIFT} and {@link SealWay#LEAST}. */
final class KeySeal {
    private static final double SAME_POSE = 1e-6;

    /** In how many open spans one key more is tried: each is a search of its own. */
    private static final int MOST_PLACES = 12;

    private KeySeal() {}

    static SealResult seal(SealWay way, Subject subject, SealTerms terms) {
        KeySearch.Outcome outcome = KeySearch.run(way, subject, terms);
        Optional<SealResult.Sealed> best = attempt(way, subject, terms, outcome);
        return best.<SealResult>map(found -> found).orElseGet(() -> refused(way, subject, terms, outcome));
    }

    /** Where it is only what is wished of boxes that stands in the way, that is said. */
    private static SealResult refused(SealWay way, Subject subject, SealTerms terms, KeySearch.Outcome outcome) {
        boolean wishes =
                subject.now().stream().anyMatch(judged -> !judged.wishes().isEmpty());
        if (!wishes) {
            return Refusal.of(way, subject, terms, outcome);
        }
        Subject free = subject.withoutWishes();
        boolean sealed = free.now().stream().allMatch(Subject.Judgement::isSealed);
        if (!sealed && attempt(way, free, terms).isEmpty()) {
            return Refusal.of(way, free, terms, KeySearch.run(way, free, terms));
        }
        return Refusal.ofMarks(subject, outcome);
    }

    /** The cheapest move of this way that stands every check; without a word why there is none. */
    static Optional<SealResult.Sealed> attempt(SealWay way, Subject subject, SealTerms terms) {
        return way == SealWay.LIFT
                ? Lift.attempt(subject, terms)
                : attempt(way, subject, terms, KeySearch.run(way, subject, terms));
    }

    private static Optional<SealResult.Sealed> attempt(
            SealWay way, Subject subject, SealTerms terms, KeySearch.Outcome outcome) {
        Stream<Optional<SealResult.Sealed>> own = Stream.of(
                outcome.camera().flatMap(camera -> verified(subject, subject, camera, terms, OptionalInt.empty())));
        Optional<SealResult.Sealed> best =
                cheapest(way == SealWay.SHIFT ? own : Stream.concat(own, alsoLeast(subject, outcome, terms)));
        return best.isEmpty() && terms.mayAddKey() ? withOneKeyMore(way, subject, outcome, terms) : best;
    }

    /**
     * What the least change is never dearer than: a lift, and shifted positions alone. Where a curved move has not settled, a last
     * small lift closes what is left.
     */
    private static Stream<Optional<SealResult.Sealed>> alsoLeast(
            Subject subject, KeySearch.Outcome outcome, SealTerms terms) {
        Optional<SealResult.Sealed> finished = outcome.camera().isPresent()
                ? Optional.empty()
                : Lift.attempt(subject.withCamera(outcome.best()), SealTerms.free())
                        .flatMap(lifted -> verified(subject, subject, lifted.camera(), terms, OptionalInt.empty()));
        boolean curved = !new KeyMoves(subject.camera(), subject.frame().width(), SealWay.LEAST).linear();
        Optional<SealResult.Sealed> shifted = outcome.camera().isPresent() && !curved
                ? Optional.empty()
                : KeySearch.run(SealWay.SHIFT, subject, terms)
                        .camera()
                        .flatMap(camera -> verified(subject, subject, camera, terms, OptionalInt.empty()));
        return Stream.of(
                finished, Lift.attempt(subject, terms).filter(lifted -> subject.keeps(lifted.camera())), shifted);
    }

    private static Optional<SealResult.Sealed> cheapest(Stream<Optional<SealResult.Sealed>> tries) {
        return tries.flatMap(Optional::stream)
                .min(Comparator.comparingDouble(found -> found.cost().measure()));
    }

    /** The move with one key more where it helps most: at the frame that stood in the way or in one of the spans that are furthest open. */
    private static Optional<SealResult.Sealed> withOneKeyMore(
            SealWay way, Subject subject, KeySearch.Outcome outcome, SealTerms terms) {
        SortedSet<Integer> frames =
                new TreeSet<>(EdgeReport.of(subject.now().getFirst().take()).open().stream()
                        .sorted(Comparator.comparingDouble(span -> span.worst().framePx()))
                        .limit(MOST_PLACES)
                        .map(EdgeReport.OpenSpan::worstFrame)
                        .toList());
        frames.add(subject.now().get(outcome.worstJudged()).take().frameOf(outcome.worstAt()));
        return cheapest(frames.stream().map(frame -> {
            Subject divided = subject.withCamera(divided(way, subject.camera(), frame));
            return KeySearch.run(way, divided, terms)
                    .camera()
                    .flatMap(camera -> verified(subject, divided, camera, terms, OptionalInt.of(frame)));
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
     * @param keyed the move before, with the keys that the camera has
     */
    private static Optional<SealResult.Sealed> verified(
            Subject subject, Subject keyed, CameraTrack camera, SealTerms terms, OptionalInt added) {
        List<Subject.Judgement> before = subject.now();
        List<Subject.Judgement> after = subject.judged().apply(camera);
        boolean sound =
                terms.locked().stream().allMatch(frame -> same(subject.camera().at(frame), camera.at(frame)));
        for (int i = 0; i < after.size() && sound; i++) {
            Take now = after.get(i).take();
            sound = after.get(i).isSealed()
                    && after.get(i).keeps()
                    && within(before.get(i).take(), now, terms);
        }
        return sound
                ? Optional.of(new SealResult.Sealed(camera, SealCost.between(keyed, camera), added))
                : Optional.empty();
    }

    private static boolean within(Take before, Take after, SealTerms terms) {
        for (double at : before.moments()) {
            double limit = Math.max(terms.limitPercent(), Enlargement.percent(before.pose(at), before.frame()));
            if (Enlargement.percent(after.pose(at), after.frame()) > limit + 1e-4) {
                return false;
            }
        }
        return true;
    }

    private static boolean same(Pose a, Pose b) {
        return a.position().distance(b.position()) < SAME_POSE
                && Math.abs(a.scale().x() - b.scale().x()) < SAME_POSE
                && Math.abs(a.scale().y() - b.scale().y()) < SAME_POSE;
    }
}
