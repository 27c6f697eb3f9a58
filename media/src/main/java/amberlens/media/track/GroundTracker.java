package amberlens.media.track;

import amberlens.core.geometry.PicturePoint;
import amberlens.core.geometry.Size;
import amberlens.core.model.FileProblem;
import amberlens.core.time.FrameSpan;
import amberlens.core.track.Spot;
import amberlens.core.track.Track;
import amberlens.core.track.TrackDraft;
import amberlens.media.track.Flow.Levels;
import boofcv.abst.feature.detect.interest.ConfigGeneralDetector;
import boofcv.abst.feature.detect.interest.ConfigShiTomasi;
import boofcv.alg.feature.detect.interest.GeneralFeatureDetector;
import boofcv.factory.feature.detect.interest.FactoryDetectPoint;
import boofcv.struct.geo.AssociatedPair;
import boofcv.struct.image.GrayF32;
import georegression.struct.point.Point2D_F64;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Finds how the whole picture of footage moves, shrinks and turns: what most of its points agree upon, each frame against the first, so that
 * no error adds up and what moves in front of the ground is outvoted. What it finds is a track of the middle of the picture.
 */
public final class GroundTracker {
    private static final int MOST_POINTS = 300;
    private static final int APART = 8;
    private static final double NEAR = 1.5;

    /** Where fewer points agree, in parts of all, the ground is not seen. */
    private static final double LEAST_PART = 0.3;

    /** Windows of points as for something of this size. */
    private static final double REACH = 30;

    private final SubjectTracker.Frames frames;
    private final Flow flow = new Flow(REACH);
    private final Agreement agreement = new Agreement(NEAR);

    public GroundTracker(SubjectTracker.Frames frames) {
        this.frames = frames;
    }

    /**
     * The way of the ground.
     *
     * @param size of the footage
     * @param within the frames to look at; the first of them is what the others are held against
     * @throws IllegalArgumentException when there are too few points to hold on to
     */
    public Track track(Size size, FrameSpan within, Tracking.Progress progress) throws FileProblem {
        var middle = new PicturePoint(size.width() / 2.0, size.height() / 2.0);
        TrackDraft draft = TrackDraft.begun(
                "ground", "Ground", Math.min(size.width(), size.height()) / 2.0, within.from(), middle);
        try (var grey = new GreyFrames(frames, within.from(), within.to())) {
            Grey first = grey.at(within.from());
            Levels levels = flow.levels(first.image());
            List<Point2D_F64> points = points(levels, first.image());
            Placing last = Placing.at(0, 0);
            for (int frame = within.from() + 1; frame <= within.to(); frame++) {
                Levels now = flow.levels(grey.at(frame).image());
                Optional<Agreement.Found> found = found(levels, now, points, last);
                double part = found.map(one -> (double) one.agreeing().size() / points.size())
                        .orElse(0.0);
                last = found.map(Agreement.Found::placing).orElse(last);
                draft.take(frame, spot(last, first, middle, part < LEAST_PART ? 0 : part));
                if (!progress.looked(draft)) {
                    break;
                }
            }
        }
        return draft.track();
    }

    private Optional<Agreement.Found> found(Levels first, Levels now, List<Point2D_F64> points, Placing last) {
        List<Point2D_F64> guesses = new ArrayList<>(points.size());
        for (Point2D_F64 point : points) {
            guesses.add(new Point2D_F64(last.toX(point.x, point.y), last.toY(point.x, point.y)));
        }
        List<AssociatedPair> pairs = new ArrayList<>();
        for (Flow.Found one : flow.follow(first, now, points, guesses)) {
            Point2D_F64 from = points.get(one.index());
            pairs.add(new AssociatedPair(from.x, from.y, one.x(), one.y()));
        }
        return agreement.of(pairs);
    }

    /** From how the pixels of the first frame stand in another one to where its middle is there. */
    private static Spot spot(Placing placing, Grey grey, PicturePoint middle, double confidence) {
        double x = grey.fromSource(middle.x());
        double y = grey.fromSource(middle.y());
        return new Spot(
                new PicturePoint(grey.toSource(placing.toX(x, y)), grey.toSource(placing.toY(x, y))),
                placing.scale(),
                Math.toDegrees(placing.turn()),
                Math.min(1, confidence));
    }

    private static List<Point2D_F64> points(Levels levels, GrayF32 image) {
        var config = new ConfigGeneralDetector(MOST_POINTS, APART, 1);
        GeneralFeatureDetector<GrayF32, GrayF32> detector =
                FactoryDetectPoint.createShiTomasi(config, new ConfigShiTomasi(false, 3), GrayF32.class);
        detector.process(image, levels.slopesX()[0], levels.slopesY()[0], null, null, null);
        var corners = detector.getMaximums();
        List<Point2D_F64> points = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            points.add(new Point2D_F64(corners.get(i).x, corners.get(i).y));
        }
        if (points.size() < 2 * Agreement.FEWEST) {
            throw new IllegalArgumentException("there is too little in the picture to hold on to");
        }
        return points;
    }
}
