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

    private final Random chance;
    private final double amount;
    private ReadyMove before = ReadyMove.STILL;
    private Direction level = Direction.LEFT;
    private Direction upright = Direction.UP;

    /**
     * @param amount per cent of the usual moves
     */
    public ArrangedMoves(long seed, double amount) {
        chance = new Random(seed);
        this.amount = amount;
    }

    /** A move and how it shall be. */
    public record Choice(ReadyMove move, MoveWish wish) {}

    /** The move for the next picture. */
    public Choice next(Stage stage) {
        List<ReadyMove> suitable = new ArrayList<>(suitable(stage));
        suitable.remove(before);
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
