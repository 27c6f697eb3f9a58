package amberlens.core.motion.pose;

import amberlens.core.base.geometry.AffineMap;
import amberlens.core.base.geometry.FramePoint;

/**
 * What is laid over a frame as a whole: a map from frame points to frame points.
 *
 * @param map of the whole frame
 */
public record Laid(AffineMap map) {
    public static final Laid NOTHING = new Laid(new AffineMap(1, 0, 0, 0, 1, 0));

    /** First this, then another one. */
    public Laid then(AffineMap next) {
        return new Laid(new AffineMap(
                next.xx() * map.xx() + next.xy() * map.yx(),
                next.xx() * map.xy() + next.xy() * map.yy(),
                next.x(map.dx(), map.dy()),
                next.yx() * map.xx() + next.yy() * map.yx(),
                next.yx() * map.xy() + next.yy() * map.yy(),
                next.y(map.dx(), map.dy())));
    }

    /** The same for frame points that are counted from another origin. */
    public Laid from(FramePoint origin) {
        return new Laid(new AffineMap(
                map.xx(),
                map.xy(),
                map.x(origin.x(), origin.y()) - origin.x(),
                map.yx(),
                map.yy(),
                map.y(origin.x(), origin.y()) - origin.y()));
    }
}
