package amberlens.core.motion;

import amberlens.core.geometry.Corner;
import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.ProjectiveMap;
import amberlens.core.geometry.Size;

/**
 * How far what is seen at a frame point has moved from one pose to another, in frame pixels.
 *
 * @param back from frame points to picture points, as the first pose shows them
 * @param on from there to frame points, as the second pose shows them
 */
public record Travel(ProjectiveMap back, ProjectiveMap on) {
    public static Travel between(Pose now, Pose next) {
        return new Travel(now.map().inverse(), next.map());
    }

    /** Where the picture cannot be seen in one of both, nothing moves. */
    public double at(FramePoint place) {
        double x = back.x(place.x(), place.y());
        double y = back.y(place.x(), place.y());
        boolean seen = back.w(place.x(), place.y()) > 0 && on.w(x, y) > 0;
        return seen ? Math.hypot(on.x(x, y) - place.x(), on.y(x, y) - place.y()) : 0;
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
