package amberlens.core.seal;

import amberlens.core.motion.Take;
import java.util.Optional;

/** Closes the open edges of a take in one of the ways. */
public final class Seal {
    private Seal() {}

    /** Every frame sealed, or nothing changed and the reason. Takes its time: up to a second or so for long moves. */
    public static SealResult by(SealWay way, Take take, SealTerms terms) {
        if (!take.ride().isNone() && way != SealWay.LIFT) {
            return underRig(way, take, terms);
        }
        return switch (way) {
            case LIFT -> Lift.seal(take, terms);
            case SHIFT, LEAST -> KeySeal.seal(way, take, terms);
        };
    }

    /** A rig's own turn and scale bend the constraints of the keys below it, so there only a lift is exact. */
    private static SealResult underRig(SealWay way, Take take, SealTerms terms) {
        return way == SealWay.LEAST
                ? Lift.seal(take, terms)
                : new SealResult.Refused(
                        0, Optional.empty(), "a rig rides on this shot, where only a lift can be worked out; use Lift");
    }
}
