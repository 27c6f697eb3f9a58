package amberlens.core.judge.seal;

import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.pose.Projection;
import java.util.Optional;

/** Closes the open edges of a take in one of the ways. */
public final class Seal {
    private Seal() {}

    /** Every frame sealed, or nothing changed and the reason. Takes its time: up to a second or so for long moves. */
    public static SealResult by(SealWay way, Take take, SealTerms terms) {
        return by(way, Subject.of(take), terms);
    }

    /** Likewise, for all that is seen by one move. */
    public static SealResult by(SealWay way, Subject subject, SealTerms terms) {
        boolean sealed = subject.now().stream().allMatch(Subject.Judgement::isSealed);
        if (sealed && (way == SealWay.LIFT || subject.keeps(subject.camera()))) {
            return new SealResult.AlreadySealed();
        }
        Optional<SealResult> unseen = unseen(subject);
        if (unseen.isPresent()) {
            return unseen.get();
        }
        Optional<SealResult> lower = FlightCeiling.under(subject, terms);
        if (lower.isPresent() && keeps(subject, lower.get())) {
            return lower.get();
        }
        return switch (way) {
            case LIFT -> Lift.seal(subject, terms);
            case SHIFT, LEAST -> KeySeal.seal(way, subject, terms);
        };
    }

    private static boolean keeps(Subject subject, SealResult result) {
        return !(result instanceof SealResult.Sealed sealed) || subject.keeps(sealed.camera());
    }

    /** A move with its flights no higher than the picture allows; empty where nothing is open, or that would not close it. */
    public static Optional<CameraTrack> underRoof(Take take, SealTerms terms) {
        return FlightCeiling.under(Subject.of(take), terms)
                .map(result -> result instanceof SealResult.Sealed sealed ? sealed.camera() : take.camera());
    }

    /** Where the picture cannot be seen at all, neither scale nor position can help. */
    private static Optional<SealResult> unseen(Subject subject) {
        for (Subject.Judgement judged : subject.now()) {
            for (double at : judged.take().moments()) {
                Optional<String> why = judged.take()
                        .pose(at)
                        .projection()
                        .flatMap(Projection::unseen)
                        .map(Projection.Unseen::words);
                if (why.isPresent()) {
                    return Optional.of(new SealResult.Refused(
                            judged.take().frameOf(at),
                            Optional.empty(),
                            why.get() + " at " + judged.frame(at)
                                    + ", where neither scale nor position can help; reduce its pitch and yaw there"));
                }
            }
        }
        return Optional.empty();
    }
}
