package amberlens.core.edit.edits;

import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.KeyInsertion;
import amberlens.core.motion.property.Properties;

/** Turns a picture over in depth, so that its mirror image is seen then. */
public final class MirrorTurn {
    private static final double HALF = 180;

    private MirrorTurn() {}

    /**
     * Half a turn about the vertical axis from a frame on, on top of the yaw that there is.
     *
     * @param frame of the shot
     * @param frames how long it takes, at least 1; less where the shot ends before
     */
    public static Edit over(String shotId, int frame, int frames) {
        return Edit.of("turn over to the mirror image", project -> project.shot(shotId)
                .map(shot -> turned(project, shot, frame, Math.min(frame + frames, shot.lastFrame())))
                .orElse(project));
    }

    private static Project turned(Project project, Shot shot, int from, int to) {
        if (to <= from) {
            return project;
        }
        CameraTrack camera = shot.camera();
        Channel<Double> yaw = camera.get(Properties.YAW);
        Channel<Double> keyed = KeyInsertion.at(KeyInsertion.at(yaw, from), to);
        Channel<Double> turned = keyed.mapKeys(key -> {
            double over = key.at() >= to ? HALF : key.at() <= from ? 0 : HALF * (key.at() - from) / (to - from);
            return key.withValue(key.value() + over).withLeg(key.at() == from ? Ease.GENTLE_BOTH.leg() : key.leg());
        });
        return project.mapShot(shot.id(), now -> now.withCamera(camera.with(Properties.YAW, turned)));
    }
}
