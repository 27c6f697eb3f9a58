package amberlens.core.judge.edges;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;

/**
 * Where the gate's centre may be at one scale and turn: a rectangle along the picture's sides, in source pixels.
 *
 * <p>The turned frame reaches (w|cos θ| + h|sin θ|)/2 frame pixels from its centre along the picture's width and
 * (w|sin θ| + h|cos θ|)/2 along its height, wherever the centre is, so that much has to lie between the centre and each
 * side.
 *
 * @param left the least x; above {@code right} when the scale is too small for the turn
 * @param right the greatest x
 * @param top the least y
 * @param bottom the greatest y
 */
public record GateReach(double left, double right, double top, double bottom) {
    public static GateReach of(Scale scale, double degrees, Size picture, Size frame) {
        FramePoint half = halfReach(degrees, frame);
        double x = half.x() / scale.factorX();
        double y = half.y() / scale.factorY();
        return new GateReach(x, picture.width() - x, y, picture.height() - y);
    }

    public static GateReach of(Pose pose, Size picture, Size frame) {
        return of(pose.scale(), pose.degrees(), picture, frame);
    }

    /** How far a turned frame reaches from its centre along the picture's width and height, in frame pixels. */
    public static FramePoint halfReach(double degrees, Size frame) {
        Pose turned = Pose.neutral(frame, frame).withDegrees(degrees);
        double cos = Math.abs(turned.cos());
        double sin = Math.abs(turned.sin());
        return new FramePoint(
                (frame.width() * cos + frame.height() * sin) / 2, (frame.width() * sin + frame.height() * cos) / 2);
    }

    /** Whether there is no place at all: the scale is too small for this turn. */
    public boolean isEmpty() {
        return left > right || top > bottom;
    }

    /** The place nearest to a point; the middle in a direction in which there is none. */
    public PicturePoint nearest(PicturePoint point) {
        return new PicturePoint(nearest(point.x(), left, right), nearest(point.y(), top, bottom));
    }

    private static double nearest(double value, double low, double high) {
        return low > high ? (low + high) / 2 : Math.clamp(value, low, high);
    }
}
