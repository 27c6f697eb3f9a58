package amberlens.core.motion;

import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.PicturePoint;
import java.util.ArrayList;
import java.util.List;
import java.util.SortedSet;

/**
 * What moves in one shot: the four properties of its camera over time, and beside them those of its layer.
 *
 * @param scale per cent
 * @param position frame pixels
 * @param rotation degrees, clockwise
 * @param anchor source pixels
 * @param opacity per cent, 0 … 100
 * @param speed per cent of the footage's own speed
 */
public record CameraTrack(
        Channel<Scale> scale,
        Channel<FramePoint> position,
        Channel<Double> rotation,
        Channel<PicturePoint> anchor,
        Channel<Double> opacity,
        Channel<Double> speed) {

    /** The opacity of a picture that hides what lies below, and the speed of footage that runs as it was taken. */
    private static final Channel<Double> FULL = Channel.constant(ValueKinds.NUMBER, 100.0);

    /** Fully opaque, at the footage's own speed. */
    public CameraTrack(
            Channel<Scale> scale,
            Channel<FramePoint> position,
            Channel<Double> rotation,
            Channel<PicturePoint> anchor) {
        this(scale, position, rotation, anchor, FULL, FULL);
    }

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
            case OPACITY -> opacity;
            case SPEED -> speed;
        };
    }

    /**
     * The lanes, in the order in which people read them: an unlinked property has two, opacity and speed have none while they are
     * simply full.
     */
    public List<Lane> lanes() {
        List<Lane> lanes = new ArrayList<>();
        for (Property property : Property.values()) {
            if (channel(property).equals(FULL)) {
                continue;
            }
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

    /** All that can be keyed. */
    public List<Channel<?>> channels() {
        return List.of(scale, position, rotation, anchor, opacity, speed);
    }

    /** The channels that make the pose. */
    public List<Channel<?>> ofPose() {
        return List.of(scale, position, rotation, anchor);
    }

    /** Whether the opacity is not simply full. */
    public boolean translucent() {
        return !opacity.equals(FULL);
    }

    /** Whether footage does not simply run at its own speed. */
    public boolean retimed() {
        return !speed.equals(FULL);
    }

    /** The frames at which any property has a key; unmodifiable. */
    public SortedSet<Integer> keyFrames() {
        return KeyTimes.of(this).frames();
    }

    public CameraTrack withScale(Channel<Scale> channel) {
        return new CameraTrack(channel, position, rotation, anchor, opacity, speed);
    }

    public CameraTrack withPosition(Channel<FramePoint> channel) {
        return new CameraTrack(scale, channel, rotation, anchor, opacity, speed);
    }

    public CameraTrack withRotation(Channel<Double> channel) {
        return new CameraTrack(scale, position, channel, anchor, opacity, speed);
    }

    public CameraTrack withAnchor(Channel<PicturePoint> channel) {
        return new CameraTrack(scale, position, rotation, channel, opacity, speed);
    }

    public CameraTrack withOpacity(Channel<Double> channel) {
        return new CameraTrack(scale, position, rotation, anchor, channel, speed);
    }

    public CameraTrack withSpeed(Channel<Double> channel) {
        return new CameraTrack(scale, position, rotation, anchor, opacity, channel);
    }

    /** This camera with the move of another one: opacity and speed stay. */
    public CameraTrack withMoveOf(CameraTrack other) {
        return new CameraTrack(other.scale, other.position, other.rotation, other.anchor, opacity, speed);
    }

    /** Applies one change to all lanes. */
    public CameraTrack map(ChannelChange change) {
        return mapPose(change).withOpacity(opacity.map(change)).withSpeed(speed.map(change));
    }

    /** Applies one change to the lanes that make the pose. */
    public CameraTrack mapPose(ChannelChange change) {
        return new CameraTrack(
                scale.map(change), position.map(change), rotation.map(change), anchor.map(change), opacity, speed);
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
            case OPACITY -> withOpacity(change.apply(opacity));
            case SPEED -> withSpeed(change.apply(speed));
        };
    }

    /** A change of a channel that does not look at its values. */
    public interface ChannelChange {
        <V> Channel<V> apply(Channel<V> channel);
    }
}
