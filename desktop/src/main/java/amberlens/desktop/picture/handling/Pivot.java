package amberlens.desktop.picture.handling;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;

/** What a turn or zoom by hand goes about: the anchor while it is in the frame, otherwise the frame's middle. */
public final class Pivot {
    private Pivot() {}

    public static FramePoint of(Pose pose, Size frame) {
        FramePoint at = pose.position();
        boolean seen = at.x() >= 0 && at.y() >= 0 && at.x() <= frame.width() && at.y() <= frame.height();
        return seen ? at : frame.centre();
    }
}
