package amberlens.core.render;

import amberlens.core.edges.Margin;
import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Take;

/** The poses of a shot at its frames, and between them where output at another rate needs one. */
final class BetweenFrames {
    private BetweenFrames() {}

    /**
     * The pose at a place of the shot. Edges are judged at whole frames; where a place between two frames would open an edge
     * although the frame before it is sealed, the pose of that frame stays on screen.
     *
     * @param at frames from the shot's first one, also between two
     */
    static Pose pose(Project project, Shot shot, double at) {
        double before = Math.floor(at);
        if (at > before && shot.fillsFrame()) {
            Take take = project.take(shot);
            if (!sealed(take, at) && sealed(take, before)) {
                return shown(project, shot, before);
            }
        }
        return shown(project, shot, at);
    }

    private static boolean sealed(Take take, double at) {
        return Margin.of(take.pose(at), take.picture(), take.frame()).isSealed();
    }

    private static Pose shown(Project project, Shot shot, double at) {
        return project.ride(shot).on(shot.camera().at(at), at);
    }
}
