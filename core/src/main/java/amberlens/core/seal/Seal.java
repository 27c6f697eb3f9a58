package amberlens.core.seal;

import amberlens.core.edges.EdgeReport;
import amberlens.core.motion.Take;

/** Closes the open edges of a take in one of the ways. */
public final class Seal {
    private Seal() {}

    /** Every frame sealed, or nothing changed and the reason. Takes its time: up to a second or so for long moves. */
    public static SealResult by(SealWay way, Take take, SealTerms terms) {
        return by(way, Subject.of(take), terms);
    }

    /** Likewise, for all that is seen by one move. */
    public static SealResult by(SealWay way, Subject subject, SealTerms terms) {
        boolean sealed = subject.now().stream()
                .allMatch(judged -> EdgeReport.of(judged.take()).isSealed());
        if (sealed) {
            return new SealResult.AlreadySealed();
        }
        return switch (way) {
            case LIFT -> Lift.seal(subject, terms);
            case SHIFT, LEAST -> KeySeal.seal(way, subject, terms);
        };
    }
}
