package amberlens.core.material.trace;

import amberlens.core.motion.smooth.SmoothWay;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * What a camera was meant to do, and what the hand that held it added: the smoothest curves near to a trace, and what is left.
 *
 * <p>How near is near follows from the film: as far as its hand shakes, at least {@value #STEADIEST} and at most {@value #MOST} of the
 * frame's width in a table, so that a move that no hand shook is kept as it is.
 *
 * @param move the smooth part
 * @param shake what is left: put before the move it gives the trace again
 */
public record MoveAndShake(Trace move, Trace shake) {
    /** How far the move of a table may be off at a corner of the frame, in parts of its width. */
    static final double MOST = 0.005;

    /** How far a hand may shake that is parted from its move. */
    static final double MOST_APART = 0.03;

    static final double STEADIEST = 0.001;

    /** How much further a shake goes than its root mean square, nearly always. */
    private static final double PEAK = 4;

    /** A move is as good as a cubic for so long, or for half of a film: shake is not. */
    private static final double CUBIC_SECONDS = 1.5;

    /** Which part of the way off each of the four numbers may take. */
    private static final double SHIFT_PART = 0.4;

    private static final double GROWTH_PART = 0.2;

    /** The smooth ways are found in thousandths. */
    private static final double FINE = 1000;

    /** The move within {@value #MOST} of the frame's width, however much the hand shakes, from where the film begins. */
    public static MoveAndShake of(Trace trace) {
        return of(trace, MOST, true);
    }

    /**
     * The move apart from all that the hand does: where it shakes by more than {@value #MOST} of the frame's width, as that of somebody
     * who walks, the move is further from the film, so that nothing of the shake is left in it. It begins where a steady camera would have.
     */
    public static MoveAndShake apart(Trace trace) {
        MoveAndShake parts = of(trace, MOST_APART, false);
        Stand first = parts.move.stands().getFirst();
        return new MoveAndShake(
                parts.move.withStands(parts.move.stands().stream()
                        .map(stand -> stand.after(first))
                        .toList()),
                parts.shake);
    }

    /** @param pinned whether the move has to be at the film's first stand at first */
    private static MoveAndShake of(Trace trace, double most, boolean pinned) {
        List<Stand> stands = trace.stands();
        double reach = Math.hypot(trace.film().width(), trace.film().height())
                / 2
                / trace.film().width();
        double[] x = numbers(stands, Stand::x);
        double[] y = numbers(stands, Stand::y);
        double[] growth = numbers(stands, stand -> reach * Math.log(stand.scale()));
        double[] turn = numbers(stands, stand -> reach * Math.toRadians(stand.degrees()));
        int window = Math.max(8, Math.min(stands.size() / 2, (int)
                Math.round(CUBIC_SECONDS * trace.rate().perSecond())));
        double off = Math.clamp(PEAK * shaken(List.of(x, y, growth, turn), window), STEADIEST, most);
        double[] smoothX = smooth(x, SHIFT_PART * off, pinned);
        double[] smoothY = smooth(y, SHIFT_PART * off, pinned);
        double[] smoothGrowth = smooth(growth, GROWTH_PART * off, pinned);
        double[] smoothTurn = smooth(turn, GROWTH_PART * off, pinned);
        List<Stand> move = new ArrayList<>();
        List<Stand> shake = new ArrayList<>();
        for (int i = 0; i < stands.size(); i++) {
            double scale = Math.exp(smoothGrowth[i] / reach);
            double degrees = Math.toDegrees(smoothTurn[i] / reach);
            Stand stand = stands.get(i);
            move.add(new Stand(smoothX[i], smoothY[i], scale, degrees, stand.sure()));
            shake.add(new Stand(
                    stand.x() - smoothX[i],
                    stand.y() - smoothY[i],
                    stand.scale() / scale,
                    stand.degrees() - degrees,
                    stand.sure()));
        }
        return new MoveAndShake(trace.withStands(move), trace.withStands(shake));
    }

    private static double[] numbers(List<Stand> stands, ToDoubleFunction<Stand> of) {
        return stands.stream().mapToDouble(of).toArray();
    }

    private static double[] smooth(double[] way, double off, boolean pinned) {
        double[] fine = Arrays.stream(way).map(number -> FINE * number).toArray();
        double[] low = Arrays.stream(fine).map(number -> number - FINE * off).toArray();
        double[] high = Arrays.stream(fine).map(number -> number + FINE * off).toArray();
        if (pinned) {
            low[0] = fine[0];
            high[0] = fine[0];
        }
        double[] weight = new double[way.length];
        Arrays.fill(weight, 1);
        return Arrays.stream(SmoothWay.between(low, high, fine, weight))
                .map(number -> number / FINE)
                .toArray();
    }

    /** The root mean square of what no cubic says, in the middle of all stretches as long as a window. */
    private static double shaken(List<double[]> ways, int window) {
        int length = ways.getFirst().length;
        if (length < window) {
            return 0;
        }
        double[] squares = new double[length - window + 1];
        for (double[] way : ways) {
            for (int from = 0; from < squares.length; from++) {
                squares[from] += beyondCubic(way, from, window);
            }
        }
        Arrays.sort(squares);
        return Math.sqrt(squares[squares.length / 2]);
    }

    /** The mean square of what is left of a stretch beside its best cubic, by polynomials orthogonal on its frames (J. P. Gram 1883). */
    private static double beyondCubic(double[] way, int from, int window) {
        double[] rest = Arrays.copyOfRange(way, from, from + window);
        List<double[]> basis = new ArrayList<>();
        for (int power = 0; power <= 3; power++) {
            double[] next = new double[window];
            for (int i = 0; i < window; i++) {
                next[i] = Math.pow(2.0 * i / (window - 1) - 1, power);
            }
            basis.forEach(one -> take(next, one));
            take(rest, next);
            basis.add(next);
        }
        return Arrays.stream(rest).map(number -> number * number).average().orElse(0);
    }

    /** Takes out of numbers what they have of a direction. */
    private static void take(double[] from, double[] direction) {
        double product = 0;
        double square = 0;
        for (int i = 0; i < from.length; i++) {
            product += from[i] * direction[i];
            square += direction[i] * direction[i];
        }
        for (int i = 0; i < from.length; i++) {
            from[i] -= product / square * direction[i];
        }
    }
}
