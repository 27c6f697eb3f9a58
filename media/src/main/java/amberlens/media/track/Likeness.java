package amberlens.media.track;

import amberlens.media.track.Flow.Levels;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * How a subject looks in one frame: a square of the picture around it, with points that can be told apart, and with cells by which it is
 * judged how much of it is seen in another frame.
 */
final class Likeness {
    private static final int CELLS = 5;
    private static final int SAMPLES = 6;
    private static final int MOST_POINTS = 70;

    /** Cells that differ less than this, in shades, tell nothing. */
    private static final double PLAIN = 2.5;

    /** From this correlation on a cell looks as it did: halfway between chance and the same (common practice). */
    private static final double ALIKE = 0.5;

    /** Chance seldom comes this near, even where it is led. */
    private static final double SURELY_ALIKE = 0.75;

    private static final double FULLY_ALIKE = 0.85;

    private static final int LEAST_CELLS = 6;

    private final Shades window;
    private final Shades half;
    private final double halfScale;
    private final double middleX;
    private final double middleY;
    private final double radius;
    private final Alignment coarse;
    private final Alignment fine;
    private final List<Dot> points = new ArrayList<>();
    private final boolean[] telling = new boolean[CELLS * CELLS];

    /**
     * Of a frame.
     *
     * @param x of the subject, in pixels of the frame
     * @param radius half the side of the square that counts
     */
    Likeness(Grey frame, double x, double y, double radius, Flow flow) {
        this.radius = radius;
        int reach = (int) Math.ceil(radius * 1.5) + 8;
        int left = (int) Math.floor(x) - reach;
        int top = (int) Math.floor(y) - reach;
        window = frame.image().cut(left, top, 2 * reach + 1, 2 * reach + 1);
        middleX = x - left;
        middleY = y - top;
        Levels levels = flow.levels(window);
        half = levels.half();
        halfScale = levels.halfScale();
        for (int cell = 0; cell < telling.length; cell++) {
            telling[cell] = round(cell) && deviation(own(cell)) >= PLAIN;
        }
        findPoints(levels);
        coarse = new Alignment(half, halfScale, middleX, middleY, radius);
        fine = new Alignment(window, 1, middleX, middleY, radius);
    }

    /** Exactly where it lies in a picture, near where it is thought to be. */
    Optional<Placing> laid(Levels picture, Placing near) {
        return Alignment.from(near, coarse, fine, picture);
    }

    /** Whether a cell lies within the circle: corners of the square mostly show what is behind. */
    private static boolean round(int cell) {
        double across = cell % CELLS - (CELLS - 1) / 2.0;
        double down = cell / CELLS - (CELLS - 1) / 2.0;
        return Math.hypot(across, down) < CELLS / 2.0;
    }

    private void findPoints(Levels levels) {
        for (Dot corner : Flow.corners(levels, MOST_POINTS * 4, 2, 0.25)) {
            var point = new Dot(corner.x() - middleX, corner.y() - middleY);
            if (points.size() < MOST_POINTS && Math.hypot(point.x(), point.y()) <= radius) {
                points.add(point);
            }
        }
        if (points.size() < MOST_POINTS / 3) {
            addGrid();
        }
    }

    /** Where corners are few, places in rows will do. */
    private void addGrid() {
        for (int row = -3; row <= 3; row++) {
            for (int column = -3; column <= 3; column++) {
                points.add(new Dot(column * radius / 4, row * radius / 4));
            }
        }
    }

    List<Dot> points() {
        return points;
    }

    double radius() {
        return radius;
    }

    /** Whether there is anything to tell it by. */
    boolean tells() {
        for (boolean tells : telling) {
            if (tells) {
                return true;
            }
        }
        return false;
    }

    /** It as it would stand in a picture of a size. */
    Shades set(Placing placing, int width, int height) {
        return window.set(middleX, middleY, placing, width, height);
    }

    /**
     * How alike its cells are in a picture where it stands as given.
     *
     * @return the correlation of each cell, −1 … 1; not a number where it tells nothing or is not looked at
     */
    double[] alike(Levels picture, Placing placing) {
        var alike = new double[telling.length];
        Shades there = picture.half();
        double scale = picture.halfScale();
        for (int cell = 0; cell < alike.length; cell++) {
            if (!telling[cell]) {
                alike[cell] = Double.NaN;
                continue;
            }
            var theirs = new double[SAMPLES * SAMPLES];
            for (int i = 0; i < theirs.length; i++) {
                double px = px(cell, i);
                double py = py(cell, i);
                theirs[i] = there.at(placing.toX(px, py) / scale, placing.toY(px, py) / scale);
            }
            alike[cell] = correlation(own(cell), theirs);
        }
        return alike;
    }

    /** Which part of it is seen, 0 … 1: cells that chance can explain count little. */
    static double share(double[] alike) {
        return Arrays.stream(alike)
                .filter(cell -> !Double.isNaN(cell))
                .map(cell -> Math.clamp((cell - ALIKE) / (FULLY_ALIKE - ALIKE), 0, 1))
                .average()
                .orElse(0);
    }

    /** Whether it is surely this: half of at least some cells look very much as they did. */
    static boolean sure(double[] alike) {
        return half(alike, SURELY_ALIKE);
    }

    /** Whether half of it looks just as it did, whatever has become of the rest. */
    static boolean halfAsItWas(double[] alike) {
        return half(alike, FULLY_ALIKE);
    }

    private static boolean half(double[] alike, double least) {
        long told = Arrays.stream(alike).filter(cell -> !Double.isNaN(cell)).count();
        long seen = Arrays.stream(alike).filter(cell -> cell >= least).count();
        return told >= LEAST_CELLS && 2 * seen >= told;
    }

    /**
     * Looks only where another look's cells were seen.
     *
     * @param back from places of this one to those of the other, from middle to middle
     */
    void keepWhere(Likeness other, double[] alike, Placing back) {
        for (int cell = 0; cell < telling.length; cell++) {
            double px = radius * (2 * (cell % CELLS + 0.5) / CELLS - 1);
            double py = radius * (2 * (cell / CELLS + 0.5) / CELLS - 1);
            telling[cell] &= alike[other.cell(new Dot(back.toX(px, py), back.toY(px, py)))] >= ALIKE;
        }
        points.removeIf(point -> !telling[cell(point)]);
    }

    private int cell(Dot point) {
        int column = Math.clamp((long) Math.floor((point.x() + radius) * CELLS / (2 * radius)), 0, CELLS - 1);
        int row = Math.clamp((long) Math.floor((point.y() + radius) * CELLS / (2 * radius)), 0, CELLS - 1);
        return row * CELLS + column;
    }

    private double px(int cell, int sample) {
        return place(cell % CELLS, sample % SAMPLES);
    }

    private double py(int cell, int sample) {
        return place(cell / CELLS, sample / SAMPLES);
    }

    private double place(int cell, int sample) {
        return radius * (2 * (cell + (sample + 0.5) / SAMPLES) / CELLS - 1);
    }

    private double[] own(int cell) {
        var shades = new double[SAMPLES * SAMPLES];
        for (int i = 0; i < shades.length; i++) {
            shades[i] = half.at((middleX + px(cell, i)) / halfScale, (middleY + py(cell, i)) / halfScale);
        }
        return shades;
    }

    private static double mean(double[] shades) {
        double sum = 0;
        for (double shade : shades) {
            sum += shade;
        }
        return sum / shades.length;
    }

    private static double deviation(double[] shades) {
        double mean = mean(shades);
        double sum = 0;
        for (double shade : shades) {
            sum += (shade - mean) * (shade - mean);
        }
        return Math.sqrt(sum / shades.length);
    }

    private static double correlation(double[] a, double[] b) {
        double meanA = mean(a);
        double meanB = mean(b);
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += (a[i] - meanA) * (b[i] - meanB);
        }
        double scale = deviation(a) * deviation(b) * a.length;
        return scale > 0 ? sum / scale : 0;
    }
}
