package amberlens.core.judge.aim;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.KeyInsertion;
import amberlens.core.motion.curve.PathHandles;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * A point of the picture held at a place of the frame.
 *
 * <p>At a key the position follows from the rest of the pose: P′ = P + (place − where the point lands). Between keys an eased
 * scale and turn would carry the point off on a curve that no position leg follows, unless they act about the point itself:
 * with the anchor on the point and the position at the place, both equal at the two ends of a leg and therefore constant on
 * it, the point stays exactly, whatever scale and turn do.
 */
public final class SubjectHold {
    private SubjectHold() {}

    /** The pose with the point at the place; scale, turn and anchor stay. */
    public static Pose pose(Pose pose, PicturePoint subject, FramePoint place) {
        return pose.withPosition(pose.position().plus(place.minus(pose.toFrame(subject))));
    }

    /** The move with the point at the place at every framing; a move without keys as a whole. */
    public static CameraTrack atFramings(CameraTrack camera, PicturePoint subject, FramePoint place) {
        SortedSet<Integer> frames = new TreeSet<>(Framings.of(camera));
        camera.position().keys().forEach(key -> frames.add(key.at()));
        Channel<FramePoint> position = camera.position();
        for (int frame : frames.isEmpty() ? new TreeSet<>(List.of(0)) : frames) {
            FramePoint held = pose(camera.at(frame), subject, place).position();
            position = frames.isEmpty()
                    ? Channel.constant(ValueKinds.POSITION, held)
                    : keyed(position, frame).withValueAt(frame, held);
        }
        return camera.withPosition(position);
    }

    private static <V> Channel<V> keyed(Channel<V> channel, int frame) {
        return channel.axes().isPresent() ? channel : KeyInsertion.at(channel, frame);
    }

    /** The whole move turning and zooming about the point, which stays at the place in every frame. */
    public static CameraTrack throughout(CameraTrack camera, PicturePoint subject, FramePoint place) {
        return camera.withAnchor(Channel.constant(ValueKinds.ANCHOR, subject))
                .withPosition(Channel.constant(ValueKinds.POSITION, place));
    }

    /**
     * One leg turning and zooming about the point, which stays at the place in all of its frames. The other framings stay as
     * they are.
     *
     * @param from the frame at which the leg begins
     * @param to the frame at which it ends, later
     */
    public static CameraTrack onLeg(CameraTrack camera, int from, int to, PicturePoint subject, FramePoint place) {
        Channel<PicturePoint> anchor = camera.anchor();
        Channel<FramePoint> position = camera.position();
        var frames = new TreeSet<>(Framings.of(camera));
        frames.addAll(List.of(from, to));
        for (int frame : frames) {
            anchor = keyed(anchor, frame);
            position = keyed(position, frame);
        }
        return camera.withAnchor(anchor.withValueAt(from, subject).withValueAt(to, subject))
                .withPosition(straight(position.withValueAt(from, place).withValueAt(to, place), from, to));
    }

    /** Without the bends of one leg. */
    private static Channel<FramePoint> straight(Channel<FramePoint> position, int from, int to) {
        return position.bent()
                ? position.mapKeys(key -> key.withHandles(new PathHandles(
                        key.at() == to ? FramePoint.ZERO : key.handles().in(),
                        key.at() == from ? FramePoint.ZERO : key.handles().out())))
                : position;
    }
}
