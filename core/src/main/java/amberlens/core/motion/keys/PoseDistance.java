package amberlens.core.motion.keys;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;
import java.util.List;

/** How far apart two poses are: the largest distance that a picture point seen in a corner of the frame has in the other, in frame pixels. */
public final class PoseDistance {
    private final List<FramePoint> corners;

    public PoseDistance(Size frame) {
        corners = List.of(
                FramePoint.ZERO,
                new FramePoint(frame.width(), 0),
                new FramePoint(0, frame.height()),
                new FramePoint(frame.width(), frame.height()));
    }

    /** Of flat poses. */
    public double between(Pose one, Pose other) {
        double most = 0;
        for (FramePoint corner : corners) {
            most = Math.max(most, other.toFrame(one.toPicture(corner)).distance(corner));
        }
        return most;
    }
}
