package amberlens.core.motion;

import amberlens.core.geometry.FramePoint;
import java.util.Arrays;

/**
 * A cubic Bézier in the frame, walked at constant arc length.
 *
 * <p>The length up to a parameter is integrated with the five-point Gauss–Legendre rule (nodes from Abramowitz and
 * Stegun, table 25.4) on {@value #PIECES} equal pieces; the parameter at a length is found by Newton steps inside the
 * piece's bracket. On handles of the leg's own size the error stays far below 0.01 px.
 */
final class PathCurve {
    private static final int PIECES = 64;
    private static final double[] NODES = {
        0, -0.5384693101056831, 0.5384693101056831, -0.9061798459386640, 0.9061798459386640
    };
    private static final double[] WEIGHTS = {
        0.5688888888888889, 0.4786286704993665, 0.4786286704993665, 0.2369268850561891, 0.2369268850561891
    };

    private final FramePoint a;
    private final FramePoint b;
    private final FramePoint c;
    private final FramePoint d;
    private final double[] lengths = new double[PIECES + 1];

    /** The curve looked at last: moves are walked frame by frame, and its lengths are costly. */
    private static final ThreadLocal<PathCurve> LAST = new ThreadLocal<>();

    /** The curve from one key to the next. */
    static PathCurve between(FramePoint from, FramePoint outHandle, FramePoint inHandle, FramePoint to) {
        PathCurve last = LAST.get();
        if (last != null
                && last.a.equals(from)
                && last.d.equals(to)
                && last.b.equals(from.plus(outHandle))
                && last.c.equals(to.plus(inHandle))) {
            return last;
        }
        var curve = new PathCurve(from, outHandle, inHandle, to);
        LAST.set(curve);
        return curve;
    }

    PathCurve(FramePoint from, FramePoint outHandle, FramePoint inHandle, FramePoint to) {
        a = from;
        b = from.plus(outHandle);
        c = to.plus(inHandle);
        d = to;
        for (int i = 0; i < PIECES; i++) {
            lengths[i + 1] = lengths[i] + lengthBetween((double) i / PIECES, (double) (i + 1) / PIECES);
        }
    }

    /** The whole length in frame pixels. */
    double length() {
        return lengths[PIECES];
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
        int piece = Math.clamp(found >= 0 ? found - 1 : -found - 2, 0, PIECES - 1);
        double low = (double) piece / PIECES;
        double start = low;
        double high = (double) (piece + 1) / PIECES;
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
