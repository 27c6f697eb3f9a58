package amberlens.core.motion;

import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.PicturePoint;
import java.util.ArrayList;
import java.util.List;
import java.util.SortedSet;

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
        return new Pose(
                scale.at(frame), EvenZoom.position(scale, position, frame), rotation.at(frame), anchor.at(frame));
    }

    public Channel<?> channel(Property property) {
        return switch (property) {
            case SCALE -> scale;
            case POSITION -> position;
            case ROTATION -> rotation;
            case ANCHOR -> anchor;
        };
    }

    /** The lanes, in the order in which people read them: an unlinked property has two. */
    public List<Lane> lanes() {
        List<Lane> lanes = new ArrayList<>();
        for (Property property : Property.values()) {
            if (channel(property).axes().isPresent()) {
                lanes.add(new Lane(property, Axis.X));
                lanes.add(new Lane(property, Axis.Y));
            } else {
                lanes.add(Lane.of(property));
            }
        }
        return lanes;
    }

    /**
     * What a lane holds.
     *
     * @throws IllegalArgumentException when the lane is not one of this camera's {@link #lanes}
     */
    public Channel<?> channel(Lane lane) {
        Channel<?> channel = channel(lane.property());
        if ((lane.axis() == Axis.LINKED) != channel.axes().isEmpty()) {
            throw new IllegalArgumentException("there is no lane " + lane.words());
        }
        return lane.axis() == Axis.LINKED
                ? channel
                : channel.axes().orElseThrow().axis(lane.axis());
    }

    /** Applies one change to one lane. */
    public CameraTrack map(Lane lane, ChannelChange change) {
        if (lane.axis() == Axis.LINKED) {
            return map(lane.property(), change);
        }
        return withWhole(lane.property(), new ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                Axes axes = channel.axes().orElseThrow();
                return channel.withAxes(axes.with(lane.axis(), change.apply(axes.axis(lane.axis()))));
            }
        });
    }

    public List<Channel<?>> channels() {
        return List.of(scale, position, rotation, anchor);
    }

    /** The frames at which any property has a key; unmodifiable. */
    public SortedSet<Integer> keyFrames() {
        return KeyTimes.of(this).frames();
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

    /** Applies one change to all lanes. */
    public CameraTrack map(ChannelChange change) {
        return new CameraTrack(scale.map(change), position.map(change), rotation.map(change), anchor.map(change));
    }

    /** Applies one change to the lanes of one property. */
    public CameraTrack map(Property property, ChannelChange change) {
        return withWhole(property, new ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                return channel.map(change);
            }
        });
    }

    /** Applies a change to a property as a whole, whether its axes are linked or not. */
    public CameraTrack withWhole(Property property, ChannelChange change) {
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
