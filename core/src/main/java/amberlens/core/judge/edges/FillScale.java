package amberlens.core.judge.edges;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Side;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;
import java.util.function.DoublePredicate;

/**
 * The smallest uniform scale that covers the frame with a pose's position, rotation and anchor.
 *
 * <p>Closed form: with q the frame corners as seen from the anchor along the picture's axes, the left side asks for
 * s·A.x ≥ −min q.x, the right for s·(W − A.x) ≥ max q.x, and so on.
 */
public sealed interface FillScale {
    /**
     * There is one.
     *
     * @param percent the scale in per cent, above 0
     */
    record Found(double percent) implements FillScale {}

    /**
     * No scale does it: the anchor lies on or outside a side that would have to be pushed out.
     *
     * @param side that side
     */
    record None(Side side) implements FillScale {}

    /** The smallest scale with margin ≥ 0 for the pose's position, rotation and anchor; its own scale is not used. */
    static FillScale of(Pose pose, Size picture, Size frame) {
        if (pose.projection().isPresent()) {
            return leaning(pose, picture, frame);
        }
        double[] reach = {0, 0, 0, 0};
        java.util.Arrays.fill(reach, Double.NEGATIVE_INFINITY);
        for (Corner corner : Corner.values()) {
            FramePoint q = pose.unturned(corner.of(frame));
            double[] outward = {-q.x(), q.x(), -q.y(), q.y()};
            for (int side = 0; side < 4; side++) {
                reach[side] = Math.max(reach[side], outward[side]);
            }
        }
        return solve(reach, insides(pose.anchor(), picture));
    }

    /** Without a closed form: the scale is looked for, from the least there is upwards. */
    private static FillScale leaning(Pose pose, Size picture, Size frame) {
        DoublePredicate open = percent -> Margin.of(pose.withScale(Scale.uniform(percent)), picture, frame)
                        .framePx()
                < 0;
        var last = Bracket.last(Scale.LEAST, 0.1, Scale.LARGEST, open);
        if (last.isEmpty()) {
            return new None(Margin.of(pose.withScale(Scale.uniform(Scale.LARGEST)), picture, frame)
                    .side());
        }
        return new Found(last.getAsDouble() * (1 + 1e-12));
    }

    /** The scale that just covers a centred frame turned by so many degrees, in per cent. */
    static double centred(double degrees, Size picture, Size frame) {
        Pose pose = Pose.neutral(picture, frame).withDegrees(degrees);
        double cos = Math.abs(pose.cos());
        double sin = Math.abs(pose.sin());
        double across = frame.width() * cos + frame.height() * sin;
        double down = frame.width() * sin + frame.height() * cos;
        return 100 * Math.max(across / picture.width(), down / picture.height());
    }

    /** How far the anchor lies inside each side, in source pixels. */
    private static double[] insides(PicturePoint anchor, Size picture) {
        return new double[] {anchor.x(), picture.width() - anchor.x(), anchor.y(), picture.height() - anchor.y()};
    }

    private static FillScale solve(double[] reach, double[] inside) {
        double least = 0;
        double most = Double.POSITIVE_INFINITY;
        int limiting = 0;
        for (int side = 0; side < 4; side++) {
            if (inside[side] > 0) {
                least = Math.max(least, reach[side] / inside[side]);
            } else if (reach[side] > 0) {
                return new None(Side.values()[side]);
            } else if (inside[side] < 0 && reach[side] / inside[side] < most) {
                most = reach[side] / inside[side];
                limiting = side;
            }
        }
        return least > most || least <= 0 ? new None(Side.values()[limiting]) : new Found(100 * least);
    }
}
