package amberlens.media.planes;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.sampling.Pyramid;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Fits a rough outline to what changes most near it, at source pixels: across the outline, light is read, and each place goes half-way up
 * the steepest change that its neighbours go to, too. How wide that change is says how soft the edge is: hair has no sharp one.
 */
final class Fitting {
    /** How far a place may go, in pixels of the rough outline. */
    private static final double REACH = 1.6;

    /** Places along the outline whose shifts are compared: the middle one of so many counts. */
    private static final int NEIGHBOURS = 5;

    /** What changes less than this in a pixel, as bright as it looks, is no edge. */
    private static final double FAINT = 0.01;

    /** An edge goes on while it changes by this part of its steepest. */
    private static final double GOES_ON = 0.3;

    /** How far an edge may go on to each side, source pixels. */
    private static final int WIDE = 30;

    private final Raster pixels;
    private final double rough;

    /**
     * @param scale of the picture in which the outline was found
     */
    Fitting(Pyramid picture, double scale) {
        pixels = picture.level(0);
        rough = 1 / scale;
    }

    /**
     * A fitted outline.
     *
     * @param width how wide its edge mostly is, source pixels
     */
    record Edge(List<PicturePoint> outline, double width) {}

    Edge fitted(List<PicturePoint> outline) {
        List<PicturePoint> smooth = smoothed(outline);
        int count = smooth.size();
        double[] shifts = new double[count];
        double[] widths = new double[count];
        double[][] seen = new double[count][];
        for (int i = 0; i < count; i++) {
            seen[i] = profile(smooth, i);
        }
        double[][] quiet = smoothed(seen);
        for (int i = 0; i < count; i++) {
            across(quiet[i], i, shifts, widths);
        }
        List<PicturePoint> fitted = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double shift = median(shifts, i);
            double[] normal = normal(smooth, i);
            fitted.add(smooth.get(i).plus(shift * normal[0], shift * normal[1]));
        }
        double[] sorted = widths.clone();
        Arrays.sort(sorted);
        return new Edge(fitted, sorted.length == 0 ? 1 : sorted[sorted.length * 3 / 5]);
    }

    /** Without the stairs of the reduced pixels. */
    private static List<PicturePoint> smoothed(List<PicturePoint> outline) {
        int count = outline.size();
        List<PicturePoint> smooth = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double x = 0;
            double y = 0;
            for (int k = -2; k <= 2; k++) {
                PicturePoint place = outline.get(Math.floorMod(i + k, count));
                x += place.x() / 5;
                y += place.y() / 5;
            }
            smooth.add(new PicturePoint(x, y));
        }
        return smooth;
    }

    private static double[] normal(List<PicturePoint> outline, int i) {
        PicturePoint before = outline.get(Math.floorMod(i - 2, outline.size()));
        PicturePoint after = outline.get(Math.floorMod(i + 2, outline.size()));
        double x = after.y() - before.y();
        double y = before.x() - after.x();
        double length = Math.max(1e-9, Math.hypot(x, y));
        return new double[] {x / length, y / length};
    }

    /** What is seen across the outline at a place, from within to without, as bright as it looks. */
    private double[] profile(List<PicturePoint> outline, int i) {
        int side = reach() + WIDE;
        double[] normal = normal(outline, i);
        double[] seen = new double[2 * side + 1];
        for (int k = 0; k < seen.length; k++) {
            double at = k - side;
            seen[k] = Math.sqrt(Math.max(
                    0, light(outline.get(i).x() + at * normal[0], outline.get(i).y() + at * normal[1])));
        }
        return seen;
    }

    private int reach() {
        return (int) Math.ceil(REACH * rough);
    }

    /** Half-way up the steepest change near the outline, and how wide that change is. */
    private void across(double[] seen, int i, double[] shifts, double[] widths) {
        int middle = seen.length / 2;
        int best = middle;
        double most = 0;
        for (int k = middle - reach(); k <= middle + reach(); k++) {
            double near = 1 - 0.4 * Math.abs(k - middle) / (reach() + 1.0);
            double change = Math.abs(slope(seen, k)) * near;
            if (change > most) {
                most = change;
                best = k;
            }
        }
        if (most < FAINT) {
            widths[i] = 2.0 * reach();
            return;
        }
        double steepest = slope(seen, best);
        int from = best;
        while (from > 1 && slope(seen, from - 1) / steepest >= GOES_ON) {
            from--;
        }
        int to = best;
        while (to < seen.length - 2 && slope(seen, to + 1) / steepest >= GOES_ON) {
            to++;
        }
        double low = seen[from - 1];
        double high = seen[to + 1];
        shifts[i] = halfWay(seen, from - 1, to + 1, (low + high) / 2) - middle;
        widths[i] = Math.max(1, Math.abs((high - low) / steepest));
    }

    private static double slope(double[] seen, int k) {
        return (seen[k + 1] - seen[k - 1]) / 2;
    }

    private static double halfWay(double[] seen, int from, int to, double level) {
        boolean rises = seen[to] > seen[from];
        for (int k = from; k < to; k++) {
            if (seen[k + 1] > level == rises) {
                double step = seen[k + 1] - seen[k];
                return step == 0 ? k : k + Math.clamp((level - seen[k]) / step, 0, 1);
            }
        }
        return (from + to) / 2.0;
    }

    private static double[][] smoothed(double[][] profiles) {
        double[][] smooth = new double[profiles.length][profiles[0].length];
        for (int i = 0; i < profiles.length; i++) {
            for (int k = -NEIGHBOURS / 2; k <= NEIGHBOURS / 2; k++) {
                double[] near = profiles[Math.floorMod(i + k, profiles.length)];
                for (int at = 0; at < near.length; at++) {
                    smooth[i][at] += near[at] / NEIGHBOURS;
                }
            }
        }
        return smooth;
    }

    private double median(double[] shifts, int i) {
        double[] near = new double[NEIGHBOURS];
        for (int k = 0; k < NEIGHBOURS; k++) {
            near[k] = shifts[Math.floorMod(i + k - NEIGHBOURS / 2, shifts.length)];
        }
        Arrays.sort(near);
        return near[NEIGHBOURS / 2];
    }

    /** The light at a place, between the pixels around it. */
    private double light(double x, double y) {
        double left = Math.clamp(x - 0.5, 0, pixels.width() - 1.0);
        double top = Math.clamp(y - 0.5, 0, pixels.height() - 1.0);
        int column = (int) Math.min(left, Math.max(0, pixels.width() - 2));
        int row = (int) Math.min(top, Math.max(0, pixels.height() - 2));
        double across = left - column;
        double down = top - row;
        double upper = light(column, row) * (1 - across) + light(column + 1, row) * across;
        double lower = light(column, row + 1) * (1 - across) + light(column + 1, row + 1) * across;
        return upper * (1 - down) + lower * down;
    }

    private double light(int column, int row) {
        float[] rgba = new float[4 + Loops.SPARE];
        pixels.read(
                Loops.plain(), Math.min(column, pixels.width() - 1), Math.min(row, pixels.height() - 1), 1, rgba, 0);
        return 0.2126 * rgba[0] + 0.7152 * rgba[1] + 0.0722 * rgba[2];
    }
}
