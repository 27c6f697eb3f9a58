package amberlens.core.judge.edges;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Quadrilateral;
import amberlens.core.base.geometry.Side;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;

/**
 * How far everything that is seen of a picture has to grow about the frame's centre so that it covers the frame, for pictures that lean.
 *
 * <p>A line through a side that has the distance m inside from the frame's centre has the distance k·m when everything has grown by k,
 * while a frame corner lies as far beyond the centre as before. So the least k is the greatest of (how far a corner lies beyond the
 * centre towards a side) / m.
 */
public final class LeaningFill {
    private LeaningFill() {}

    /** The least factor, which may be below 1; infinite when the centre does not lie inside, or nothing can be seen. */
    public static double factor(Pose pose, Size picture, Size frame) {
        if (Margin.of(pose, picture, frame).unseen().isPresent()) {
            return Double.POSITIVE_INFINITY;
        }
        Quadrilateral outline =
                pose.projection().map(seen -> seen.outline(picture)).orElseThrow();
        FramePoint centre = frame.centre();
        double factor = 0;
        for (Side side : Side.values()) {
            double middle = outline.inside(side, centre);
            if (!(middle > 0)) {
                return Double.POSITIVE_INFINITY;
            }
            for (Corner corner : Corner.values()) {
                factor = Math.max(factor, (middle - outline.inside(side, corner.of(frame))) / middle);
            }
        }
        return factor;
    }
}
