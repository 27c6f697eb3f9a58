package amberlens.media.track;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.opencv.core.Core;
import org.opencv.core.Mat;
import org.opencv.core.MatOfByte;
import org.opencv.core.MatOfFloat;
import org.opencv.core.MatOfPoint;
import org.opencv.core.MatOfPoint2f;
import org.opencv.core.Point;
import org.opencv.core.Size;
import org.opencv.core.TermCriteria;
import org.opencv.imgproc.Imgproc;
import org.opencv.video.Video;

/**
 * Where single points of one picture are in another one: the tracker of B. Lucas, T. Kanade and C. Tomasi on pyramids, from a general
 * library.
 */
final class Flow {
    private static final int SMALLEST_RADIUS = 4;
    private static final int LARGEST_RADIUS = 8;
    private static final int SMALLEST = 12;
    private static final int MOST_HALVINGS = 3;
    private static final int ROUNDS = 30;
    private static final double STILL = 0.01;

    /** Of the matrix of slopes, in the library's own unit: what stands out less is not tracked. */
    private static final double LEAST_SLOPE = 1e-4;

    /** In shades, for each pixel: what differs more is something else. */
    private static final float MOST_ERROR = 40;

    /** The side of the square whose slopes make a corner, in pixels. */
    private static final int CORNER = 7;

    /** How strong the library calls a square that slopes by a shade a pixel both ways: Sobel's 8, over 4 × 7, squared, for 49 pixels. */
    private static final double STRENGTH = 4;

    /**
     * A picture, and at half its size, where noise is less.
     *
     * @param halfScale how many pixels a pixel of that is wide; 1 where the picture is too small to be halved
     */
    record Levels(Shades whole, Shades half, double halfScale) {}

    private final int radius;

    /** @param reach half the side of what is followed: points are told apart by a part of that */
    Flow(double reach) {
        radius = (int) Math.clamp(Math.round(reach / 4.5), SMALLEST_RADIUS, LARGEST_RADIUS);
    }

    /** A picture made ready. */
    Levels levels(Shades image) {
        if (Math.min(image.width(), image.height()) >> 1 < SMALLEST) {
            return new Levels(image, image, 1);
        }
        Mat whole = Mats.of(image);
        var half = new Mat();
        Imgproc.pyrDown(whole, half);
        var levels = new Levels(image, Mats.shades(half), 2);
        whole.release();
        half.release();
        return levels;
    }

    /**
     * The places of a picture that can best be told apart, the best first.
     *
     * @param apart how many pixels lie between two at least
     * @param least how much a place has to slope in every direction, in shades a pixel, on the root of the mean square; above 0
     */
    static List<Dot> corners(Levels levels, int most, int apart, double least) {
        return corners(levels, most, apart, least, 0);
    }

    /**
     * Likewise.
     *
     * @param part how strong a place has to be beside the strongest, 0 … 1: beside edges, noise is no place
     */
    static List<Dot> corners(Levels levels, int most, int apart, double least, double part) {
        Mat picture = Mats.of(levels.whole);
        var strength = new Mat();
        Imgproc.cornerMinEigenVal(picture, strength, CORNER);
        double strongest = Core.minMaxLoc(strength).maxVal;
        strength.release();
        var found = new MatOfPoint();
        double enough = STRENGTH * least * least;
        if (strongest > enough) {
            Imgproc.goodFeaturesToTrack(
                    picture, found, most, Math.max(part, enough / strongest), apart, new Mat(), CORNER);
        }
        picture.release();
        List<Dot> corners = Arrays.stream(found.empty() ? new Point[0] : found.toArray())
                .map(point -> new Dot(point.x, point.y))
                .toList();
        found.release();
        return corners;
    }

    /**
     * Finds points of a piece again.
     *
     * @param points of the piece
     * @param placed how it stands in the first picture
     * @param guess how it may stand in the second one
     * @return the points that were found, each with its place in the second picture
     */
    List<Dot.Pair> pairs(Levels first, Levels second, List<Dot> points, Placing placed, Placing guess) {
        if (points.isEmpty()) {
            return List.of();
        }
        Mat from = Mats.bytes(first.whole);
        Mat to = Mats.bytes(second.whole);
        MatOfPoint2f before = Mats.points(set(points, placed));
        MatOfPoint2f after = Mats.points(set(points, guess));
        var found = new MatOfByte();
        var errors = new MatOfFloat();
        Video.calcOpticalFlowPyrLK(
                from,
                to,
                before,
                after,
                found,
                errors,
                new Size(2 * radius + 1, 2 * radius + 1),
                halvings(Math.min(from.rows(), from.cols())),
                new TermCriteria(TermCriteria.COUNT + TermCriteria.EPS, ROUNDS, STILL),
                Video.OPTFLOW_USE_INITIAL_FLOW,
                LEAST_SLOPE);
        byte[] is = found.toArray();
        float[] error = errors.toArray();
        Point[] places = after.toArray();
        List<Dot.Pair> pairs = new ArrayList<>();
        for (int i = 0; i < is.length; i++) {
            boolean inside = places[i].x >= 0 && places[i].y >= 0 && places[i].x < to.cols() && places[i].y < to.rows();
            if (is[i] != 0 && inside && error[i] <= MOST_ERROR) {
                pairs.add(new Dot.Pair(points.get(i), new Dot(places[i].x, places[i].y)));
            }
        }
        for (Mat mat : List.of(from, to, before, after, found, errors)) {
            mat.release();
        }
        return pairs;
    }

    /** How often a picture is made half as large, so that far ways are found. */
    private static int halvings(int side) {
        int times = 0;
        while (times < MOST_HALVINGS && side >> (times + 1) >= SMALLEST) {
            times++;
        }
        return times;
    }

    private static List<Dot> set(List<Dot> points, Placing placing) {
        return points.stream()
                .map(point -> new Dot(placing.toX(point.x(), point.y()), placing.toY(point.x(), point.y())))
                .toList();
    }
}
