package amberlens.media.track;

import boofcv.abst.feature.detect.interest.ConfigGeneralDetector;
import boofcv.abst.feature.detect.interest.ConfigShiTomasi;
import boofcv.abst.filter.derivative.ImageGradient;
import boofcv.alg.feature.detect.interest.GeneralFeatureDetector;
import boofcv.alg.tracker.klt.ConfigKlt;
import boofcv.alg.tracker.klt.KltTrackFault;
import boofcv.alg.tracker.klt.PyramidKltFeature;
import boofcv.alg.tracker.klt.PyramidKltTracker;
import boofcv.alg.transform.pyramid.PyramidOps;
import boofcv.factory.feature.detect.interest.FactoryDetectPoint;
import boofcv.factory.filter.derivative.FactoryDerivative;
import boofcv.factory.tracker.FactoryTrackerAlg;
import boofcv.factory.transform.pyramid.FactoryPyramid;
import boofcv.struct.geo.AssociatedPair;
import boofcv.struct.image.GrayF32;
import boofcv.struct.image.ImageType;
import boofcv.struct.pyramid.ConfigDiscreteLevels;
import boofcv.struct.pyramid.PyramidDiscrete;
import georegression.struct.point.Point2D_F64;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Where single points of one picture are in another one: the tracker of B. Lucas, T. Kanade and C. Tomasi on pyramids, from a general
 * library.
 */
final class Flow {
    private static final int SMALLEST_RADIUS = 4;
    private static final int LARGEST_RADIUS = 8;
    private static final int SMALLEST = 12;

    /** In shades, for each pixel: what differs more is something else. */
    private static final float MOST_ERROR = 40;

    /** A picture in several sizes, with its slopes. */
    record Levels(PyramidDiscrete<GrayF32> pyramid, GrayF32[] slopesX, GrayF32[] slopesY) {
        /** The picture at half its size, where noise is less. */
        GrayF32 half() {
            return pyramid.getLayer(Math.min(1, pyramid.getNumLayers() - 1));
        }

        /** How many pixels a pixel of that is wide. */
        double halfScale() {
            return pyramid.getScale(Math.min(1, pyramid.getNumLayers() - 1));
        }
    }

    private final int radius;
    private final PyramidKltTracker<GrayF32, GrayF32> tracker;
    private final ImageGradient<GrayF32, GrayF32> gradient = FactoryDerivative.three(GrayF32.class, GrayF32.class);

    /** @param reach half the side of what is followed: points are told apart by a part of that */
    Flow(double reach) {
        radius = (int) Math.clamp(Math.round(reach / 4.5), SMALLEST_RADIUS, LARGEST_RADIUS);
        var config = new ConfigKlt();
        config.maxPerPixelError = MOST_ERROR;
        tracker = FactoryTrackerAlg.kltPyramid(config, GrayF32.class, GrayF32.class);
    }

    /** A picture made ready; it is not kept. */
    Levels levels(GrayF32 image) {
        int most = 1;
        while (most < 4 && Math.min(image.width, image.height) >> most >= SMALLEST) {
            most++;
        }
        PyramidDiscrete<GrayF32> pyramid = FactoryPyramid.discreteGaussian(
                ConfigDiscreteLevels.levels(most), -1, 2, true, ImageType.single(GrayF32.class));
        pyramid.process(image);
        GrayF32[] x = PyramidOps.declareOutput(pyramid, ImageType.single(GrayF32.class));
        GrayF32[] y = PyramidOps.declareOutput(pyramid, ImageType.single(GrayF32.class));
        PyramidOps.gradient(pyramid, gradient, x, y);
        return new Levels(pyramid, x, y);
    }

    /**
     * The places of a picture that can best be told apart, the best first.
     *
     * @param apart how many pixels lie between two at least
     * @param least how much a place has to stand out
     */
    static List<Point2D_F64> corners(Levels levels, int most, int apart, float least) {
        GeneralFeatureDetector<GrayF32, GrayF32> detector = FactoryDetectPoint.createShiTomasi(
                new ConfigGeneralDetector(most, apart, least), new ConfigShiTomasi(false, 3), GrayF32.class);
        detector.process(levels.pyramid.getLayer(0), levels.slopesX[0], levels.slopesY[0], null, null, null);
        var found = detector.getMaximums();
        List<Point2D_F64> corners = new ArrayList<>(found.size());
        for (int i = 0; i < found.size(); i++) {
            corners.add(new Point2D_F64(found.get(i).x, found.get(i).y));
        }
        GrayF32 strength = detector.getIntensity();
        corners.sort(Comparator.comparingDouble(corner -> -strength.unsafe_get((int) corner.x, (int) corner.y)));
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
    List<AssociatedPair> pairs(Levels first, Levels second, List<Point2D_F64> points, Placing placed, Placing guess) {
        int levels = Math.min(first.pyramid.getNumLayers(), second.pyramid.getNumLayers());
        List<PyramidKltFeature> features = new ArrayList<>();
        tracker.setImage(first.pyramid, first.slopesX, first.slopesY);
        for (Point2D_F64 point : points) {
            var feature = new PyramidKltFeature(levels, radius);
            set(feature, placed, point);
            boolean described = tracker.setDescription(feature);
            feature.setCookie(described);
            features.add(feature);
        }
        tracker.setImage(second.pyramid, second.slopesX, second.slopesY);
        List<AssociatedPair> pairs = new ArrayList<>();
        for (int i = 0; i < features.size(); i++) {
            PyramidKltFeature feature = features.get(i);
            Point2D_F64 point = points.get(i);
            if (feature.<Boolean>getCookie()) {
                set(feature, guess, point);
                if (tracker.track(feature) == KltTrackFault.SUCCESS) {
                    pairs.add(new AssociatedPair(point.x, point.y, feature.x, feature.y));
                }
            }
        }
        return pairs;
    }

    private static void set(PyramidKltFeature feature, Placing placing, Point2D_F64 point) {
        feature.setPosition((float) placing.toX(point.x, point.y), (float) placing.toY(point.x, point.y));
    }
}
