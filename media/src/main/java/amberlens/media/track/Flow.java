package amberlens.media.track;

import boofcv.abst.filter.derivative.ImageGradient;
import boofcv.alg.tracker.klt.ConfigKlt;
import boofcv.alg.tracker.klt.KltTrackFault;
import boofcv.alg.tracker.klt.PyramidKltFeature;
import boofcv.alg.tracker.klt.PyramidKltTracker;
import boofcv.alg.transform.pyramid.PyramidOps;
import boofcv.factory.filter.derivative.FactoryDerivative;
import boofcv.factory.tracker.FactoryTrackerAlg;
import boofcv.factory.transform.pyramid.FactoryPyramid;
import boofcv.struct.image.GrayF32;
import boofcv.struct.image.ImageType;
import boofcv.struct.pyramid.ConfigDiscreteLevels;
import boofcv.struct.pyramid.PyramidDiscrete;
import georegression.struct.point.Point2D_F64;
import java.util.ArrayList;
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

    /** A point that was found again: which one, and where. */
    record Found(int index, double x, double y) {}

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
     * Finds points again.
     *
     * @param points in the first picture
     * @param guesses where they may be in the second one, as many
     */
    List<Found> follow(Levels first, Levels second, List<Point2D_F64> points, List<Point2D_F64> guesses) {
        int levels = Math.min(first.pyramid.getNumLayers(), second.pyramid.getNumLayers());
        List<PyramidKltFeature> features = new ArrayList<>();
        tracker.setImage(first.pyramid, first.slopesX, first.slopesY);
        for (Point2D_F64 point : points) {
            var feature = new PyramidKltFeature(levels, radius);
            feature.setPosition((float) point.x, (float) point.y);
            boolean described = tracker.setDescription(feature);
            feature.setCookie(described);
            features.add(feature);
        }
        tracker.setImage(second.pyramid, second.slopesX, second.slopesY);
        List<Found> found = new ArrayList<>();
        for (int i = 0; i < features.size(); i++) {
            PyramidKltFeature feature = features.get(i);
            if (feature.<Boolean>getCookie()) {
                feature.setPosition((float) guesses.get(i).x, (float) guesses.get(i).y);
                if (tracker.track(feature) == KltTrackFault.SUCCESS) {
                    found.add(new Found(i, feature.x, feature.y));
                }
            }
        }
        return found;
    }
}
