package amberlens.core.aim;

import amberlens.core.geometry.Size;
import amberlens.core.motion.Pose;
import amberlens.core.sharpness.Enlargement;

/** How far one may zoom before the picture goes soft. */
public final class Closest {
    private Closest() {}

    /**
     * The pose with the same middle of the frame at which the picture is enlarged just to a limit.
     *
     * @param limitPercent above 0
     */
    public static Pose pose(Pose pose, double limitPercent, Size frame) {
        return pose.zoomedAbout(frame.centre(), limitPercent / Enlargement.percent(pose, frame));
    }
}
