package amberlens.media.track;

import amberlens.media.track.Flow.Levels;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.opencv.core.Core;
import org.opencv.core.CvType;
import org.opencv.core.Mat;

/**
 * Lays a piece of a picture exactly over another picture, by all its pixels at once: S. Baker and I. Matthews, <em>Lucas–Kanade 20 Years
 * On: A Unifying Framework</em>, Int. J. Comput. Vision 56 (2004), inverse compositional, for shift, turn and scale. Differences of brightness and contrast
 * are allowed for, and pixels that do not fit count less by J. Tukey's biweight, so that what hides a part does not pull at the rest.
 */
final class Alignment {
    private static final int ROUNDS = 16;

    /** Scale and turn are two numbers, and so is a shift. */
    private static final int PARTS = 4;

    private static final double STILL = 0.01;
    private static final double TUKEY = 4.685;

    /** From the median of distances to the deviation of a normal distribution. */
    private static final double MEDIAN_TO_SIGMA = 1.4826;

    /** In shades: finer differences are noise. */
    private static final double LEAST_SIGMA = 1.5;

    /** How far it may be led, in parts of the radius. */
    private static final double FURTHEST = 0.6;

    private final double[] px;
    private final double[] py;
    private final double[] shade;
    private final double[] slopeX;
    private final double[] slopeY;
    private final double radius;
    private final int size;
    private final double[] difference;
    private final double[] sorted;
    private final double[] weight;

    /**
     * Of the pixels within a circle.
     *
     * @param image the piece
     * @param scale how many pixels of the piece a pixel of this copy of it is wide
     * @param middleX of the circle, in pixels of the piece
     */
    Alignment(Shades image, double scale, double middleX, double middleY, double radius) {
        this.radius = radius;
        int reach = (int) Math.floor(radius / scale);
        int most = (2 * reach + 1) * (2 * reach + 1);
        px = new double[most];
        py = new double[most];
        shade = new double[most];
        slopeX = new double[most];
        slopeY = new double[most];
        int count = 0;
        for (int y = -reach; y <= reach; y++) {
            for (int x = -reach; x <= reach; x++) {
                if (x * x + y * y <= reach * reach) {
                    double atX = middleX / scale + x;
                    double atY = middleY / scale + y;
                    px[count] = x * scale;
                    py[count] = y * scale;
                    shade[count] = image.at(atX, atY);
                    slopeX[count] = (image.at(atX + 1, atY) - image.at(atX - 1, atY)) / (2 * scale);
                    slopeY[count] = (image.at(atX, atY + 1) - image.at(atX, atY - 1)) / (2 * scale);
                    count++;
                }
            }
        }
        size = count;
        difference = new double[size];
        sorted = new double[size];
        weight = new double[size];
    }

    /** From near where it lies to where it lies; empty where that leads nowhere. */
    Optional<Placing> from(Placing near, Shades picture, double scale) {
        Placing at = near;
        Arrays.fill(weight, 1);
        for (int round = 0; round < ROUNDS; round++) {
            compare(at, picture, scale);
            double[] step = step();
            if (step.length == 0) {
                return Optional.empty();
            }
            at = at.after(new Placing(1 + step[0], step[1], step[2], step[3]).inverse());
            boolean astray =
                    Math.hypot(at.x() - near.x(), at.y() - near.y()) > FURTHEST * radius * Math.max(1, near.scale())
                            || at.scale() > 1.5 * near.scale()
                            || at.scale() < near.scale() / 1.5;
            if (astray) {
                return Optional.empty();
            }
            double moved = Math.hypot(step[2], step[3]) + radius * Math.hypot(step[0], step[1]);
            if (moved < STILL) {
                break;
            }
        }
        return Optional.of(at);
    }

    /** From coarse to fine. */
    static Optional<Placing> from(Placing near, Alignment half, Alignment whole, Levels picture) {
        return half.from(near, picture.half(), picture.halfScale()).flatMap(at -> whole.from(at, picture.whole(), 1));
    }

    /** How far each pixel is from what is seen, and how much it counts therefore. */
    private void compare(Placing at, Shades picture, double scale) {
        double weights = 0;
        double meanShade = 0;
        double meanSeen = 0;
        for (int i = 0; i < size; i++) {
            double seen = picture.at(at.toX(px[i], py[i]) / scale, at.toY(px[i], py[i]) / scale);
            difference[i] = seen;
            weights += weight[i];
            meanShade += weight[i] * shade[i];
            meanSeen += weight[i] * seen;
        }
        meanShade /= weights;
        meanSeen /= weights;
        double square = 0;
        double product = 0;
        for (int i = 0; i < size; i++) {
            square += weight[i] * (shade[i] - meanShade) * (shade[i] - meanShade);
            product += weight[i] * (shade[i] - meanShade) * (difference[i] - meanSeen);
        }
        double gain = square > 0 ? Math.clamp(product / square, 0.3, 3) : 1;
        for (int i = 0; i < size; i++) {
            difference[i] = (difference[i] - meanSeen) / gain + meanShade - shade[i];
            sorted[i] = Math.abs(difference[i]);
        }
        Arrays.sort(sorted);
        double sigma = Math.max(LEAST_SIGMA, MEDIAN_TO_SIGMA * sorted[size / 2]);
        for (int i = 0; i < size; i++) {
            double part = difference[i] / (TUKEY * sigma);
            weight[i] = Math.abs(part) < 1 ? (1 - part * part) * (1 - part * part) : 0;
        }
    }

    /** The step of Gauss and Newton: scale and turn about the middle, and shift; empty where the pixels do not tell. */
    private double[] step() {
        var system = new double[PARTS * PARTS];
        var right = new double[PARTS];
        var slope = new double[PARTS];
        for (int i = 0; i < size; i++) {
            slope[0] = slopeX[i] * px[i] + slopeY[i] * py[i];
            slope[1] = slopeY[i] * px[i] - slopeX[i] * py[i];
            slope[2] = slopeX[i];
            slope[3] = slopeY[i];
            for (int row = 0; row < PARTS; row++) {
                double weighted = weight[i] * slope[row];
                for (int column = 0; column < PARTS; column++) {
                    system[row * PARTS + column] += weighted * slope[column];
                }
                right[row] += weighted * difference[i];
            }
        }
        return solved(system, right);
    }

    private static double[] solved(double[] system, double[] right) {
        var matrix = new Mat(PARTS, PARTS, CvType.CV_64F);
        matrix.put(0, 0, system);
        var vector = new Mat(PARTS, 1, CvType.CV_64F);
        vector.put(0, 0, right);
        var step = new Mat();
        boolean told = Core.solve(matrix, vector, step, Core.DECOMP_CHOLESKY);
        var parts = new double[told ? PARTS : 0];
        if (told) {
            step.get(0, 0, parts);
        }
        for (Mat mat : List.of(matrix, vector, step)) {
            mat.release();
        }
        return parts;
    }
}
