package amberlens.core.edit.edits;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.Judged;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ChannelChange;
import amberlens.core.motion.curve.KeyInsertion;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.PoseProperty;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import java.util.List;
import java.util.stream.Stream;

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

    /**
     * The whole picture at a frame, as a framing: upright, as large as just fills the frame, in its middle. What a crop or keep inside
     * leaves of a picture is the whole of it here. All other framings stay as they are.
     */
    public static Edit wholePicture(String shotId, int frame) {
        return Edit.of("whole picture", project -> project.shot(shotId)
                .map(shot -> {
                    Pose whole = whole(project, shot, frame);
                    Project keyed = project.mapShot(
                            shotId, now -> now.withCamera(keyedWhereItChanges(now.camera(), frame, whole)));
                    return CameraEdits.setFraming("", shotId, frame, whole).apply(keyed);
                })
                .orElse(project));
    }

    /** What has no keys would change in all framings: it gets keys in those beside the one that is set up. */
    private static CameraTrack keyedWhereItChanges(CameraTrack camera, int frame, Pose pose) {
        List<Integer> framings = Framings.of(camera);
        List<Integer> beside = Stream.concat(
                        framings.stream().filter(at -> at < frame).reduce((_, later) -> later).stream(),
                        framings.stream().filter(at -> at > frame).findFirst().stream())
                .toList();
        CameraTrack keyed = camera;
        for (Property<?> property : Properties.OF_MOVE) {
            if (!camera.get(property).animated() && property instanceof PoseProperty<?> ofPose) {
                keyed = keyed(keyed, ofPose, beside, pose);
            }
        }
        return keyed;
    }

    private static <V> CameraTrack keyed(
            CameraTrack camera, PoseProperty<V> property, List<Integer> frames, Pose pose) {
        Channel<V> channel = camera.get(property);
        if (channel.at(0).equals(property.of(pose))) {
            return camera;
        }
        for (int frame : frames) {
            channel = KeyInsertion.at(channel, frame);
        }
        return camera.with(property, channel);
    }

    /** The pose that shows the whole picture; a title keeps the size at which it was set. */
    public static Pose whole(Project project, Shot shot, int frame) {
        Size sheet = project.mediaOf(shot).size();
        PicturePoint anchor = shot.camera().at(frame).anchor();
        if (project.isTitle(shot)) {
            return Pose.neutral(sheet, project.frameSize()).withAnchorInPlace(anchor);
        }
        Judged judged = project.judged(shot, frame);
        double width = judged.left().width() * judged.picture().width();
        double height = judged.left().height() * judged.picture().height();
        var middle = new PicturePoint(
                judged.area().left() + judged.left().left() * judged.picture().width() + width / 2,
                judged.area().top() + judged.left().top() * judged.picture().height() + height / 2);
        double fill = Math.max(
                project.frameSize().width() / width, project.frameSize().height() / height);
        return Pose.neutral(sheet, project.frameSize())
                .withScale(Scale.uniform(100 * fill))
                .withAnchor(middle)
                .withAnchorInPlace(anchor);
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
