package amberlens.core.judge.seal;

import amberlens.core.base.time.FrameSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * An amount, and how far it reaches: what a move shows at moments up to {@code from} or from {@code to} on does not depend on it.
 *
 * @param amount its index among those of the move
 */
record KeyReach(int amount, double from, double to) {
    boolean touches(double at) {
        return at > from && at < to;
    }

    /**
     * Groups of amounts whose reaches do not meet, ascending, so that one look at a move in which a whole group has changed tells of each
     * of them. Each is a group of its own where values between keys depend on more than their two neighbours.
     *
     * @param atItsMoments whether what is seen at a moment is the move's own pose then; where it is not, each is a group of its own, too
     */
    static List<List<KeyReach>> groups(KeyMoves moves, boolean atItsMoments) {
        if (!atItsMoments || !moves.linear()) {
            return IntStream.range(0, moves.amounts().size())
                    .mapToObj(i -> List.of(new KeyReach(i, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY)))
                    .toList();
        }
        List<List<KeyReach>> groups = new ArrayList<>();
        for (KeyMoves.Quantity quantity : KeyMoves.Quantity.values()) {
            List<KeyReach> all = ofQuantity(moves, quantity);
            for (int parity = 0; parity < Math.min(2, all.size()); parity++) {
                int first = parity;
                groups.add(IntStream.range(0, all.size())
                        .filter(i -> i % 2 == first)
                        .mapToObj(all::get)
                        .toList());
            }
        }
        return groups;
    }

    /** Those of a quantity, each from the key before its own to the key after. */
    private static List<KeyReach> ofQuantity(KeyMoves moves, KeyMoves.Quantity quantity) {
        List<Integer> own = IntStream.range(0, moves.amounts().size())
                .filter(i -> moves.amounts().get(i).quantity() == quantity)
                .boxed()
                .toList();
        List<FrameSpan> keys =
                own.stream().map(i -> moves.keysOf(moves.amounts().get(i))).toList();
        return IntStream.range(0, own.size())
                .mapToObj(i -> new KeyReach(
                        own.get(i),
                        i == 0 ? Double.NEGATIVE_INFINITY : keys.get(i - 1).to(),
                        i == own.size() - 1
                                ? Double.POSITIVE_INFINITY
                                : keys.get(i + 1).from()))
                .toList();
    }
}
