package amberlens.core.motion.pose;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Size;

/**
 * How far what is seen at a frame point has moved from one pose to another, in frame pixels.
 *
 * @param back from frame points to picture points, as the first pose shows them
 * @param on from there to frame points, as the second pose shows them
 */
public record Travel(ProjectiveMap back, ProjectiveMap on) {
    /** Nothing moves. */
    private static final Travel NONE = new Travel(ProjectiveMap.IDENTITY, ProjectiveMap.IDENTITY);

    public static Travel between(Pose now, Pose next) {
        ProjectiveMap map = now.map();
        return map.isInvertible() ? new Travel(map.inverse(), next.map()) : NONE;
    }

    /** Where the picture cannot be seen in one of both, nothing moves. */
    public double at(FramePoint place) {
        return way(place).length();
    }

    /** From a place to where what is seen there has moved. */
    public FramePoint way(FramePoint place) {
        double x = back.x(place.x(), place.y());
        double y = back.y(place.x(), place.y());
        boolean seen = back.w(place.x(), place.y()) > 0 && on.w(x, y) > 0;
        return seen ? new FramePoint(on.x(x, y) - place.x(), on.y(x, y) - place.y()) : FramePoint.ZERO;
    }

    /** How far this goes elsewhere than another, at the middle or the corner of the frame where they differ most. */
    public double differs(Travel other, Size frame) {
        double most = way(frame.centre()).distance(other.way(frame.centre()));
        for (Corner corner : Corner.values()) {
            FramePoint place = corner.of(frame);
            most = Math.max(most, way(place).distance(other.way(place)));
        }
        return most;
    }

    /** At the corner of the frame that moves furthest. */
    public double furthest(Size frame) {
        double furthest = 0;
        for (Corner corner : Corner.values()) {
            furthest = Math.max(furthest, at(corner.of(frame)));
        }
        return furthest;
    }
}
