package amberlens.core.material.planes;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Side;
import amberlens.core.base.geometry.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * How deep places lie within a plane. Where its outline runs along a side of the picture it counts as going on beyond, for nothing is cut
 * there. Used by several threads.
 */
public final class Contour {
    /** Neighbouring pieces of the outline that are looked at together, or not at all. */
    private static final int RUN = 8;

    private final double[] x;
    private final double[] y;
    /** Of each run of pieces: left, top, right, bottom. */
    private final double[] runs;

    private final double left;
    private final double top;
    private final double right;
    private final double bottom;

    private Contour(double[] x, double[] y) {
        this.x = x;
        this.y = y;
        runs = new double[4 * Math.ceilDiv(x.length, RUN)];
        for (int i = 0; i < runs.length; i++) {
            int from = i / 4 * RUN;
            double[] of = i % 2 == 0 ? x : y;
            double most = i % 4 < 2 ? Double.POSITIVE_INFINITY : Double.NEGATIVE_INFINITY;
            for (int k = from; k <= Math.min(from + RUN, x.length); k++) {
                most = i % 4 < 2 ? Math.min(most, of[k % x.length]) : Math.max(most, of[k % x.length]);
            }
            runs[i] = most;
        }
        left = least(x, 1);
        top = least(y, 1);
        right = -least(x, -1);
        bottom = -least(y, -1);
    }

    private static double least(double[] values, int sign) {
        double least = Double.POSITIVE_INFINITY;
        for (double value : values) {
            least = Math.min(least, sign * value);
        }
        return least;
    }

    public static Contour of(Plane plane, Size picture) {
        return of(plane.outline(), picture);
    }

    /** Of an outline alone. */
    public static Contour of(List<PicturePoint> outline, Size picture) {
        List<PicturePoint> points = new ArrayList<>();
        int count = outline.size();
        for (int i = 0; i < count; i++) {
            PicturePoint point = outline.get(i);
            Optional<Side> before = Sides.along(outline.get((i + count - 1) % count), point, picture);
            Optional<Side> after = Sides.along(point, outline.get((i + 1) % count), picture);
            if (before.isPresent() && after.isPresent()) {
                points.add(beyond(beyond(point, before.get(), picture), after.get(), picture));
            } else {
                before.ifPresent(side -> points.add(beyond(point, side, picture)));
                points.add(point);
                after.ifPresent(side -> points.add(beyond(point, side, picture)));
            }
        }
        return new Contour(
                points.stream().mapToDouble(PicturePoint::x).toArray(),
                points.stream().mapToDouble(PicturePoint::y).toArray());
    }

    private static PicturePoint beyond(PicturePoint point, Side side, Size picture) {
        double far = 4 * (picture.width() + (double) picture.height());
        return switch (side) {
            case LEFT -> new PicturePoint(-far, point.y());
            case RIGHT -> new PicturePoint(picture.width() + far, point.y());
            case TOP -> new PicturePoint(point.x(), -far);
            case BOTTOM -> new PicturePoint(point.x(), picture.height() + far);
        };
    }

    /** How many source pixels a place lies within the outline; negative outside of it. Inside is what a line out crosses oddly often. */
    public double depth(double atX, double atY) {
        double nearest = Double.POSITIVE_INFINITY;
        boolean inside = false;
        for (int run = 0; run < runs.length; run += 4) {
            boolean crossed = atY >= runs[run + 1] && atY <= runs[run + 3] && atX <= runs[run + 2];
            if (crossed || fromRun(run, atX, atY) < nearest) {
                int from = run / 4 * RUN;
                int to = Math.min(from + RUN, x.length);
                for (int i = from; i < to; i++) {
                    int next = i + 1 == x.length ? 0 : i + 1;
                    nearest = Math.min(nearest, squared(i, next, atX, atY));
                    if (y[i] > atY != y[next] > atY
                            && atX < x[i] + (x[next] - x[i]) * (atY - y[i]) / (y[next] - y[i])) {
                        inside = !inside;
                    }
                }
            }
        }
        return inside ? Math.sqrt(nearest) : -Math.sqrt(nearest);
    }

    /** How deep places lie, of those about one place. */
    @FunctionalInterface
    public interface Depths {
        /** As {@link Contour#depth}. */
        double at(double x, double y);
    }

    /**
     * Depths of the places about one, found several times as fast where the outline is further away than they reach: depth changes by no
     * more than the way does, so all of them lie on one side, and only what is hardly further than the nearest can be nearest to any.
     *
     * @param radius how far they are from the place at most, source pixels
     */
    public Depths near(double atX, double atY, double radius) {
        double depth = depth(atX, atY);
        double away = Math.abs(depth);
        if (away <= radius) {
            return this::depth;
        }
        int[] nearest = IntStream.range(0, runs.length / 4)
                .filter(run -> fromRun(4 * run, atX, atY) <= (away + 2 * radius) * (away + 2 * radius))
                .toArray();
        return (x, y) -> Math.copySign(Math.sqrt(least(nearest, x, y)), depth);
    }

    /** The square of the distance from the rectangle around a run. */
    private double fromRun(int run, double atX, double atY) {
        double awayX = Math.max(0, Math.max(runs[run] - atX, atX - runs[run + 2]));
        double awayY = Math.max(0, Math.max(runs[run + 1] - atY, atY - runs[run + 3]));
        return awayX * awayX + awayY * awayY;
    }

    private double least(int[] of, double atX, double atY) {
        double nearest = Double.POSITIVE_INFINITY;
        for (int run : of) {
            if (fromRun(4 * run, atX, atY) < nearest) {
                int to = Math.min((run + 1) * RUN, x.length);
                for (int i = run * RUN; i < to; i++) {
                    nearest = Math.min(nearest, squared(i, i + 1 == x.length ? 0 : i + 1, atX, atY));
                }
            }
        }
        return nearest;
    }

    /** The square of the distance from a piece of the outline. */
    private double squared(int from, int to, double atX, double atY) {
        double alongX = x[to] - x[from];
        double alongY = y[to] - y[from];
        double fromX = atX - x[from];
        double fromY = atY - y[from];
        double length = alongX * alongX + alongY * alongY;
        double part = length == 0 ? 0 : Math.clamp((fromX * alongX + fromY * alongY) / length, 0, 1);
        double byX = fromX - part * alongX;
        double byY = fromY - part * alongY;
        return byX * byX + byY * byY;
    }

    /**
     * Where the outline crosses a column or a row, ascending; inside is from the first to the second, from the third to the fourth, and so on.
     *
     * @param column whether it is a column
     * @param at its place in source pixels
     */
    double[] crossings(boolean column, double at) {
        double[] along = column ? y : x;
        double[] across = column ? x : y;
        int count = along.length;
        return IntStream.range(0, count)
                .filter(i -> across[i] > at != across[(i + 1) % count] > at)
                .mapToDouble(i -> {
                    int next = (i + 1) % count;
                    double part = (at - across[i]) / (across[next] - across[i]);
                    return along[i] + part * (along[next] - along[i]);
                })
                .sorted()
                .toArray();
    }

    /** The bounds of what lies within it: left, top, right, bottom, in the pixels of a picture, within the picture. */
    public double[] bounds(Size picture) {
        return new double[] {
            Math.clamp(left, 0, picture.width()),
            Math.clamp(top, 0, picture.height()),
            Math.clamp(right, 0, picture.width()),
            Math.clamp(bottom, 0, picture.height())
        };
    }
}
