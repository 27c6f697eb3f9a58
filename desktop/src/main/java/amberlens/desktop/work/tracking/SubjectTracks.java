package amberlens.desktop.work.tracking;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.words.Counted;
import amberlens.core.edit.edits.TrackEdits;
import amberlens.core.edit.edits.Tracked;
import amberlens.core.material.track.Spot;
import amberlens.core.material.track.Track;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Tools.Tool;
import amberlens.desktop.work.background.Background;
import amberlens.media.WorkPool;
import amberlens.media.track.SubjectTracker;
import amberlens.media.track.Tracking;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Tracks subjects of footage in the background, one at a time, and keeps what it found with the footage; and holds footage still by how its
 * ground moves. Lives on the interface thread.
 */
public final class SubjectTracks implements AutoCloseable {
    /** Nearer than this to a known subject, in parts of what counts around it, somebody points at that one. */
    private static final double SAME = 2;

    private final Desk desk;
    private final FootageLook look;
    private final Steadying steadying;
    private @Nullable Shot knownShot;
    private @Nullable Track knownTrack;
    private @Nullable FrameFormat knownFrame;
    private List<Spot> known = List.of();

    /** How a subject is followed. */
    private interface Following {
        Track make(Tracking tracking, Tracking.Progress progress) throws FileProblem;
    }

    public SubjectTracks(Desk desk, WorkPool rows, Background background) {
        this.desk = desk;
        look = new FootageLook(desk, rows, background);
        steadying = new Steadying(desk, look);
    }

    /** Whether footage is being looked through. */
    public boolean isRunning() {
        return look.isRunning();
    }

    /** Ends that; what was found so far of a subject is kept. */
    public void stop() {
        look.stop();
    }

    /** Holds the footage of a shot still. */
    public void steady(Shot shot) {
        steadying.hold(shot);
    }

    /** The newest track of what a shot shows, also while it is being made. */
    public Optional<Track> of(Shot shot) {
        Media media = desk.document().project().mediaOf(shot);
        return look.soFar(media)
                .or(() -> media.tracks().isEmpty()
                        ? Optional.empty()
                        : Optional.of(media.tracks().getLast()));
    }

    /** Where the subject is in each frame of a shot, on the picture as it is shown; empty where nothing was tracked. */
    public List<Spot> spots(Shot shot) {
        Optional<Track> track = of(shot);
        if (track.isEmpty()) {
            return List.of();
        }
        Project project = desk.document().project();
        if (shot != knownShot || track.get() != knownTrack || !project.frame().equals(knownFrame)) {
            knownShot = shot;
            knownTrack = track.get();
            knownFrame = project.frame();
            known = List.of(Tracked.on(project, shot, track.get()));
        }
        return known;
    }

    /** Likewise, in one frame. */
    public Optional<Spot> at(Shot shot, int frame) {
        List<Spot> spots = spots(shot);
        return frame >= 0 && frame < spots.size() ? Optional.of(spots.get(frame)) : Optional.empty();
    }

    /** The subject of a shot at one of its frames: where it was tracked, or else where it was put. */
    public Optional<PicturePoint> subject(Shot shot, int frame) {
        return at(shot, frame).map(Spot::at).or(() -> shot.settings().subject());
    }

    /** Somebody points at a subject in the frame of footage at the playhead: it is followed from there. */
    public void point(Shot shot, PicturePoint shown) {
        Project project = desk.document().project();
        Media media = project.mediaOf(shot);
        if (!media.moves()) {
            return;
        }
        int frame = Tracked.sourceFrame(project, shot, desk.cursor().shotFrame());
        PicturePoint at = Tracked.source(project, shot, shown);
        FrameSpan within = Tracked.sourceFrames(project, shot);
        Optional<Track> same = media.tracks().reversed().stream()
                .filter(track -> isOf(track, frame, at))
                .findFirst();
        double radius = SubjectTracker.USUAL_RADIUS
                * Math.min(media.size().width(), media.size().height());
        String id = TrackEdits.freshId(media);
        String name = media.tracks().isEmpty()
                ? "Subject"
                : "Subject " + (media.tracks().size() + 1);
        follow(
                media,
                within,
                () -> {},
                (tracking, progress) -> same.isPresent()
                        ? tracking.given(same.get(), frame, at, around(within, same.get()), progress)
                        : tracking.begin(id, name, frame, at, radius, within, progress));
    }

    /** Goes to a frame of the selected shot, with the tool in hand to point at the subject there. */
    public void ask(int frame) {
        desk.cursor().seekInShot(frame);
        desk.tools().take(Tool.SUBJECT);
        desk.say("Click the subject. It is tracked from here in both directions.");
    }

    private void follow(Media media, FrameSpan within, Runnable then, Following following) {
        look.start(new FootageLook.Errand(
                media,
                within,
                "Tracking the subject",
                true,
                (frames, progress) -> following.make(new Tracking(frames), progress),
                (track, ended) -> {
                    desk.document().applyToWholeBeside(TrackEdits.keep(media.id(), track));
                    desk.say(words(track));
                    if (!ended) {
                        then.run();
                    }
                }));
    }

    /** Goes on with a track where a shot shows more of the footage than was looked at, and then with something else. */
    public void goOn(Shot shot, Track track, Runnable then) {
        Project project = desk.document().project();
        FrameSpan within = Tracked.sourceFrames(project, shot);
        if (within.from() < track.first() || within.to() > track.last()) {
            follow(
                    project.mediaOf(shot),
                    within,
                    then,
                    (tracking, progress) -> tracking.longer(track, around(within, track), progress));
        } else {
            then.run();
        }
    }

    private static FrameSpan around(FrameSpan within, Track track) {
        return new FrameSpan(Math.min(within.from(), track.first()), Math.max(within.to(), track.last()));
    }

    /** A point near a subject, or where it is only guessed, is meant for that one. */
    private static boolean isOf(Track track, int frame, PicturePoint at) {
        return track.at(frame)
                .filter(spot -> spot.weak()
                        || Math.hypot(spot.at().x() - at.x(), spot.at().y() - at.y())
                                < SAME * track.radius() * spot.scale())
                .isPresent();
    }

    private static String words(Track track) {
        int guessed = track.guessed();
        String all = "Subject tracked through " + Counted.of(track.spots().size(), "frame") + ". ";
        return guessed == 0
                ? all + "Let the camera follow it with Follow a subject, in the Move menu."
                : all + "In " + Counted.of(guessed, "frame")
                        + " it is uncertain: click the light part of its line in the Score, and click the subject there.";
    }

    @Override
    public void close() {
        stop();
    }
}
