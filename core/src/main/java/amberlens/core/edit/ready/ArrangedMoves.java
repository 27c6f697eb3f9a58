package amberlens.core.edit.ready;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * Which ready moves suit pictures that follow each other: panoramas are swept, tall pictures tilted, the others pushed into, slid over or
 * revealed; never the same move twice in a row, and directions alternate. The same seed makes the same choice.
 */
public final class ArrangedMoves {
    /** From this relation to the frame's shape on, a picture is a panorama. */
    private static final double WIDE = 1.7;

    /** Up to this one it is tall. */
    private static final double TALL = 0.8;

    /** From this many frame widths on there is something to reveal. */
    private static final double LARGE = 1.8;

    /** As many kinds of moves as there are for any picture. */
    public static final int KINDS = 6;

    private final Random chance;
    private final double amount;
    private final int kinds;
    private ReadyMove before = ReadyMove.STILL;
    private Direction level = Direction.LEFT;
    private Direction upright = Direction.UP;

    /**
     * @param amount per cent of the usual moves
     */
    public ArrangedMoves(long seed, double amount) {
        this(seed, amount, KINDS);
    }

    /**
     * @param amount per cent of the usual moves
     * @param kinds of how many kinds of moves, at most, one is chosen for a picture; at least 1
     */
    public ArrangedMoves(long seed, double amount, int kinds) {
        chance = new Random(seed);
        this.amount = amount;
        this.kinds = kinds;
    }

    /** A move and how it is to be. */
    public record Choice(ReadyMove move, MoveWish wish) {
        /** The other way round: away instead of closer, or to the other side. */
        public Choice turned() {
            return switch (move) {
                case PUSH_IN -> new Choice(ReadyMove.PULL_OUT, wish);
                case PULL_OUT -> new Choice(ReadyMove.PUSH_IN, wish);
                case REVEAL -> new Choice(ReadyMove.PAN_AND_ZOOM, wish);
                case PAN_AND_ZOOM -> new Choice(ReadyMove.REVEAL, wish);
                default -> new Choice(move, wish.withDirection(wish.direction().opposite()));
            };
        }

        /** The next of those that suit a picture. */
        public Choice other(Stage stage) {
            List<ReadyMove> suitable = suitable(stage);
            return new Choice(suitable.get((suitable.indexOf(move) + 1) % suitable.size()), wish);
        }
    }

    /** The choice that somebody has made for the next picture: what follows is unlike it. */
    public void keep(Choice choice) {
        before = choice.move;
    }

    /** The move for the next picture. */
    public Choice next(Stage stage) {
        List<ReadyMove> suitable = new ArrayList<>(suitable(stage));
        suitable = new ArrayList<>(suitable.subList(0, Math.clamp(kinds, 1, suitable.size())));
        if (suitable.size() > 1) {
            suitable.remove(before);
        }
        ReadyMove move = suitable.get(chance.nextInt(suitable.size()));
        before = move;
        MoveWish wish = MoveWish.USUAL.withAmount(amount).withDirection(direction(move));
        return new Choice(move, wish);
    }

    private static List<ReadyMove> suitable(Stage stage) {
        double shape = stage.relativeShape();
        if (shape >= WIDE) {
            return List.of(ReadyMove.SWEEP, ReadyMove.PAN_AND_ZOOM, ReadyMove.SLIDE);
        }
        if (shape <= TALL) {
            return List.of(ReadyMove.TILT, ReadyMove.REVEAL);
        }
        List<ReadyMove> moves =
                new ArrayList<>(List.of(ReadyMove.PUSH_IN, ReadyMove.PULL_OUT, ReadyMove.SLIDE, ReadyMove.DRIFT));
        boolean large = stage.picture().width() >= LARGE * stage.frame().width();
        if (large) {
            moves.add(ReadyMove.REVEAL);
            moves.add(ReadyMove.PAN_AND_ZOOM);
        }
        return moves;
    }

    private Direction direction(ReadyMove move) {
        if (move == ReadyMove.TILT) {
            upright = upright.opposite();
            return upright;
        }
        if (move.directed()) {
            level = level.opposite();
        }
        return level;
    }
}
