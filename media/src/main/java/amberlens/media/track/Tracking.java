package amberlens.media.track;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.material.track.Spot;
import amberlens.core.material.track.Track;
import amberlens.core.material.track.TrackDraft;
import amberlens.core.model.project.FileProblem;

/** Makes tracks: from a point that is given, a subject is followed to both sides until nothing new is found. */
public final class Tracking {
    /** Hears how far it has come. */
    public interface Progress {
        /**
         * A frame was looked at.
         *
         * @param so far as it has come; to be looked at by the thread that tells it only
         * @return false to end it; what was found so far is kept
         */
        boolean looked(TrackDraft so);
    }

    private final SubjectTracker tracker;

    public Tracking(SubjectTracker.Frames frames) {
        tracker = new SubjectTracker(frames);
    }

    /**
     * A new track.
     *
     * @param frame in which somebody pointed at the subject
     * @param at where, in source pixels
     * @param radius half the side of the square around it that counts, in source pixels
     * @param within the frames to look at, with that frame among them
     * @throws IllegalArgumentException when there is nothing to follow there, or it is found nowhere else
     */
    public Track begin(
            String id, String name, int frame, PicturePoint at, double radius, FrameSpan within, Progress progress)
            throws FileProblem {
        TrackDraft draft = TrackDraft.begun(id, name, radius, frame, at);
        goOn(draft, frame, draft.give(frame, at), within, progress);
        Track track = draft.track();
        boolean nowhere = within.length() > 1
                && track.spots().stream().filter(spot -> !spot.weak()).count() <= 1;
        if (nowhere) {
            throw new IllegalArgumentException(
                    "what is at that place is found in no other frame; point at something else, or in another frame");
        }
        return track;
    }

    /** A track that goes on from another point that is given, until it meets what was known. */
    public Track given(Track track, int frame, PicturePoint at, FrameSpan within, Progress progress)
            throws FileProblem {
        TrackDraft draft = TrackDraft.of(track);
        goOn(draft, frame, draft.give(frame, at), within, progress);
        return draft.track();
    }

    /** A track that goes on beyond its ends. */
    public Track longer(Track track, FrameSpan within, Progress progress) throws FileProblem {
        TrackDraft draft = TrackDraft.of(track);
        int last = draft.last();
        int first = draft.first();
        if (last < within.to()) {
            run(draft, last, track.spots().getLast(), within.to(), progress);
        }
        if (first > within.from()) {
            run(draft, first, track.spots().getFirst(), within.from(), progress);
        }
        return draft.track();
    }

    private void goOn(TrackDraft draft, int frame, Spot from, FrameSpan within, Progress progress) throws FileProblem {
        if (run(draft, frame, from, within.to(), progress)) {
            run(draft, frame, from, within.from(), progress);
        }
    }

    /** Whether to go on. */
    private boolean run(TrackDraft draft, int frame, Spot from, int to, Progress progress) throws FileProblem {
        double radius = draft.radius() * from.scale();
        boolean[] goesOn = {true};
        tracker.track(frame, from, radius, to, (at, spot) -> {
            boolean news = draft.take(at, spot);
            goesOn[0] = progress.looked(draft);
            return news && goesOn[0];
        });
        return goesOn[0];
    }
}
