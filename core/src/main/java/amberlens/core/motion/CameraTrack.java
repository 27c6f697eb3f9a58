package amberlens.core.motion;

import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.PicturePoint;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Stream;

/**
 * The camera of one shot: its four properties over time.
 *
 * @param scale per cent
 * @param position frame pixels
 * @param rotation degrees, clockwise
 * @param anchor source pixels
 */
public record CameraTrack(
        Channel<Scale> scale, Channel<FramePoint> position, Channel<Double> rotation, Channel<PicturePoint> anchor) {

    /** A camera that stands still. */
    public static CameraTrack still(Pose pose) {
        return new CameraTrack(
                Channel.constant(ValueKinds.SCALE, pose.scale()),
                Channel.constant(ValueKinds.POSITION, pose.position()),
                Channel.constant(ValueKinds.DEGREES, pose.degrees()),
                Channel.constant(ValueKinds.ANCHOR, pose.anchor()));
    }

    /** The pose at a frame, which may be fractional. */
    public Pose at(double frame) {
        return new Pose(scale.at(frame), position.at(frame), rotation.at(frame), anchor.at(frame));
    }

    public Channel<?> channel(Property property) {
        return switch (property) {
            case SCALE -> scale;
            case POSITION -> position;
            case ROTATION -> rotation;
            case ANCHOR -> anchor;
        };
    }

    public List<Channel<?>> channels() {
        return List.of(scale, position, rotation, anchor);
    }

    /** The frames at which any property has a key. */
    public SortedSet<Integer> keyFrames() {
        var frames = new TreeSet<Integer>();
        channels().stream().flatMap(CameraTrack::frames).forEach(frames::add);
        return frames;
    }

    private static Stream<Integer> frames(Channel<?> channel) {
        return channel.keys().stream().map(Key::at);
    }

    public CameraTrack withScale(Channel<Scale> channel) {
        return new CameraTrack(channel, position, rotation, anchor);
    }

    public CameraTrack withPosition(Channel<FramePoint> channel) {
        return new CameraTrack(scale, channel, rotation, anchor);
    }

    public CameraTrack withRotation(Channel<Double> channel) {
        return new CameraTrack(scale, position, channel, anchor);
    }

    public CameraTrack withAnchor(Channel<PicturePoint> channel) {
        return new CameraTrack(scale, position, rotation, channel);
    }

    /** Applies one change to all four properties. */
    public CameraTrack map(ChannelChange change) {
        return new CameraTrack(
                change.apply(scale), change.apply(position), change.apply(rotation), change.apply(anchor));
    }

    /** Applies one change to one property. */
    public CameraTrack map(Property property, ChannelChange change) {
        return switch (property) {
            case SCALE -> withScale(change.apply(scale));
            case POSITION -> withPosition(change.apply(position));
            case ROTATION -> withRotation(change.apply(rotation));
            case ANCHOR -> withAnchor(change.apply(anchor));
        };
    }

    /** A change of a channel that does not look at its values. */
    public interface ChannelChange {
        <V> Channel<V> apply(Channel<V> channel);
    }
}
