package amberlens.core.motion.camera;

import amberlens.core.motion.pose.Pose;

/** What takes a whole frame along; it is compared by what it does. */
public interface Mover {
    /** How it takes the frame along at a moment, as a camera takes a picture; its scale counts by the horizontal number. */
    Pose at(double frame);
}
