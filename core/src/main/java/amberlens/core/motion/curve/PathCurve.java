package amberlens.core.motion.curve;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.memo.Last;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A cubic Bézier in the frame, walked at constant arc length.
 *
 * <p>The length up to a parameter is integrated with the five-point Gauss–Legendre rule (nodes from Abramowitz and
 * Stegun, table 25.4) on pieces that are halved until the rule agrees with itself on both halves: near cusps and turns back, where
 * the speed has a kink, they become as small as they must. The parameter at a length is found by Newton steps inside
 * the piece's bracket. The error of the whole length stays below 0.001 px.
 */
final class PathCurve {
    private static final int COARSE = 16;
    private static final int DEEPEST = 30;
    private static final double PIECE_ERROR_PX = 1e-6;
    private static final double[] NODES = {
        0, -0.5384693101056831, 0.5384693101056831, -0.9061798459386640, 0.9061798459386640
    };
    private static final double[] WEIGHTS = {
        0.5688888888888889, 0.4786286704993665, 0.4786286704993665, 0.2369268850561891, 0.2369268850561891
    };

    /** From where to where, and by which points it is drawn. */
    private record Points(FramePoint a, FramePoint b, FramePoint c, FramePoint d) {}

    /** The curve looked at last: moves are walked frame by frame, and its lengths are costly. */
    private static final Last<Points, PathCurve> LAST = Last.byValue();

    private final FramePoint a;
    private final FramePoint b;
    private final FramePoint c;
    private final FramePoint d;
    /** Where the pieces end, from 0 to 1, and the lengths up to there. */
    private final double[] ends;

    private final double[] lengths;

    /** The curve from one key to the next. */
    static PathCurve between(FramePoint from, FramePoint outHandle, FramePoint inHandle, FramePoint to) {
        var points = new Points(from, from.plus(outHandle), to.plus(inHandle), to);
        return LAST.get(points, wanted -> new PathCurve(from, outHandle, inHandle, to));
    }

    PathCurve(FramePoint from, FramePoint outHandle, FramePoint inHandle, FramePoint to) {
        a = from;
        b = from.plus(outHandle);
        c = to.plus(inHandle);
        d = to;
        List<Double> found = new ArrayList<>(List.of(0.0));
        for (int i = 0; i < COARSE; i++) {
            divide((double) i / COARSE, (i + 1.0) / COARSE, 0, found);
        }
        ends = found.stream().mapToDouble(end -> end).toArray();
        lengths = new double[ends.length];
        for (int i = 1; i < ends.length; i++) {
            lengths[i] = lengths[i - 1] + lengthBetween(ends[i - 1], ends[i]);
        }
    }

    /** Adds the ends of the pieces into which a stretch has to be divided. */
    private void divide(double from, double to, int depth, List<Double> found) {
        double middle = (from + to) / 2;
        double whole = lengthBetween(from, to);
        double halves = lengthBetween(from, middle) + lengthBetween(middle, to);
        if (depth == DEEPEST || Math.abs(whole - halves) <= PIECE_ERROR_PX) {
            found.add(to);
        } else {
            divide(from, middle, depth + 1, found);
            divide(middle, to, depth + 1, found);
        }
    }

    /** The whole length in frame pixels. */
    double length() {
        return lengths[lengths.length - 1];
    }

    /** The point at a part of the length; beyond 0 … 1 it goes on straight along the end's direction. */
    FramePoint atPart(double part) {
        if (part < 0 || part > 1) {
            double end = part < 0 ? 0 : 1;
            FramePoint from = point(end);
            FramePoint direction = direction(end);
            double over = (part - end) * length();
            return from.plus(direction.times(over));
        }
        return point(parameterAt(part * length()));
    }

    /** The two halves of the curve, divided at a part of its length, 0 … 1 (de Casteljau). */
    Halves dividedAt(double part) {
        double t = parameterAt(part * length());
        FramePoint ab = between(a, b, t);
        FramePoint bc = between(b, c, t);
        FramePoint cd = between(c, d, t);
        FramePoint abc = between(ab, bc, t);
        FramePoint bcd = between(bc, cd, t);
        FramePoint middle = between(abc, bcd, t);
        return new Halves(ab.minus(a), new PathHandles(abc.minus(middle), bcd.minus(middle)), cd.minus(d));
    }

    /** The handles of a divided curve: out of its start, at the new point, into its end. */
    record Halves(FramePoint out, PathHandles middle, FramePoint in) {}

    private static FramePoint between(FramePoint p, FramePoint q, double t) {
        return p.plus(q.minus(p).times(t));
    }

    private double parameterAt(double length) {
        int found = Arrays.binarySearch(lengths, length);
        int piece = Math.clamp(found >= 0 ? found - 1 : -found - 2, 0, ends.length - 2);
        double low = ends[piece];
        double start = low;
        double high = ends[piece + 1];
        double inPiece = lengths[piece + 1] - lengths[piece];
        double t = inPiece == 0 ? low : low + (high - low) * (length - lengths[piece]) / inPiece;
        for (int i = 0; i < 30; i++) {
            double miss = lengths[piece] + lengthBetween(start, t) - length;
            if (Math.abs(miss) < 1e-9) {
                return t;
            }
            if (miss > 0) {
                high = t;
            } else {
                low = t;
            }
            double step = t - miss / speed(t);
            t = step > low && step < high ? step : (low + high) / 2;
        }
        return t;
    }

    private double lengthBetween(double from, double to) {
        double half = (to - from) / 2;
        double middle = (from + to) / 2;
        double sum = 0;
        for (int i = 0; i < NODES.length; i++) {
            sum += WEIGHTS[i] * speed(middle + half * NODES[i]);
        }
        return sum * half;
    }

    private FramePoint point(double t) {
        double u = 1 - t;
        return a.times(u * u * u)
                .plus(b.times(3 * u * u * t))
                .plus(c.times(3 * u * t * t))
                .plus(d.times(t * t * t));
    }

    private FramePoint derivative(double t) {
        double u = 1 - t;
        return b.minus(a)
                .times(3 * u * u)
                .plus(c.minus(b).times(6 * u * t))
                .plus(d.minus(c).times(3 * t * t));
    }

    private double speed(double t) {
        return derivative(t).length();
    }

    private FramePoint direction(double t) {
        FramePoint along = derivative(t);
        if (along.length() < 1e-12) {
            along = d.minus(a);
        }
        double length = along.length();
        return length == 0 ? FramePoint.ZERO : along.times(1 / length);
    }
}
