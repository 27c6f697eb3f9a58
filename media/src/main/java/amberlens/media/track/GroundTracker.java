package amberlens.media.track;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.material.track.Spot;
import amberlens.core.material.track.Track;
import amberlens.core.material.track.TrackDraft;
import amberlens.core.model.project.FileProblem;
import amberlens.media.track.Flow.Levels;
import java.util.List;
import java.util.Optional;

/**
 * Finds how the whole picture of footage moves, shrinks and turns: what most of its points agree upon, each frame against the first, so that
 * no error adds up and what moves in front of the ground is outvoted. What it finds is a track of the middle of the picture.
 */
public final class GroundTracker {
    private static final int MOST_POINTS = 300;
    private static final int APART = 8;
    private static final double STANDS_OUT = 0.5;
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
            List<Dot> points = Flow.corners(levels, MOST_POINTS, APART, STANDS_OUT);
            if (points.size() < 2 * Agreement.FEWEST) {
                throw new IllegalArgumentException("there is too little detail in the picture to track");
            }
            Placing last = Placing.at(0, 0);
            for (int frame = within.from() + 1; frame <= within.to(); frame++) {
                Levels now = flow.levels(grey.at(frame).image());
                Optional<Agreement.Found> found = agreement.of(flow.pairs(levels, now, points, Placing.at(0, 0), last));
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
}
