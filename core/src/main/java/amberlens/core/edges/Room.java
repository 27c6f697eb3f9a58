package amberlens.core.edges;

import amberlens.core.geometry.Corner;
import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.Size;
import amberlens.core.motion.Pose;

/**
 * How far the camera can still go in each direction before an edge opens, in frame pixels. When it goes left, the
 * picture goes right: {@code left} is the room for a growing P.x. Negative when an edge is already open on that side.
 *
 * <p>Closed form: a shift of P by t·d changes the distance of every corner to a side by −t times the part of R(−θ)d
 * across that side, so each side that comes nearer gives one bound and the room is the least.
 */
public record Room(double left, double right, double up, double down) {
    public static Room of(Pose pose, Size picture, Size frame) {
        double[] distances = distances(pose, picture, frame);
        return new Room(
                reach(pose, distances, new FramePoint(1, 0)),
                reach(pose, distances, new FramePoint(-1, 0)),
                reach(pose, distances, new FramePoint(0, 1)),
                reach(pose, distances, new FramePoint(0, -1)));
    }

    /** The least distance of a frame corner to the left, right, top and bottom side. */
    private static double[] distances(Pose pose, Size picture, Size frame) {
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
        return new double[] {
            sx * pose.anchor().x() + minX,
            sx * (picture.width() - pose.anchor().x()) - maxX,
            sy * pose.anchor().y() + minY,
            sy * (picture.height() - pose.anchor().y()) - maxY
        };
    }

    private static double reach(Pose pose, double[] distances, FramePoint direction) {
        double alongX = pose.cos() * direction.x() + pose.sin() * direction.y();
        double alongY = pose.cos() * direction.y() - pose.sin() * direction.x();
        double[] closing = {alongX, -alongX, alongY, -alongY};
        double least = Double.POSITIVE_INFINITY;
        for (int side = 0; side < 4; side++) {
            if (closing[side] > 1e-12) {
                least = Math.min(least, distances[side] / closing[side]);
            }
        }
        return least;
    }
}
