package amberlens.core.edit.edits;

import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.Judged;
import amberlens.core.judge.edges.KeepInside;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Ride;
import amberlens.core.motion.pose.Pose;

/** <em>Keep inside</em> for whatever changes the pose of a shot. */
public final class Inside {
    private Inside() {}

    /** Whether changes of a shot's pose stop at the picture's sides. */
    public static boolean isKept(Shot shot) {
        return shot.settings().keepInside() && shot.fillsFrame();
    }

    /**
     * The pose to take instead of the wanted one: with keep inside on, the nearest that leaves no edge open, as it is seen with
     * everything that rides on it.
     *
     * @param frame of the shot
     */
    public static Pose kept(Project project, Shot shot, int frame, Pose from, Pose wanted) {
        if (!isKept(shot) || project.isRig(shot)) {
            return wanted;
        }
        Judged judged = project.judged(shot, frame);
        Ride ride = project.ride(shot);
        Size picture = project.mediaOf(shot).size();
        Pose as = judged.of(ride.on(wanted.in(picture, project.frameSize()), frame));
        Pose before = judged.of(ride.on(from.in(picture, project.frameSize()), frame));
        Pose nearest = KeepInside.nearest(before, as, judged.picture(), judged.delivery());
        return nearest.equals(as) ? wanted : ride.off(judged.back(nearest), frame);
    }

    /**
     * A whole move whose keys are kept inside where they are not those of the shot already: those of the position follow, where
     * no key has to be added for it.
     */
    public static CameraTrack kept(Project project, Shot shot, CameraTrack camera) {
        CameraTrack kept = camera;
        if (isKept(shot)) {
            for (int frame : camera.keyFrames()) {
                Pose pose = kept.at(frame);
                if (pose.equals(shot.camera().at(frame))) {
                    continue;
                }
                Pose inside = kept(project, shot, frame, pose, pose);
                boolean ownKeys = kept.position().keyAt(frame).isPresent()
                        || !kept.position().animated();
                boolean sameScale = inside.scale().equals(pose.scale());
                if (ownKeys && (sameScale || kept.scale().keyAt(frame).isPresent())) {
                    kept = CameraEdits.posed(kept, frame, inside);
                }
            }
        }
        return kept;
    }
}
