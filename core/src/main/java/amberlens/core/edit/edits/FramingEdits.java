package amberlens.core.edit.edits;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ChannelChange;
import amberlens.core.motion.curve.KeyInsertion;
import amberlens.core.motion.pose.Pose;
import java.util.List;

/** Changes of whole framings: all properties of a camera at one frame. Moved and eased they are as any other keys. */
public final class FramingEdits {
    private FramingEdits() {}

    /**
     * Moves the gates of several framings together over the picture.
     *
     * @param frames of the shot
     * @param dx to the right, source pixels
     * @param dy down, source pixels
     */
    public static Edit moveOver(String shotId, List<Integer> frames, double dx, double dy) {
        return Edit.of(
                "move " + frames.size() + " framings",
                project -> project.mapShot(shotId, shot -> {
                    CameraTrack moved = shot.camera();
                    for (int frame : frames) {
                        Pose pose = shot.camera().at(frame);
                        FramePoint to = pose.toFrame(pose.anchor().plus(-dx, -dy));
                        Pose kept = Inside.kept(project, shot, frame, pose, pose.withPosition(to));
                        moved = CameraEdits.posed(moved, frame, kept);
                    }
                    return shot.withCamera(moved);
                }));
    }

    /** Keys all properties of the pose at a frame with the values they have there. */
    public static Edit add(String shotId, int frame) {
        var keying = new ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                return KeyInsertion.at(channel, frame);
            }
        };
        return Edit.ofShot(
                "add framing", shotId, shot -> shot.withCamera(shot.camera().mapPose(keying)));
    }

    /** Deletes every key at a frame. */
    public static Edit delete(String shotId, int frame) {
        var without = new ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                return channel.keyAt(frame).isPresent() ? channel.withoutKeyAt(frame) : channel;
            }
        };
        return Edit.ofShot(
                "delete framing", shotId, shot -> shot.withCamera(shot.camera().map(without)));
    }
}
