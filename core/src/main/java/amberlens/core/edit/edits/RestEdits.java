package amberlens.core.edit.edits;

import amberlens.core.edit.edits.ShotEdits.Timing;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.keys.Rest;

/** Rests of the camera at its framings. */
public final class RestEdits {
    private RestEdits() {}

    /** What becomes of that which follows a rest. */
    public enum Following {
        /** It comes later; where it would be cut off, the shot gets longer. */
        PUSHED,
        /** It has less time. */
        SQUEEZED
    }

    /**
     * Lets the camera rest at a frame.
     *
     * @param frame of the shot
     * @param frames how long, 0 or more; 0 takes the rest away
     */
    public static Edit rest(String shotId, int frame, int frames, Following following) {
        return Edit.of(frames == 0 ? "no rest" : "rest", project -> project.shot(shotId)
                .map(shot -> rested(project, shot, Rest.at(shot.camera(), frame), frames, following))
                .orElse(project));
    }

    private static Project rested(Project project, Shot shot, Rest rest, int frames, Following following) {
        if (!rest.goesOn()) {
            return project;
        }
        if (following == Following.SQUEEZED) {
            return project.mapShot(shot.id(), now -> now.withCamera(rest.squeezing(frames, shot.lastFrame())));
        }
        int more = frames - rest.was();
        boolean cut =
                more > 0 && shot.camera().keyFrames().headSet(shot.length()).last() + more > shot.lastFrame();
        int length = Math.min(Shot.LONGEST, shot.length() + (cut ? more : 0));
        Project moved = project.mapShot(shot.id(), now -> now.withCamera(rest.pushing(frames)));
        return length == shot.length()
                ? moved
                : ShotEdits.setLength(shot.id(), length, Timing.KEEP).apply(moved);
    }
}
