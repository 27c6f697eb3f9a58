package amberlens.desktop.work.facts;

import amberlens.core.base.geometry.Size;
import amberlens.core.edit.check.ShotPlanes;
import amberlens.core.material.planes.PlaneReport;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Ride;
import amberlens.desktop.work.background.Background;
import amberlens.desktop.work.background.Work;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What shots see behind planes, found in the background: until it is, what was known of a shot before holds. Lives on the interface thread.
 */
public final class PlaneFacts {
    private final Background background;
    private final Runnable arrived;
    private final Map<String, Found> found = new HashMap<>();
    private final Map<String, State> wanted = new HashMap<>();
    private final Map<String, State> failed = new HashMap<>();
    /** Told apart by the very shot and picture: each change makes another one. */
    private record State(Project project, Shot shot, Media media, FrameFormat frame, Ride ride, Size judged) {
        @SuppressWarnings("ReferenceEquality")
        boolean sameAs(State other) {
            return shot == other.shot
                    && media == other.media
                    && frame.equals(other.frame)
                    && ride.equals(other.ride)
                    && judged.equals(other.judged);
        }
    }

    private record Found(State state, PlaneReport report) {}

    /** @param arrived told when more is known */
    public PlaneFacts(Background background, Runnable arrived) {
        this.background = background;
        this.arrived = arrived;
    }

    /** Found at once, for whoever can wait. */
    static PlaneFacts atOnce() {
        return new PlaneFacts(Background.atOnce(), () -> {});
    }

    /**
     * What is known of a shot; empty while nothing is.
     *
     * @param judged the part of the frame that counts
     */
    Optional<PlaneReport> of(Project project, Shot shot, Size judged) {
        if (!project.judges(shot)) {
            return Optional.of(PlaneReport.FLAT);
        }
        var state = new State(project, shot, project.mediaOf(shot), project.frame(), project.ride(shot), judged);
        Found known = found.get(shot.id());
        if (known == null || !known.state.sameAs(state)) {
            State gaveUp = failed.get(shot.id());
            if (gaveUp == null || !gaveUp.sameAs(state)) {
                State asked = wanted.put(shot.id(), state);
                if (asked == null) {
                    find(shot.id());
                }
            }
        }
        return Optional.ofNullable(found.get(shot.id())).map(Found::report);
    }

    /** Forgets everything: another project has other shots under the same names. */
    public void forget() {
        found.clear();
        wanted.clear();
        failed.clear();
    }

    private void find(String id) {
        State state = wanted.get(id);
        background.start(Work.of(
                () -> ShotPlanes.of(state.project, state.shot, state.judged),
                report -> found(id, state, Optional.of(report)),
                _ -> found(id, state, Optional.empty())));
    }

    /** @param report empty where nothing could be found out; that is not tried again until something changes */
    private void found(String id, State state, Optional<PlaneReport> report) {
        report.ifPresentOrElse(
                one -> {
                    found.put(id, new Found(state, one));
                    failed.remove(id);
                },
                () -> failed.put(id, state));
        State now = wanted.get(id);
        if (now != null && !now.sameAs(state)) {
            find(id);
        } else {
            wanted.remove(id);
        }
        arrived.run();
    }
}
