package amberlens.core.judge.edges;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Side;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.function.DoublePredicate;
import java.util.stream.Stream;

/**
 * How far the camera can still go in each direction before an edge opens, in frame pixels. When it goes left, the
 * picture goes right: {@code left} is the room for a growing P.x. Negative when an edge is already open on that side.
 *
 * <p>Closed form: a shift of P by t·d changes the distance of every corner to a side by −t times the part of R(−θ)d
 * across that side, so each side that comes nearer gives one bound and the room is the least.
 */
public record Room(double left, double right, double up, double down) {
    private static final double SMALL = 1e-3;

    /** A shift of so many frames is as good as any. */
    private static final double FAR = 20;

    public static Room of(Pose pose, Size picture, Size frame) {
        if (pose.projection().isPresent()) {
            return leaning(pose, picture, frame);
        }
        SideDistances distances = SideDistances.of(pose, picture, frame);
        return new Room(
                reach(pose, distances, new FramePoint(1, 0)),
                reach(pose, distances, new FramePoint(-1, 0)),
                reach(pose, distances, new FramePoint(0, 1)),
                reach(pose, distances, new FramePoint(0, -1)));
    }

    /** Without a closed form: the shift is looked for, to within a hundredth of a frame pixel and better. */
    private static Room leaning(Pose pose, Size picture, Size frame) {
        return new Room(
                leaning(pose, picture, frame, new FramePoint(1, 0)),
                leaning(pose, picture, frame, new FramePoint(-1, 0)),
                leaning(pose, picture, frame, new FramePoint(0, 1)),
                leaning(pose, picture, frame, new FramePoint(0, -1)));
    }

    private static double leaning(Pose pose, Size picture, Size frame, FramePoint direction) {
        SideDistances now = SideDistances.of(pose, picture, frame);
        SideDistances moved = SideDistances.of(shifted(pose, direction, SMALL), picture, frame);
        List<Side> closing = Stream.of(Side.values())
                .filter(side -> moved.to(side) < now.to(side) - SMALL * 1e-6)
                .toList();
        DoublePredicate inside = by -> {
            SideDistances there = SideDistances.of(shifted(pose, direction, by), picture, frame);
            return closing.stream().allMatch(side -> there.to(side) >= 0);
        };
        double far = FAR * Math.max(frame.width(), frame.height());
        if (inside.test(0)) {
            return Bracket.last(0, 1, far, inside).orElse(far);
        }
        return -Bracket.last(0, 1, far, by -> !inside.test(-by)).orElse(far);
    }

    private static Pose shifted(Pose pose, FramePoint direction, double by) {
        return pose.withPosition(pose.position().plus(direction.times(by)));
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
