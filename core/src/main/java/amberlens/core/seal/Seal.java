package amberlens.core.seal;

import amberlens.core.motion.Take;

/** Closes the open edges of a take in one of the ways. */
public final class Seal {
    private Seal() {}

    /** Every frame sealed, or nothing changed and the reason. Takes its time: up to a second or so for long moves. */
    public static SealResult by(SealWay way, Take take, SealTerms terms) {
        return switch (way) {
            case LIFT -> Lift.seal(take, terms);
            case SHIFT, LEAST -> KeySeal.seal(way, take, terms);
        };
    }
}
