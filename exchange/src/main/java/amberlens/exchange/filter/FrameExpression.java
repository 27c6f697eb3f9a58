package amberlens.exchange.filter;

import amberlens.exchange.move.KeyThinning;
import java.util.List;
import java.util.Locale;
import java.util.function.IntToDoubleFunction;

/**
 * A number of every frame as an expression of the frame's count: straight pieces, found by halving, so that even the longest move nests only
 * as deep as the logarithm of its pieces (FFmpeg's expressions may nest a hundred times).
 */
final class FrameExpression {
    private final List<Integer> stops;
    private final IntToDoubleFunction of;
    private final String count;

    private FrameExpression(List<Integer> stops, IntToDoubleFunction of, String count) {
        this.stops = stops;
        this.of = of;
        this.count = count;
    }

    /**
     * The expression.
     *
     * @param last the last frame
     * @param near how far it may be off
     * @param count the variable that counts frames from 0
     */
    static String expression(int last, IntToDoubleFunction of, double near, String count) {
        List<Integer> stops = KeyThinning.kept(
                0,
                last,
                frame -> new double[] {of.applyAsDouble(frame)},
                (frame, numbers) -> Math.abs(numbers[0] - of.applyAsDouble(frame)) <= near);
        var pieces = new FrameExpression(stops, of, count);
        return stops.size() == 1 ? number(of.applyAsDouble(0)) : pieces.between(0, stops.size() - 2);
    }

    private String between(int first, int last) {
        if (first == last) {
            int from = stops.get(first);
            int to = stops.get(first + 1);
            double start = of.applyAsDouble(from);
            double slope = (of.applyAsDouble(to) - start) / (to - from);
            return slope == 0 ? number(start) : number(start) + signed(slope) + "*(" + count + "-" + from + ")";
        }
        int middle = (first + last + 1) >>> 1;
        return "if(lt(" + count + "," + stops.get(middle) + ")," + between(first, middle - 1) + ","
                + between(middle, last) + ")";
    }

    private static String signed(double value) {
        return (value < 0 ? "" : "+") + number(value);
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.9f", value)
                .replaceFirst("\\.?0+$", "")
                .replaceFirst("^-0$", "0");
    }
}
