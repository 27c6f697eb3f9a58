package amberlens.core.edit.edits;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.util.List;

/**
 * Keeps the start of a shot: when its camera, which has no keys yet, is set up at a later frame, what it was becomes the first framing and what
 * it is set to the second. Insets and titles are placed rather than framed, so theirs is no start.
 */
public final class StartKept {
    /** A corner that goes less far has not moved, in frame pixels. */
    private static final double NEAR_PX = 1e-6;

    private StartKept() {}

    /** Whether a change of a shot's pose at a frame would keep its start. */
    public static boolean applies(Project project, Shot shot, int frame) {
        return frame > 0
                && frame < shot.length()
                && (shot.fillsFrame() || project.isRig(shot))
                && Properties.OF_MOVE.stream()
                        .noneMatch(property -> shot.camera().get(property).animated());
    }

    /**
     * A change of a pose that keeps the start where there is one to keep.
     *
     * @param frame of the shot, at which the pose is changed
     */
    public static Edit of(Edit change, String shotId, int frame) {
        return Edit.of(change.name(), project -> project.shot(shotId)
                .filter(shot -> applies(project, shot, frame) && moves(project, shot, change, frame))
                .map(_ -> Edit.all(
                                change.name(),
                                List.of(FramingEdits.add(shotId, 0), change, FramingEdits.add(shotId, frame)))
                        .apply(project))
                .orElseGet(() -> change.apply(project)));
    }

    /** Whether the picture is seen elsewhere after a change; another anchor alone moves nothing. */
    private static boolean moves(Project project, Shot shot, Edit change, int frame) {
        Size picture = project.mediaOf(shot).size();
        Project changed = change.apply(project);
        Pose before = project.pose(shot, frame);
        Pose after = changed.pose(changed.shot(shot.id()).orElseThrow(), frame);
        if (!before.isSeen() || !after.isSeen()) {
            return !before.equals(after);
        }
        for (Corner corner : Corner.values()) {
            FramePoint of = corner.of(picture);
            var place = new PicturePoint(of.x(), of.y());
            if (before.toFrame(place).distance(after.toFrame(place)) > NEAR_PX) {
                return true;
            }
        }
        return false;
    }
}
