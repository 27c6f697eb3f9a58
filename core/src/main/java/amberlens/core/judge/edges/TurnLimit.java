package amberlens.core.judge.edges;

import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;
import java.util.OptionalDouble;
import java.util.function.DoublePredicate;

/**
 * The largest turn that a scale allows, wherever the gate stands on the picture.
 *
 * <p>Turned by θ from level, the frame reaches D·cos(θ − φ) along the picture's width, with D its diagonal and tan φ = h/w,
 * and D·cos(θ − (90° − φ)) along its height. Each grows from θ = 0 until it meets the picture's scaled width or height, or
 * never does.
 */
public final class TurnLimit {
    private TurnLimit() {}

    /**
     * The turn from level, in degrees of at most 180, up to which every turn is covered somewhere on the picture; empty when
     * the picture does not even cover the level frame. 180 means any turn.
     */
    public static OptionalDouble degrees(Scale scale, Size picture, Size frame) {
        double width = scale.factorX() * picture.width();
        double height = scale.factorY() * picture.height();
        if (width < frame.width() || height < frame.height()) {
            return OptionalDouble.empty();
        }
        double diagonal = Math.hypot(frame.width(), frame.height());
        double phi = Math.atan2(frame.height(), frame.width());
        double across = firstBeyond(width / diagonal, phi);
        double down = firstBeyond(height / diagonal, Math.PI / 2 - phi);
        double least = Math.min(across, down);
        return OptionalDouble.of(least == Double.POSITIVE_INFINITY ? 180 : Math.toDegrees(Math.max(0, least)));
    }

    /**
     * Likewise of a pose, for one that leans without a closed form: up to which every turn from level is covered at its place, to either
     * side.
     */
    public static OptionalDouble degrees(Pose pose, Size picture, Size frame) {
        if (pose.projection().isEmpty()) {
            return degrees(pose.scale(), picture, frame);
        }
        DoublePredicate covered = turn ->
                covers(pose.withDegrees(turn), picture, frame) && covers(pose.withDegrees(-turn), picture, frame);
        return covered.test(0)
                ? OptionalDouble.of(Bracket.last(0, 0.25, 180, covered).orElse(180))
                : OptionalDouble.empty();
    }

    private static boolean covers(Pose pose, Size picture, Size frame) {
        return Margin.of(pose, picture, frame).framePx() >= 0;
    }

    /** The first angle from 0 at which cos(θ − peak) exceeds a limit, in radians; infinite when it never does. */
    private static double firstBeyond(double limit, double peak) {
        return limit >= 1 ? Double.POSITIVE_INFINITY : peak - Math.acos(limit);
    }
}
