package amberlens.core.judge.aim;

import amberlens.core.base.geometry.Size;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.motion.pose.Pose;

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
