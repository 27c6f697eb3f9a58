package amberlens.core.edit.arrival;

import amberlens.core.edit.ready.Direction;

/**
 * How something shall come to its place, or leave it.
 *
 * @param way what it does
 * @param side of the frame that it comes from, or goes to
 * @param amount per cent of the usual distance, size or turn, above 0 and at most {@value #MOST}
 * @param seconds how long it takes, above 0 and at most {@value #LONGEST}
 * @param turns whole turns on the way, 0 … {@value #MOST_TURNS}
 * @param landing how it comes to rest
 * @param leaves whether it leaves its place, at the end of its shot
 */
public record Arrival(
        Way way, Direction side, double amount, double seconds, int turns, Landing landing, boolean leaves) {
    public static final double MOST = 300;
    public static final double LONGEST = 60;
    public static final int MOST_TURNS = 20;

    /** From the left within most of a second. */
    public static final Arrival USUAL = new Arrival(Way.SIDE, Direction.LEFT, 100, 0.8, 0, Landing.SOFT, false);

    public Arrival {
        if (!(amount > 0 && amount <= MOST)) {
            throw new IllegalArgumentException("an amount is above 0 and at most 300 %, not at " + amount);
        }
        if (!(seconds > 0 && seconds <= LONGEST)) {
            throw new IllegalArgumentException("an arrival takes above 0 and at most 60 s, not " + seconds);
        }
        if (turns < 0 || turns > MOST_TURNS) {
            throw new IllegalArgumentException("there are 0 to 20 turns, not " + turns);
        }
    }

    public Arrival with(Way newWay) {
        return new Arrival(newWay, side, amount, seconds, turns, landing, leaves);
    }

    public Arrival onSide(Direction newSide) {
        return new Arrival(way, newSide, amount, seconds, turns, landing, leaves);
    }

    public Arrival withAmount(double percent) {
        return new Arrival(way, side, percent, seconds, turns, landing, leaves);
    }

    public Arrival lasting(double newSeconds) {
        return new Arrival(way, side, amount, newSeconds, turns, landing, leaves);
    }

    public Arrival withTurns(int whole) {
        return new Arrival(way, side, amount, seconds, whole, landing, leaves);
    }

    public Arrival landing(Landing newLanding) {
        return new Arrival(way, side, amount, seconds, turns, newLanding, leaves);
    }

    public Arrival leaving(boolean newLeaves) {
        return new Arrival(way, side, amount, seconds, turns, landing, newLeaves);
    }

    /** For example "arrival". */
    public String word() {
        return leaves ? "departure" : "arrival";
    }

    double part() {
        return amount / 100;
    }

    /** −1 to the left or up, 1 to the right or down. */
    int sign() {
        return side == Direction.LEFT || side == Direction.UP ? -1 : 1;
    }

    boolean isUpright() {
        return side == Direction.UP || side == Direction.DOWN;
    }
}
