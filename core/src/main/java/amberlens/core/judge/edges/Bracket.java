package amberlens.core.judge.edges;

import java.util.OptionalDouble;
import java.util.function.DoublePredicate;

/** Finds where something that holds stops holding, for what has no closed form. */
final class Bracket {
    /** Places are found to this part of the bracket's length. */
    private static final int HALVINGS = 60;

    private Bracket() {}

    /** The place between one where it holds and one where it does not, to within rounding; itself a place where it holds. */
    static double between(double holds, double fails, DoublePredicate predicate) {
        double in = holds;
        double out = fails;
        for (int i = 0; i < HALVINGS && in != out; i++) {
            double middle = (in + out) / 2;
            if (predicate.test(middle)) {
                in = middle;
            } else {
                out = middle;
            }
        }
        return in;
    }

    /** The greatest place from one on at which it still holds, looked for in growing steps; empty when it holds up to the last. */
    static OptionalDouble last(double from, double step, double last, DoublePredicate predicate) {
        double in = from;
        for (double way = step; Math.abs(in - from) < Math.abs(last - from); way *= 1.25) {
            double next = Math.abs(in + way - from) > Math.abs(last - from) ? last : in + way;
            if (!predicate.test(next)) {
                return OptionalDouble.of(between(in, next, predicate));
            }
            in = next;
        }
        return OptionalDouble.empty();
    }
}
