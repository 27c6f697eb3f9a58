package amberlens.media.marks;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.opencv.core.Core;
import org.opencv.core.CvType;
import org.opencv.core.Mat;
import org.opencv.core.MatOfDouble;
import org.opencv.core.Rect;
import org.opencv.core.Size;
import org.opencv.imgproc.Imgproc;
import org.opencv.saliency.StaticSaliencySpectralResidual;

/**
 * Finds what a picture is of: the strongest region of what stands out from it (X. Hou and L. Zhang, <em>Saliency Detection: A Spectral
 * Residual Approach</em>, 2007, by the library, at three sizes) and of what is in front, nearer to the middle a little rather than at the
 * sides. Where neither says much, as of a texture, there is none.
 */
final class SubjectFinder {
    /** The longer side of the maps. */
    private static final double SIDE = 256;

    /** The sides of what the measure looks at. */
    private static final int[] SIZES = {32, 64, 96};

    private static final double BLUR = 8;

    /** How soon what is at the sides counts less, of the picture's sides. */
    private static final double MIDDLE = 0.35;

    /** What is in front of a picture that is nearly all in front says nothing. */
    private static final double ALL = 0.9;

    /** What is stronger than this part of the strongest place belongs to the region. */
    private static final double STRONG = 0.5;

    /** How likely what is in front must be for it to count. */
    private static final double IN_FRONT = 0.35;

    /** How much denser than all of the map a region must be that is not in front; it is as sure as can be at thrice that. */
    private static final double DENSE = 3.2;

    private static final double SUREST = 0.8;

    /** How much the codes of a region differ at least: of what is all of one shade, nothing stands out. */
    private static final double SHADES = 6;

    private final StaticSaliencySpectralResidual measure = StaticSaliencySpectralResidual.create();

    /**
     * A subject.
     *
     * @param box pixels of the picture that was looked at
     * @param sure 0 … 1
     */
    record Subject(Rect box, double sure) {}

    /**
     * The subject of a picture, if it has one.
     *
     * @param inFront how likely its places are in front, see {@link Segmenter}
     */
    Optional<Subject> find(Mat picture, Mat inFront) {
        Mat smaller = Parts.atMost(picture, SIDE / Math.max(picture.cols(), picture.rows()));
        Mat front = new Mat();
        Imgproc.resize(inFront, front, smaller.size(), 0, 0, Imgproc.INTER_LINEAR);
        Mat outstanding = outstanding(smaller);
        Mat all = new Mat();
        boolean tells = Core.mean(front).val[0] < ALL;
        Core.addWeighted(outstanding, 1, front, tells ? 1 : 0, 0, all, CvType.CV_32F);
        weighted(all);
        double most = Core.minMaxLoc(all).maxVal;
        Optional<Subject> subject = Regions.of(all, STRONG * most).stream()
                .max(Comparator.comparingDouble(Regions.Region::mass))
                .filter(region -> hasShades(smaller, region.box()))
                .flatMap(region -> subject(region, all, tells ? front : Mat.zeros(front.size(), front.type())))
                .map(found -> scaled(found, picture, smaller));
        List.of(smaller, front, outstanding, all).forEach(Mat::release);
        return subject;
    }

    private static boolean hasShades(Mat picture, Rect box) {
        Mat part = picture.submat(box);
        var means = new MatOfDouble();
        var spreads = new MatOfDouble();
        Core.meanStdDev(part, means, spreads);
        boolean has = Core.norm(spreads, Core.NORM_INF) >= SHADES;
        List.of(part, means, spreads).forEach(Mat::release);
        return has;
    }

    private static Optional<Subject> subject(Regions.Region region, Mat all, Mat front) {
        Mat here = front.submat(region.box());
        double likely = Core.mean(here).val[0];
        here.release();
        double share = region.mass() / Core.sumElems(all).val[0];
        double area = region.box().area() / (double) all.total();
        double dense = share / area;
        double sure = Math.max(
                likely >= IN_FRONT ? likely : 0, dense >= DENSE ? Math.min(SUREST, SUREST * dense / (3 * DENSE)) : 0);
        return sure > 0 ? Optional.of(new Subject(region.box(), sure)) : Optional.empty();
    }

    /** What stands out, 0 … 1. */
    private Mat outstanding(Mat picture) {
        Mat sum = Mat.zeros(picture.size(), CvType.CV_32F);
        Mat one = new Mat();
        for (int size : SIZES) {
            measure.setImageWidth(size);
            measure.setImageHeight(size);
            measure.computeSaliency(picture, one);
            Imgproc.GaussianBlur(one, one, new Size(0, 0), BLUR);
            Core.normalize(one, one, 0, 1, Core.NORM_MINMAX, CvType.CV_32F);
            Core.add(sum, one, sum);
        }
        Core.normalize(sum, sum, 0, 1, Core.NORM_MINMAX, CvType.CV_32F);
        one.release();
        return sum;
    }

    private static void weighted(Mat map) {
        float[] row = new float[map.cols()];
        for (int y = 0; y < map.rows(); y++) {
            map.get(y, 0, row);
            double down = ((y + 0.5) / map.rows() - 0.5) / MIDDLE;
            for (int x = 0; x < row.length; x++) {
                double across = ((x + 0.5) / row.length - 0.5) / MIDDLE;
                row[x] *= (float) Math.exp(-(across * across + down * down) / 2);
            }
            map.put(y, 0, row);
        }
    }

    private static Subject scaled(Subject found, Mat picture, Mat smaller) {
        double across = (double) picture.cols() / smaller.cols();
        double down = (double) picture.rows() / smaller.rows();
        Rect box = found.box;
        return new Subject(
                new Rect(
                        (int) Math.floor(box.x * across),
                        (int) Math.floor(box.y * down),
                        (int) Math.ceil(box.width * across),
                        (int) Math.ceil(box.height * down)),
                found.sure);
    }
}
