package amberlens.core.motion.keys;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.pose.Depth;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.util.Optional;
import java.util.SortedSet;

/**
 * Lets a move zoom and turn about a point of the picture: the point becomes the anchor, and keys of the position that did no more than hold
 * the picture while it was zoomed about another point go.
 */
public final class ZoomAbout {
    /** A point that goes less far through the frame, in parts of its width, was meant to stay where it is. */
    private static final double HELD = 0.02;

    /** Poses whose scale and turn differ by less than this are one moved aside. */
    private static final double LEAST_AREA = 1e-9;

    private ZoomAbout() {}

    /**
     * The move about a point, with the frame at hand as it is.
     *
     * @param at the frame at hand, from the shot's first one
     * @param frame frame pixels
     * @param setting what depth is seen in
     */
    public static CameraTrack point(CameraTrack camera, PicturePoint point, int at, Size frame, Depth.Setting setting) {
        CameraTrack moved = AnchorMove.constant(camera, point, setting);
        Channel<FramePoint> position = moved.position();
        if (!position.animated() || position.muted()) {
            return moved;
        }
        FramePoint here = position.at(at);
        return onlyHeld(camera, frame)
                ? moved.with(Properties.POSITION, Channel.constant(position.kind(), here))
                : moved;
    }

    /**
     * Whether the position only held the picture: it has no keys, or a point of the picture that is in the frame stays where it is at all of
     * them. About that point the picture was zoomed and turned.
     */
    private static boolean onlyHeld(CameraTrack camera, Size frame) {
        if (!camera.position().animated()) {
            return true;
        }
        SortedSet<Integer> times = camera.keyFrames();
        Optional<PicturePoint> fixed = fixed(camera.at(times.first()), camera.at(times.last()));
        if (fixed.isEmpty()) {
            FramePoint first = camera.position().keys().getFirst().value();
            return camera.position().keys().stream().allMatch(key -> key.value().equals(first));
        }
        FramePoint stays = camera.at(times.first()).toFrame(fixed.get());
        boolean seen = stays.x() >= 0 && stays.x() <= frame.width() && stays.y() >= 0 && stays.y() <= frame.height();
        return seen
                && times.stream()
                        .allMatch(time -> camera.at(time).toFrame(fixed.get()).distance(stays) <= HELD * frame.width());
    }

    /** The point that two poses show at the same place; none where one is the other moved aside, or leans. */
    private static Optional<PicturePoint> fixed(Pose one, Pose other) {
        if (!one.isFlat() || !other.isFlat()) {
            return Optional.empty();
        }
        FramePoint origin = difference(one, other, 0, 0);
        FramePoint across = difference(one, other, 1, 0).minus(origin);
        FramePoint down = difference(one, other, 0, 1).minus(origin);
        double area = across.x() * down.y() - across.y() * down.x();
        if (Math.abs(area) < LEAST_AREA) {
            return Optional.empty();
        }
        return Optional.of(new PicturePoint(
                (down.x() * origin.y() - down.y() * origin.x()) / area,
                (across.y() * origin.x() - across.x() * origin.y()) / area));
    }

    private static FramePoint difference(Pose one, Pose other, double x, double y) {
        var point = new PicturePoint(x, y);
        return one.toFrame(point).minus(other.toFrame(point));
    }

    /** Whether the picture still goes through the frame, and is not only zoomed and turned. */
    public static boolean stillGoes(CameraTrack camera) {
        return camera.position().animated() && !camera.position().muted();
    }
}
