package amberlens.core.edges;

import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.Side;
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
        SideDistances distances = SideDistances.of(pose, picture, frame);
        return new Room(
                reach(pose, distances, new FramePoint(1, 0)),
                reach(pose, distances, new FramePoint(-1, 0)),
                reach(pose, distances, new FramePoint(0, 1)),
                reach(pose, distances, new FramePoint(0, -1)));
    }

    private static double reach(Pose pose, SideDistances distances, FramePoint direction) {
        double alongX = pose.cos() * direction.x() + pose.sin() * direction.y();
        double alongY = pose.cos() * direction.y() - pose.sin() * direction.x();
        double[] closing = {alongX, -alongX, alongY, -alongY};
        double least = Double.POSITIVE_INFINITY;
        for (Side side : Side.values()) {
            if (closing[side.ordinal()] > 1e-12) {
                least = Math.min(least, distances.to(side) / closing[side.ordinal()]);
            }
        }
        return least;
    }
}
