package amberlens.core.edit.ready;

import amberlens.core.motion.curve.TimingCurve;

/**
 * How a ready move shall be. Times are in seconds, so that it is the same at every frame rate.
 *
 * @param amount per cent of the usual one, above 0 and at most {@value #MOST}
 * @param direction where the camera goes, for moves that go somewhere
 * @param leave strength of the gentle start, 0 … 1
 * @param arrive strength of the gentle end, 0 … 1
 * @param lasts how long it takes, in seconds; 0 for all of its shot but the rests
 * @param restBefore seconds
 * @param restAfter seconds; where it is told how long it lasts, what remains is the rest after it
 * @param seed for moves that are drawn by chance: the same seed, the same move
 */
public record MoveWish(
        double amount,
        Direction direction,
        double leave,
        double arrive,
        double lasts,
        double restBefore,
        double restAfter,
        long seed) {
    public static final double MOST = 500;

    /** The longest times, in seconds. */
    public static final double LONGEST = 36_000;

    /** Subtle, gentle at both ends, over the whole shot. */
    public static final MoveWish USUAL = new MoveWish(100, Direction.RIGHT, 0.42, 0.42, 0, 0, 0, 1);

    public MoveWish {
        if (!(amount > 0 && amount <= MOST)) {
            throw new IllegalArgumentException("an amount is above 0 and at most 500 %, not at " + amount);
        }
        if (!(leave >= 0 && leave <= 1 && arrive >= 0 && arrive <= 1)) {
            throw new IllegalArgumentException("strengths lie in 0 … 1, not at " + leave + " and " + arrive);
        }
        if (!(isTime(lasts) && isTime(restBefore) && isTime(restAfter))) {
            throw new IllegalArgumentException(
                    "times have 0 seconds or more, not " + lasts + ", " + restBefore + " and " + restAfter);
        }
    }

    private static boolean isTime(double seconds) {
        return seconds >= 0 && seconds <= LONGEST;
    }

    public MoveWish withAmount(double percent) {
        return new MoveWish(percent, direction, leave, arrive, lasts, restBefore, restAfter, seed);
    }

    public MoveWish withDirection(Direction where) {
        return new MoveWish(amount, where, leave, arrive, lasts, restBefore, restAfter, seed);
    }

    public MoveWish withEase(double newLeave, double newArrive) {
        return new MoveWish(amount, direction, newLeave, newArrive, lasts, restBefore, restAfter, seed);
    }

    public MoveWish withRests(double before, double after) {
        return new MoveWish(amount, direction, leave, arrive, lasts, before, after, seed);
    }

    public MoveWish lasting(double seconds) {
        return new MoveWish(amount, direction, leave, arrive, seconds, restBefore, restAfter, seed);
    }

    public MoveWish withSeed(long newSeed) {
        return new MoveWish(amount, direction, leave, arrive, lasts, restBefore, restAfter, newSeed);
    }

    /** 1 for the usual amount. */
    double part() {
        return amount / 100;
    }

    TimingCurve timing() {
        return TimingCurve.ofStrengths(leave, arrive);
    }
}
