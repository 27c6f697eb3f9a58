package amberlens.core.edges;

import amberlens.core.geometry.Corner;
import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.Side;
import amberlens.core.geometry.Size;
import amberlens.core.motion.Pose;

/**
 * The least distance from a corner of the frame to each side of the picture, in frame pixels, positive inside. For a fixed
 * turn and anchor each is linear in scale and position.
 */
public record SideDistances(double left, double right, double top, double bottom) {
    public static SideDistances of(Pose pose, Size picture, Size frame) {
        double minX = Double.POSITIVE_INFINITY;
        double maxX = Double.NEGATIVE_INFINITY;
        double minY = Double.POSITIVE_INFINITY;
        double maxY = Double.NEGATIVE_INFINITY;
        for (Corner corner : Corner.values()) {
            FramePoint q = pose.unturned(corner.of(frame));
            minX = Math.min(minX, q.x());
            maxX = Math.max(maxX, q.x());
            minY = Math.min(minY, q.y());
            maxY = Math.max(maxY, q.y());
        }
        double sx = pose.scale().factorX();
        double sy = pose.scale().factorY();
        return new SideDistances(
                sx * pose.anchor().x() + minX,
                sx * (picture.width() - pose.anchor().x()) - maxX,
                sy * pose.anchor().y() + minY,
                sy * (picture.height() - pose.anchor().y()) - maxY);
    }

    public double to(Side side) {
        return switch (side) {
            case LEFT -> left;
            case RIGHT -> right;
            case TOP -> top;
            case BOTTOM -> bottom;
        };
    }

    /** The smallest: the margin. */
    public double least() {
        return Math.min(Math.min(left, right), Math.min(top, bottom));
    }
}
