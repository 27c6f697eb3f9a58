package amberlens.media.marks;

import java.util.ArrayList;
import java.util.List;
import org.opencv.core.Core;
import org.opencv.core.CvType;
import org.opencv.core.Mat;
import org.opencv.core.Rect;
import org.opencv.core.Scalar;
import org.opencv.imgproc.Imgproc;

/** Regions of a map of strengths: cells beside each other that are strong enough. */
final class Regions {
    private Regions() {}

    /**
     * A region.
     *
     * @param box cells
     * @param area how many cells
     * @param mean of their strengths
     */
    record Region(Rect box, double area, double mean) {
        double mass() {
            return area * mean;
        }
    }

    /** Those in which each cell is stronger than a least strength. */
    static List<Region> of(Mat strengths, double least) {
        Mat strong = new Mat();
        Core.compare(strengths, Scalar.all(least), strong, Core.CMP_GT);
        Mat labels = new Mat();
        Mat facts = new Mat();
        Mat middles = new Mat();
        int count = Imgproc.connectedComponentsWithStats(strong, labels, facts, middles, 8, CvType.CV_32S);
        List<Region> regions = new ArrayList<>();
        Mat here = new Mat();
        for (int i = 1; i < count; i++) {
            int[] row = new int[5];
            facts.get(i, 0, row);
            Core.compare(labels, Scalar.all(i), here, Core.CMP_EQ);
            regions.add(
                    new Region(new Rect(row[0], row[1], row[2], row[3]), row[4], Core.mean(strengths, here).val[0]));
        }
        List.of(strong, labels, facts, middles, here).forEach(Mat::release);
        return regions;
    }
}
