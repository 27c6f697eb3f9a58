package amberlens.desktop.picture.lens;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;

/** What the picture is taken hold of by in the Lens, besides the picture itself. */
enum LensHandle {
    UPPER_LEFT(0, 0),
    UPPER_RIGHT(1, 0),
    LOWER_RIGHT(1, 1),
    LOWER_LEFT(0, 1),
    LEFT(0, 0.5),
    RIGHT(1, 0.5),
    BOTTOM(0.5, 1),
    TURN(0.5, 0),
    ANCHOR(0.5, 0.5);

    /** How far inside the frame's upper side the turn handle stands, in screen pixels. */
    static final double TURN_INSET = 18;

    private final double across;
    private final double down;

    LensHandle(double across, double down) {
        this.across = across;
        this.down = down;
    }

    /** Where it stands; the anchor where it lands. */
    FramePoint place(Pose pose, Size frame) {
        return this == ANCHOR ? pose.position() : new FramePoint(across * frame.width(), down * frame.height());
    }

    /** Whether it zooms the picture across only, when axes are unlinked. */
    boolean isSide() {
        return this == LEFT || this == RIGHT || this == BOTTOM;
    }

    boolean isAcross() {
        return this == LEFT || this == RIGHT;
    }
}
