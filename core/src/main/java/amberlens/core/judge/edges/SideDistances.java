package amberlens.core.judge.edges;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Quadrilateral;
import amberlens.core.base.geometry.Side;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.pose.Projection;
import java.util.Arrays;

/**
 * The least distance from a corner of the frame to each side of the picture, in frame pixels, positive inside. For a fixed
 * turn and anchor each is linear in scale and position.
 */
public record SideDistances(double left, double right, double top, double bottom) {
    private static final double FAR = 1e6;

    /** Of a picture that cannot be seen: far outside every side. */
    private static final SideDistances UNSEEN = new SideDistances(-FAR, -FAR, -FAR, -FAR);

    public SideDistances {
        left = known(left);
        right = known(right);
        top = known(top);
        bottom = known(bottom);
    }

    private static double known(double distance) {
        return Double.isNaN(distance) ? -FAR : distance;
    }

    public static SideDistances of(Pose pose, Size picture, Size frame) {
        if (pose.projection().flatMap(Projection::unseen).isPresent()) {
            return UNSEEN;
        }
        return pose.projection()
                .map(seen -> seen.outline(picture))
                .map(outline -> of(outline, frame))
                .orElseGet(() -> ofFlat(pose, picture, frame));
    }

    private static SideDistances of(Quadrilateral outline, Size frame) {
        double[] least = new double[Side.values().length];
        Arrays.fill(least, Double.POSITIVE_INFINITY);
        for (Side side : Side.values()) {
            for (Corner corner : Corner.values()) {
                least[side.ordinal()] = Math.min(least[side.ordinal()], outline.inside(side, corner.of(frame)));
            }
        }
        return new SideDistances(least[0], least[1], least[2], least[3]);
    }

    private static SideDistances ofFlat(Pose pose, Size picture, Size frame) {
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
