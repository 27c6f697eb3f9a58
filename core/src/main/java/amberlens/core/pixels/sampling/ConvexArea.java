package amberlens.core.pixels.sampling;

import amberlens.core.base.geometry.ProjectiveMap;
import java.util.Arrays;
import java.util.function.DoubleBinaryOperator;

/** A convex polygon. */
final class ConvexArea {
    private final double[] x;
    private final double[] y;

    /** How much x grows with y along each side. */
    private final double[] slope;

    private ConvexArea(double[] x, double[] y) {
        this.x = x;
        this.y = y;
        slope = new double[x.length];
        for (int i = 0; i < x.length; i++) {
            int next = (i + 1) % x.length;
            slope[i] = (x[next] - x[i]) / (y[next] - y[i]);
        }
    }

    /** From the first to the last pixel centre of a window. */
    static ConvexArea centres(Window window) {
        double left = window.left() + 0.5;
        double top = window.top() + 0.5;
        double right = left + window.width() - 1;
        double bottom = top + window.height() - 1;
        return upright(left, top, right, bottom);
    }

    boolean isEmpty() {
        return x.length == 0;
    }

    /** The part with a·x + b·y + c ≥ 0 (Sutherland and Hodgman 1974). */
    ConvexArea clip(double a, double b, double c) {
        double[] toX = new double[x.length + 2];
        double[] toY = new double[x.length + 2];
        int count = 0;
        for (int i = 0; i < x.length; i++) {
            int next = (i + 1) % x.length;
            double here = a * x[i] + b * y[i] + c;
            double there = a * x[next] + b * y[next] + c;
            if (here >= 0) {
                toX[count] = x[i];
                toY[count++] = y[i];
            }
            if (here >= 0 != there >= 0) {
                double part = here / (here - there);
                toX[count] = x[i] + part * (x[next] - x[i]);
                toY[count++] = y[i] + part * (y[next] - y[i]);
            }
        }
        return new ConvexArea(Arrays.copyOf(toX, count), Arrays.copyOf(toY, count));
    }

    /** As it is seen through a map. */
    ConvexArea through(ProjectiveMap map) {
        double[] toX = new double[x.length];
        double[] toY = new double[x.length];
        for (int i = 0; i < x.length; i++) {
            toX[i] = map.x(x[i], y[i]);
            toY[i] = map.y(x[i], y[i]);
        }
        return new ConvexArea(toX, toY);
    }

    /**
     * Likewise, of a map that is of use only in a rectangle about the origin: where something of this area comes to lie outside of it, or
     * behind the viewer, the upright rectangle around what is left.
     *
     * @param width of the rectangle
     * @param beyond how far it goes on at all sides
     */
    ConvexArea through(ProjectiveMap map, int width, int height, double beyond) {
        ConvexArea all = through(map);
        boolean ahead = true;
        for (int i = 0; i < x.length; i++) {
            ahead &= map.w(x[i], y[i]) > 0;
        }
        double left = ahead ? all.left() : Double.NEGATIVE_INFINITY;
        double top = ahead ? all.top() : Double.NEGATIVE_INFINITY;
        double right = ahead ? all.right() : Double.POSITIVE_INFINITY;
        double bottom = ahead ? all.bottom() : Double.POSITIVE_INFINITY;
        if (left >= -beyond && top >= -beyond && right <= width + beyond && bottom <= height + beyond) {
            return all;
        }
        return upright(
                Math.clamp(left, -beyond, width + beyond),
                Math.clamp(top, -beyond, height + beyond),
                Math.clamp(right, -beyond, width + beyond),
                Math.clamp(bottom, -beyond, height + beyond));
    }

    private static ConvexArea upright(double left, double top, double right, double bottom) {
        return new ConvexArea(new double[] {left, right, right, left}, new double[] {top, top, bottom, bottom});
    }

    /** Scaled about the origin, then shifted, each axis on its own. */
    ConvexArea scaled(double factorX, double shiftX, double factorY, double shiftY) {
        double[] toX = new double[x.length];
        double[] toY = new double[x.length];
        for (int i = 0; i < x.length; i++) {
            toX[i] = x[i] * factorX + shiftX;
            toY[i] = y[i] * factorY + shiftY;
        }
        return new ConvexArea(toX, toY);
    }

    /** Whether it is a rectangle whose sides are not turned. */
    boolean isUpright() {
        boolean upright = x.length == 4;
        for (int i = 0; i < x.length && upright; i++) {
            int next = (i + 1) % x.length;
            upright = x[i] == x[next] || y[i] == y[next];
        }
        return upright;
    }

    double left() {
        return -most((px, _) -> -px);
    }

    double right() {
        return most((px, _) -> px);
    }

    double top() {
        return -most((_, py) -> -py);
    }

    double bottom() {
        return most((_, py) -> py);
    }

    /** The greatest value at any corner. */
    double most(DoubleBinaryOperator value) {
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < x.length; i++) {
            most = Math.max(most, value.applyAsDouble(x[i], y[i]));
        }
        return most;
    }

    /** Where a horizontal strip begins and ends in it; not a number where they do not meet. */
    void across(double top, double bottom, double[] fromTo) {
        double from = Double.POSITIVE_INFINITY;
        double to = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < x.length; i++) {
            int next = (i + 1) % x.length;
            double first = Math.max(top, Math.min(y[i], y[next]));
            double last = Math.min(bottom, Math.max(y[i], y[next]));
            if (first <= last) {
                boolean level = y[i] == y[next];
                double one = level ? x[i] : x[i] + (first - y[i]) * slope[i];
                double other = level ? x[next] : x[i] + (last - y[i]) * slope[i];
                from = Math.min(from, Math.min(one, other));
                to = Math.max(to, Math.max(one, other));
            }
        }
        fromTo[0] = from <= to ? from : Double.NaN;
        fromTo[1] = from <= to ? to : Double.NaN;
    }
}
