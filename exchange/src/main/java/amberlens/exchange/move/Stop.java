package amberlens.exchange.move;

import amberlens.core.motion.curve.Leg;
import java.util.List;

/**
 * The numbers of a property at a frame, and how they go on from there.
 *
 * @param at frames from the shot's first
 * @param numbers one or two
 * @param leg holds, linear or a curve; without meaning at the last stop
 */
public record Stop(int at, List<Double> numbers, Leg leg) {
    public Stop {
        numbers = List.copyOf(numbers);
        if (leg instanceof Leg.Smooth || leg instanceof Leg.Flight) {
            throw new IllegalArgumentException("only this application knows smooth legs and flights");
        }
    }
}
