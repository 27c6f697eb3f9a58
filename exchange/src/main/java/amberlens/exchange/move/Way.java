package amberlens.exchange.move;

import amberlens.core.base.time.FrameRate;
import amberlens.core.motion.curve.Leg;
import java.util.List;

/**
 * How one property travels: before the first stop and after the last one it stands.
 *
 * @param stops at least one, in time
 */
public record Way(List<Stop> stops) {
    public Way {
        stops = List.copyOf(stops);
        if (stops.isEmpty()) {
            throw new IllegalArgumentException("a way has at least one stop");
        }
    }

    static Way still(List<Double> numbers) {
        return new Way(List.of(new Stop(0, numbers, Leg.LINEAR)));
    }

    /** Whether nothing changes on it. */
    public boolean isStill() {
        return stops.stream().allMatch(stop -> stop.numbers().equals(first().numbers()));
    }

    public Stop first() {
        return stops.getFirst();
    }

    public Stop last() {
        return stops.getLast();
    }

    /** From the first stop to the last. */
    public double seconds(FrameRate rate) {
        return rate.seconds(last().at() - first().at());
    }

    /** The part of the way's time that has gone by at a stop, 0 … 1. */
    public double part(Stop stop) {
        return (stop.at() - first().at()) / (double) (last().at() - first().at());
    }
}
