package amberlens.core.material.planes;

import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;

/**
 * How deep a frame sees behind a plane: the deepest place, counted from the plane's solid edge inwards, that is seen of a sheet where the
 * plane was. Found by branch and bound over squares of the picture: depth changes at most as fast as one goes (it is a distance), so what
 * is known of a square's middle bounds all of it. What is left out is proved not to be seen, to within half a pixel.
 */
final class HiddenDepth {
    /** What is found lies at most so much above what is seen, source pixels. */
    static final double EXACT = 0.25;

    /** Squares with a smaller radius are taken as their middle is. */
    private static final double SMALLEST = 0.2;

    private static final int PARTS = 8;

    /** After so many the bound stands for what is seen. */
    private static final int MOST = 50_000;

    private final Contour hole;
    private final double half;
    private final PosedSheet sheet;
    private final List<PosedSheet> nearer;
    private final PriorityQueue<Square> open =
            new PriorityQueue<>(Comparator.comparingDouble((Square square) -> -square.most));
    private double best;

    private record Square(double x, double y, double radius, double most) {}

    /**
     * @param hole where the plane was
     * @param half of its soft edge, source pixels
     * @param sheet on which it is looked at
     * @param nearer those before the sheet
     */
    HiddenDepth(Contour hole, double half, PosedSheet sheet, List<PosedSheet> nearer) {
        this.hole = hole;
        this.half = half;
        this.sheet = sheet;
        this.nearer = nearer;
    }

    /**
     * In source pixels; 0 where nothing is seen of it.
     *
     * @param known it is not of interest whether something is seen that is less deep; then the answer is at most this
     */
    double deepest(double[] bounds, double known) {
        best = known;
        double[] seen = sheet.frame().bounds();
        double left = Math.max(bounds[0], seen[0]);
        double top = Math.max(bounds[1], seen[1]);
        double width = Math.min(bounds[2], seen[2]) - left;
        double height = Math.min(bounds[3], seen[3]) - top;
        if (width <= 0 || height <= 0) {
            return 0;
        }
        double side = Math.max(width, height) / PARTS;
        int across = (int) Math.ceil(width / side);
        int down = (int) Math.ceil(height / side);
        for (int i = 0; i < across * down; i++) {
            double middleX = left + side * (i % across + 0.5);
            double middleY = top + side * (i / across + 0.5);
            look(middleX, middleY, side / Math.sqrt(2)); // squares, whose quarters are squares again
        }
        for (int looked = 0; !open.isEmpty(); looked++) {
            Square square = open.poll();
            if (square.most <= best) {
                return best;
            }
            if ((best > known && square.most <= best + EXACT) || looked > MOST) {
                return square.most;
            }
            double step = square.radius / Math.sqrt(8);
            for (int i = 0; i < 4; i++) {
                look(square.x + (i % 2 == 0 ? -step : step), square.y + (i < 2 ? -step : step), square.radius / 2);
            }
        }
        return best;
    }

    /** Keeps a square if something of it may be seen deeper than what is known. */
    private void look(double x, double y, double radius) {
        double depth = hole.depth(x, y) - half;
        if (depth + radius <= Math.max(best, EXACT)
                || sheet.frame().within(x, y) < -radius
                || sheet.within(x, y) < -radius) {
            return;
        }
        double covered = Double.NEGATIVE_INFINITY;
        for (PosedSheet other : nearer) {
            covered = Math.max(covered, other.covers(sheet, x, y));
        }
        boolean small = radius < SMALLEST;
        if (covered >= (small ? 0 : radius)) {
            return;
        }
        if (covered < 0 && sheet.frame().within(x, y) > 0 && sheet.within(x, y) > 0) {
            best = Math.max(best, depth);
        }
        if (!small) {
            open.add(new Square(x, y, radius, depth + radius));
        }
    }
}
