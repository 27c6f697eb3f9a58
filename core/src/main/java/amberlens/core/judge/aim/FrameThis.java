package amberlens.core.judge.aim;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.GateReach;
import amberlens.core.motion.pose.Pose;

/** The gate that takes a box drawn on the picture; it keeps its turn and the ratio of its axes. */
public enum FrameThis {
    /** The smallest gate that shows all of the box. */
    COVERING {
        @Override
        double factor(double width, double height, Pose pose, Size frame) {
            double cos = Math.abs(pose.cos());
            double sin = Math.abs(pose.sin());
            return Math.min(
                    frame.width() / (width * cos + height * sin), frame.height() / (width * sin + height * cos));
        }
    },
    /** The largest gate that shows nothing but the box. */
    INSIDE {
        @Override
        double factor(double width, double height, Pose pose, Size frame) {
            FramePoint half = GateReach.halfReach(pose.degrees(), frame);
            return Math.max(2 * half.x() / width, 2 * half.y() / height);
        }
    };

    /** The factor on the scale for a box of a size in frame pixels along the picture's axes. */
    abstract double factor(double width, double height, Pose pose, Size frame);

    /**
     * The pose that takes a box.
     *
     * @param from one corner of the box; source pixels
     * @param to the corner across, not on the same column or row
     */
    public Pose pose(Pose pose, PicturePoint from, PicturePoint to, Size frame) {
        double width = Math.abs(to.x() - from.x()) * pose.scale().factorX();
        double height = Math.abs(to.y() - from.y()) * pose.scale().factorY();
        if (!(width > 0 && height > 0)) {
            throw new IllegalArgumentException("a box to frame has a width and a height");
        }
        double larger = Math.max(pose.scale().x(), pose.scale().y());
        double factor = Math.min(factor(width, height, pose, frame), Scale.LARGEST / larger);
        var middle = new PicturePoint((from.x() + to.x()) / 2, (from.y() + to.y()) / 2);
        Pose scaled = pose.withScale(pose.scale().times(factor));
        return scaled.withPosition(scaled.position().plus(frame.centre().minus(scaled.toFrame(middle))));
    }
}
