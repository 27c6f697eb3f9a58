package amberlens.core.edit.ready;

import amberlens.core.motion.curve.TimingCurve;

/**
 * How a ready move shall be.
 *
 * @param amount per cent of the usual one, above 0 and at most {@value #MOST}
 * @param direction where the camera goes, for moves that go somewhere
 * @param leave strength of the gentle start, 0 … 1
 * @param arrive strength of the gentle end, 0 … 1
 * @param restBefore frames
 * @param restAfter frames
 * @param seed for moves that are drawn by chance: the same seed, the same move
 */
public record MoveWish(
        double amount, Direction direction, double leave, double arrive, int restBefore, int restAfter, long seed) {
    public static final double MOST = 500;

    /** Subtle, gentle at both ends, without rests. */
    public static final MoveWish USUAL = new MoveWish(100, Direction.RIGHT, 0.42, 0.42, 0, 0, 1);

    public MoveWish {
        if (!(amount > 0 && amount <= MOST)) {
            throw new IllegalArgumentException("an amount is above 0 and at most 500 %, not at " + amount);
        }
        if (!(leave >= 0 && leave <= 1 && arrive >= 0 && arrive <= 1)) {
            throw new IllegalArgumentException("strengths lie in 0 … 1, not at " + leave + " and " + arrive);
        }
        if (restBefore < 0 || restAfter < 0) {
            throw new IllegalArgumentException("rests have 0 frames or more, not " + restBefore + " and " + restAfter);
        }
    }

    public MoveWish withAmount(double percent) {
        return new MoveWish(percent, direction, leave, arrive, restBefore, restAfter, seed);
    }

    public MoveWish withDirection(Direction where) {
        return new MoveWish(amount, where, leave, arrive, restBefore, restAfter, seed);
    }

    public MoveWish withEase(double newLeave, double newArrive) {
        return new MoveWish(amount, direction, newLeave, newArrive, restBefore, restAfter, seed);
    }

    public MoveWish withRests(int before, int after) {
        return new MoveWish(amount, direction, leave, arrive, before, after, seed);
    }

    /** 1 for the usual amount. */
    double part() {
        return amount / 100;
    }

    TimingCurve timing() {
        return TimingCurve.ofStrengths(leave, arrive);
    }
}
