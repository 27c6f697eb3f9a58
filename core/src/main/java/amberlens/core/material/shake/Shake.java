package amberlens.core.material.shake;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.time.FrameRate;
import amberlens.core.material.trace.Stand;
import amberlens.core.material.trace.Trace;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * The shake of a hand over time. It is as long as one likes: after its last stand it runs backwards to the first and so on, so that there
 * is no seam.
 *
 * @param name not blank
 * @param rate how many stands there are in a second
 * @param stands how far off the frame is, {@value #FEWEST} … {@value #MOST} of them
 * @param extras unknown members of the file
 */
public record Shake(String name, FrameRate rate, List<Stand> stands, Extras extras) {
    public static final int FEWEST = 2;
    public static final int MOST = 100_000;

    public Shake {
        stands = stands.stream().map(Shake::fine).toList();
        if (name.isBlank()) {
            throw new IllegalArgumentException("a shake has a name");
        }
        if (stands.size() < FEWEST || stands.size() > MOST) {
            throw new IllegalArgumentException(
                    "a shake has " + FEWEST + " to " + MOST + " moments, not " + stands.size());
        }
    }

    public Shake(String name, FrameRate rate, List<Stand> stands) {
        this(name, rate, stands, Extras.NONE);
    }

    /**
     * The shake of a trace, about its own mean, so that it takes a picture nowhere.
     *
     * @param shake what is left of the trace beside its smooth move
     * @throws IllegalArgumentException when it is a single frame
     */
    public static Shake of(String name, Trace shake) {
        List<Stand> stands = shake.stands();
        double x = mean(stands, Stand::x);
        double y = mean(stands, Stand::y);
        double growth = mean(stands, stand -> Math.log(stand.scale()));
        double degrees = mean(stands, Stand::degrees);
        return new Shake(
                name,
                shake.rate(),
                stands.stream()
                        .map(stand -> new Stand(
                                stand.x() - x,
                                stand.y() - y,
                                stand.scale() / Math.exp(growth),
                                stand.degrees() - degrees,
                                1))
                        .toList());
    }

    /** As exact as files are. */
    private static Stand fine(Stand stand) {
        return new Stand(fine(stand.x()), fine(stand.y()), fine(stand.scale()), fine(stand.degrees()), 1);
    }

    /** To seven places, far below what is seen, so that files stay short. */
    public static double fine(double number) {
        return Math.rint(number * 1e7) / 1e7;
    }

    private static double mean(List<Stand> stands, ToDoubleFunction<Stand> of) {
        return stands.stream().mapToDouble(of).average().orElseThrow();
    }

    /** How long it is before it runs backwards, in seconds. */
    public double seconds() {
        return rate.seconds(stands.size() - 1.0);
    }

    /**
     * How far off the frame is.
     *
     * @param seconds any time
     */
    public Stand at(double seconds) {
        int last = stands.size() - 1;
        double period = 2.0 * last;
        double place = seconds * rate.perSecond() % period;
        place = place < 0 ? place + period : place;
        int before = (int) Math.floor(place);
        double part = place - before;
        return new Stand(
                between(before, part, Stand::x),
                between(before, part, Stand::y),
                Math.exp(between(before, part, stand -> Math.log(stand.scale()))),
                between(before, part, Stand::degrees),
                1);
    }

    /** A cubic through the stands around with the slopes of their neighbours (E. Catmull and R. Rom 1974). */
    private double between(int before, double part, ToDoubleFunction<Stand> of) {
        double a = of.applyAsDouble(stand(before - 1));
        double b = of.applyAsDouble(stand(before));
        double c = of.applyAsDouble(stand(before + 1));
        double d = of.applyAsDouble(stand(before + 2));
        return b + part / 2 * (c - a + part * (2 * a - 5 * b + 4 * c - d + part * (3 * (b - c) + d - a)));
    }

    /** There and back again. */
    private Stand stand(int index) {
        int last = stands.size() - 1;
        int place = Math.floorMod(index, 2 * last);
        return stands.get(Math.min(place, 2 * last - place));
    }
}
