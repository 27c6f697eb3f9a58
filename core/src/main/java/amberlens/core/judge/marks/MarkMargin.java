package amberlens.core.judge.marks;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Side;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;
import java.util.List;

/**
 * How far a box of a picture is within the frame.
 *
 * @param framePx the smallest signed distance of its pictured corners within the frame's sides; −∞ where the picture cannot be seen
 * @param side where that is
 * @param outside whether nothing of it is in the frame
 */
public record MarkMargin(double framePx, Side side, boolean outside) {
    /** What is further out than this is cut. */
    public static final double WHOLE = -0.001;

    /**
     * The margin of a box in a frame. Of a box that is larger than the frame in one direction, the middle third counts there.
     *
     * @param box as it is seen, after mirroring
     */
    public static MarkMargin of(PictureBox box, Pose pose, Size frame) {
        if (!pose.isSeen()) {
            return new MarkMargin(Double.NEGATIVE_INFINITY, Side.LEFT, true);
        }
        return of(pictured(fitting(box, pose, frame), pose), pictured(box, pose), frame);
    }

    /** Whether all of it is seen. */
    public boolean isInside() {
        return framePx >= WHOLE;
    }

    /** Whether a part of it is seen, and a part is not. */
    public boolean isCut() {
        return !isInside() && !outside;
    }

    private static List<FramePoint> pictured(PictureBox box, Pose pose) {
        return box.corners().stream().map(pose::toFrame).toList();
    }

    /** The part of a box that is asked to be whole: the middle third in a direction in which it is larger than the frame. */
    static PictureBox fitting(PictureBox box, Pose pose, Size frame) {
        PictureBox across = fits(box, pose, frame, true) ? box : third(box, pose, true);
        return fits(across, pose, frame, false) ? across : third(across, pose, false);
    }

    private static boolean fits(PictureBox box, Pose pose, Size frame, boolean across) {
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (FramePoint corner : pictured(box, pose)) {
            double at = across ? corner.x() : corner.y();
            least = Math.min(least, at);
            most = Math.max(most, at);
        }
        return most - least <= (across ? frame.width() : frame.height()) - 2 * WHOLE;
    }

    /** The middle third along that side of the box that lies more in this direction of the frame. */
    private static PictureBox third(PictureBox box, Pose pose, boolean across) {
        FramePoint way = pose.toFrame(new PicturePoint(box.right(), box.top()))
                .minus(pose.toFrame(new PicturePoint(box.left(), box.top())));
        boolean level = Math.abs(way.x()) >= Math.abs(way.y());
        return level == across ? box.thirdAcross() : box.thirdDown();
    }

    private static MarkMargin of(List<FramePoint> corners, List<FramePoint> whole, Size frame) {
        double least = Double.POSITIVE_INFINITY;
        Side side = Side.LEFT;
        for (FramePoint corner : corners) {
            for (Side at : Side.values()) {
                double within = within(corner, at, frame);
                if (within < least) {
                    least = within;
                    side = at;
                }
            }
        }
        return new MarkMargin(least, side, isApart(whole, frame));
    }

    /** How far a point is within a side of the frame. */
    static double within(FramePoint point, Side side, Size frame) {
        return switch (side) {
            case LEFT -> point.x();
            case RIGHT -> frame.width() - point.x();
            case TOP -> point.y();
            case BOTTOM -> frame.height() - point.y();
        };
    }

    /** Whether a line lies between a convex quadrilateral and the frame: along a side of either, if there is one at all. */
    private static boolean isApart(List<FramePoint> corners, Size frame) {
        if (corners.stream().allMatch(corner -> corner.x() <= 0)
                || corners.stream().allMatch(corner -> corner.x() >= frame.width())
                || corners.stream().allMatch(corner -> corner.y() <= 0)
                || corners.stream().allMatch(corner -> corner.y() >= frame.height())) {
            return true;
        }
        List<FramePoint> ofFrame = List.of(
                FramePoint.ZERO,
                new FramePoint(frame.width(), 0),
                new FramePoint(frame.width(), frame.height()),
                new FramePoint(0, frame.height()));
        for (int i = 0; i < corners.size(); i++) {
            FramePoint from = corners.get(i);
            FramePoint way = corners.get((i + 1) % corners.size()).minus(from);
            FramePoint other = corners.get((i + 2) % corners.size());
            double inner = Math.signum(beside(way, other.minus(from)));
            if (ofFrame.stream().allMatch(corner -> inner * beside(way, corner.minus(from)) <= 0)) {
                return true;
            }
        }
        return false;
    }

    private static double beside(FramePoint way, FramePoint to) {
        return way.x() * to.y() - way.y() * to.x();
    }
}
