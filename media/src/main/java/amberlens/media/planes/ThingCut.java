package amberlens.media.planes;

import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.material.planes.Plane;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.media.vision.Images;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.opencv.core.Core;
import org.opencv.core.CvType;
import org.opencv.core.Mat;
import org.opencv.core.MatOfPoint;
import org.opencv.core.Point;
import org.opencv.core.Rect;
import org.opencv.core.Scalar;
import org.opencv.imgproc.Imgproc;

/**
 * Finds the outline of a thing from a box or a scribble around it (C. Rother, V. Kolmogorov and A. Blake, <em>GrabCut</em>, 2004, by the
 * library), first in a reduced picture and then, along the outline, by what changes most at source pixels.
 */
public final class ThingCut {
    /** The longer side of what is looked at, in reduced pixels, and how much more than the box that is. */
    private static final double SIDE = 360;

    private static final double AROUND = 0.25;
    private static final int ROUNDS = 5;

    /** What is smaller than this part of the box is no thing. */
    private static final double LEAST = 0.01;

    /** How far an outline may be from what was found, source pixels. */
    private static final double TOLERANCE = 1;

    private static final int MOST_SOFT = 60;
    private static final double LEAST_SOFT = 1.5;

    private ThingCut() {}

    /**
     * What was found.
     *
     * @param outline source pixels
     * @param soft how wide its edge is, source pixels
     */
    public record Found(List<PicturePoint> outline, double soft) {}

    /** The thing within a box. Takes a second or so. */
    public static Optional<Found> inBox(Pyramid picture, PictureBox box) {
        return inBox(picture, box, Optional.empty());
    }

    /**
     * Likewise, of which something is known.
     *
     * @param known how likely places of the box are of the thing, 0 … 1, a square of cells row by row
     */
    public static Optional<Found> inBox(Pyramid picture, PictureBox box, Optional<float[]> known) {
        var part = new Part(picture, box);
        Mat mask = new Mat(part.height, part.width, CvType.CV_8UC1, Scalar.all(Imgproc.GC_BGD));
        Rect within = part.reduced(box);
        Mat inside = mask.submat(within);
        inside.setTo(Scalar.all(Imgproc.GC_PR_FGD));
        known.ifPresent(cells -> weigh(inside, cells));
        inside.release();
        return found(part, mask, box.area());
    }

    /**
     * The thing within a scribble around it.
     *
     * @param around at least three places, source pixels, without end
     */
    public static Optional<Found> within(Pyramid picture, List<PicturePoint> around) {
        PictureBox box = PictureBox.between(
                new PicturePoint(least(around, true), least(around, false)),
                new PicturePoint(most(around, true), most(around, false)));
        var part = new Part(picture, box);
        Mat mask = new Mat(part.height, part.width, CvType.CV_8UC1, Scalar.all(Imgproc.GC_BGD));
        var drawn = new MatOfPoint(around.stream()
                .map(place -> new Point(
                        Math.rint((place.x() - part.left) * part.scale - 0.5),
                        Math.rint((place.y() - part.top) * part.scale - 0.5)))
                .toArray(Point[]::new));
        Imgproc.fillPoly(mask, List.of(drawn), Scalar.all(Imgproc.GC_PR_FGD));
        drawn.release();
        return found(part, mask, box.area());
    }

    private static double least(List<PicturePoint> places, boolean across) {
        return places.stream()
                .mapToDouble(place -> across ? place.x() : place.y())
                .min()
                .orElseThrow();
    }

    private static double most(List<PicturePoint> places, boolean across) {
        return places.stream()
                .mapToDouble(place -> across ? place.x() : place.y())
                .max()
                .orElseThrow();
    }

    /** The part of a picture that is looked at, reduced. */
    private static final class Part {
        final Pyramid picture;
        final double left;
        final double top;
        final double scale;
        final int width;
        final int height;
        final Mat image;

        Part(Pyramid picture, PictureBox box) {
            this.picture = picture;
            double more = AROUND * Math.max(box.width(), box.height()) + 2;
            left = Math.max(0, Math.floor(box.left() - more));
            top = Math.max(0, Math.floor(box.top() - more));
            double right = Math.min(picture.size().width(), Math.ceil(box.right() + more));
            double bottom = Math.min(picture.size().height(), Math.ceil(box.bottom() + more));
            double wanted = Math.min(1, SIDE / Math.max(right - left, bottom - top));
            int level = 0;
            while (level + 1 < picture.levels() && Math.scalb(1.0, -level - 1) >= wanted) {
                level++;
            }
            Raster reduced = picture.level(level);
            double times = Math.scalb(1.0, -level);
            int fromX = (int) Math.min(Math.floor(left * times), reduced.width() - 1);
            int fromY = (int) Math.min(Math.floor(top * times), reduced.height() - 1);
            int wide = (int) Math.clamp(Math.round((right - left) * times), 1, reduced.width() - fromX);
            int high = (int) Math.clamp(Math.round((bottom - top) * times), 1, reduced.height() - fromY);
            Mat whole = Images.rgb(reduced, fromX, fromY, wide, high);
            scale = wanted;
            width = Math.max(1, (int) Math.round((right - left) * scale));
            height = Math.max(1, (int) Math.round((bottom - top) * scale));
            image = new Mat();
            Imgproc.resize(whole, image, new org.opencv.core.Size(width, height), 0, 0, Imgproc.INTER_AREA);
            whole.release();
        }

        Rect reduced(PictureBox box) {
            int x = (int) Math.clamp(Math.round((box.left() - left) * scale), 0, width - 1);
            int y = (int) Math.clamp(Math.round((box.top() - top) * scale), 0, height - 1);
            int right = (int) Math.clamp(Math.round((box.right() - left) * scale), x + 1, width);
            int bottom = (int) Math.clamp(Math.round((box.bottom() - top) * scale), y + 1, height);
            return new Rect(x, y, right - x, bottom - y);
        }

        PicturePoint source(Point place) {
            return new PicturePoint(left + (place.x + 0.5) / scale, top + (place.y + 0.5) / scale);
        }
    }

    private static void weigh(Mat inside, float[] cells) {
        int side = (int) Math.rint(Math.sqrt(cells.length));
        Mat small = new Mat(side, side, CvType.CV_32F);
        small.put(0, 0, cells);
        Mat likely = new Mat();
        Imgproc.resize(small, likely, inside.size(), 0, 0, Imgproc.INTER_LINEAR);
        Mat is = new Mat();
        for (double[] step :
                new double[][] {{-1, Imgproc.GC_PR_BGD}, {0.5, Imgproc.GC_PR_FGD}, {0.95, Imgproc.GC_FGD}}) {
            Core.compare(likely, Scalar.all(step[0]), is, Core.CMP_GT);
            inside.setTo(Scalar.all(step[1]), is);
        }
        List.of(small, likely, is).forEach(Mat::release);
    }

    private static Optional<Found> found(Part part, Mat mask, double boxArea) {
        Mat back = new Mat();
        Mat front = new Mat();
        Mat is = new Mat();
        Mat likely = new Mat();
        try {
            boolean both = Core.countNonZero(mask) > 0 && Core.countNonZero(mask) < mask.total();
            if (!both) {
                return Optional.empty();
            }
            Core.setRNGSeed(1); // the same drag, the same outline
            Imgproc.grabCut(part.image, mask, new Rect(), back, front, ROUNDS, Imgproc.GC_INIT_WITH_MASK);
            Core.compare(mask, Scalar.all(Imgproc.GC_FGD), is, Core.CMP_EQ);
            Core.compare(mask, Scalar.all(Imgproc.GC_PR_FGD), likely, Core.CMP_EQ);
            Core.bitwise_or(is, likely, is);
            List<MatOfPoint> contours = new ArrayList<>();
            Imgproc.findContours(is, contours, new Mat(), Imgproc.RETR_EXTERNAL, Imgproc.CHAIN_APPROX_NONE);
            return contours.stream()
                    .max(Comparator.comparingDouble(Imgproc::contourArea))
                    .filter(largest -> Imgproc.contourArea(largest) >= LEAST * boxArea * part.scale * part.scale)
                    .map(largest -> new Fitting(part.picture, part.scale)
                            .fitted(largest.toList().stream().map(part::source).toList()))
                    .map(edge -> new Found(
                            Outlines.simplified(edge.outline(), TOLERANCE),
                            Math.clamp(edge.width(), LEAST_SOFT, Math.min(MOST_SOFT, Plane.SOFTEST))));
        } finally {
            List.of(part.image, mask, back, front, is, likely).forEach(Mat::release);
        }
    }
}
