package amberlens.core.judge.aim;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;

/** The turn that makes a line of the picture level, or upright where it is steeper than 45°. */
public final class HorizonLevel {
    private HorizonLevel() {}

    /**
     * The pose turned about the middle of the frame by the least angle, at most 45°.
     *
     * @param from one end of the line; source pixels
     * @param to the other end, elsewhere
     */
    public static Pose pose(Pose pose, PicturePoint from, PicturePoint to, Size frame) {
        FramePoint line = pose.toFrame(to).minus(pose.toFrame(from));
        if (line.length() == 0) {
            throw new IllegalArgumentException("a line to level by has two ends");
        }
        double slope = Math.toDegrees(Math.atan2(line.y(), line.x()));
        return pose.turnedAbout(frame.centre(), -Math.IEEEremainder(slope, 90));
    }
}
