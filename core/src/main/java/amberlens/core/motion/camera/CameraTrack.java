package amberlens.core.motion.camera;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.motion.curve.Axes;
import amberlens.core.motion.curve.Axis;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ChannelChange;
import amberlens.core.motion.curve.EvenZoom;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.Resizing;
import amberlens.core.motion.pose.Depth;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Channels;
import amberlens.core.motion.property.DepthProperty;
import amberlens.core.motion.property.Group;
import amberlens.core.motion.property.Lane;
import amberlens.core.motion.property.Owner;
import amberlens.core.motion.property.PoseProperty;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/**
 * What moves in one shot: the properties of its camera over time, and beside them those of its layer. The properties of the pose have
 * names of their own here, because every camera has them; all others are asked for by their descriptor.
 */
public final class CameraTrack implements Mover {
    private final Channels channels;
    private final Channel<Scale> scale;
    private final Channel<FramePoint> position;
    private final Channel<Double> rotation;
    private final Channel<PicturePoint> anchor;
    private final List<Property<?>> ofDepth;
    private final boolean flies;

    private CameraTrack(Channels channels) {
        this.channels = channels;
        scale = channels.get(Properties.SCALE);
        position = channels.get(Properties.POSITION);
        rotation = channels.get(Properties.ROTATION);
        anchor = channels.get(Properties.ANCHOR);
        flies = Flying.in(scale);
        ofDepth = channels.properties().stream()
                .filter(property -> property.group() == Group.DEPTH)
                .toList();
    }

    /**
     * A pose over time, everything else neutral.
     *
     * @param scale per cent
     * @param position frame pixels
     * @param rotation degrees, clockwise
     * @param anchor source pixels
     */
    public CameraTrack(
            Channel<Scale> scale,
            Channel<FramePoint> position,
            Channel<Double> rotation,
            Channel<PicturePoint> anchor) {
        this(Channels.NONE
                .with(Properties.SCALE, scale)
                .with(Properties.POSITION, position)
                .with(Properties.ROTATION, rotation)
                .with(Properties.ANCHOR, anchor));
    }

    /** A camera that stands still. */
    public static CameraTrack still(Pose pose) {
        Channels channels = Channels.NONE;
        for (PoseProperty<?> property : Properties.OF_POSE) {
            channels = still(channels, property, pose);
        }
        for (DepthProperty<?> property : Properties.OF_DEPTH) {
            channels = still(channels, property, pose);
        }
        return new CameraTrack(channels);
    }

    private static <V> Channels still(Channels channels, PoseProperty<V> property, Pose pose) {
        return channels.with(property, Channel.constant(property.kind(), property.of(pose)));
    }

    /** The pose at a frame, which may be fractional. */
    @Override
    public Pose at(double frame) {
        Optional<Flying.Flown> flown = flies ? Flying.at(this, frame) : Optional.empty();
        if (flown.isPresent()) {
            return new Pose(
                    flown.get().scale(), flown.get().position(), rotation.at(frame), anchor.at(frame), depth(frame));
        }
        return new Pose(
                scale.at(frame),
                EvenZoom.position(scale, position, frame),
                rotation.at(frame),
                anchor.at(frame),
                depth(frame));
    }

    Depth depth(double frame) {
        Depth depth = Depth.FLAT;
        for (Property<?> property : ofDepth) {
            depth = depth(depth, (DepthProperty<?>) property, frame);
        }
        return depth;
    }

    private <V> Depth depth(Depth depth, DepthProperty<V> property, double frame) {
        return property.with(depth, channels.get(property).at(frame));
    }

    /** Whether a leg of it is a flight. */
    public boolean flies() {
        return flies;
    }

    /** Whether its depth is not simply flat. */
    public boolean hasDepth() {
        return !ofDepth.isEmpty();
    }

    public Channel<Scale> scale() {
        return scale;
    }

    public Channel<FramePoint> position() {
        return position;
    }

    public Channel<Double> rotation() {
        return rotation;
    }

    public Channel<PicturePoint> anchor() {
        return anchor;
    }

    /** All that is not simply neutral. */
    public Channels channels() {
        return channels;
    }

    /** The channel of a property; neutral when the camera has nothing of it. */
    public <V> Channel<V> get(Property<V> property) {
        return channels.get(property);
    }

    /** The value of a property at a frame as it is seen: a position may follow an even zoom. */
    public <V> V seen(Property<V> property, double frame) {
        return property instanceof PoseProperty<V> ofPose
                ? ofPose.of(at(frame))
                : get(property).at(frame);
    }

    /** Whether a property is not simply neutral. */
    public boolean has(Property<?> property) {
        return channels.has(property);
    }

    /** The lanes of this camera, in the order in which people read them: an unlinked property has two, a neutral one none. */
    public List<Lane> lanes() {
        List<Lane> lanes = new ArrayList<>();
        for (Property<?> property : channels.properties()) {
            if (channels.get(property).axes().isPresent()) {
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
        Channel<?> channel = get(lane.property());
        if ((lane.axis() == Axis.LINKED) != channel.axes().isEmpty()) {
            throw new IllegalArgumentException("there is no lane " + lane.words());
        }
        return lane.axis() == Axis.LINKED
                ? channel
                : channel.axes().orElseThrow().axis(lane.axis());
    }

    /** The frames at which any property has a key; unmodifiable. */
    public SortedSet<Integer> keyFrames() {
        return KeyTimes.of(this).frames();
    }

    /** This camera with another channel of a property. */
    public <V> CameraTrack with(Property<V> property, Channel<V> channel) {
        return new CameraTrack(channels.with(property, channel));
    }

    public CameraTrack withScale(Channel<Scale> channel) {
        return with(Properties.SCALE, channel);
    }

    public CameraTrack withPosition(Channel<FramePoint> channel) {
        return with(Properties.POSITION, channel);
    }

    public CameraTrack withRotation(Channel<Double> channel) {
        return with(Properties.ROTATION, channel);
    }

    public CameraTrack withAnchor(Channel<PicturePoint> channel) {
        return with(Properties.ANCHOR, channel);
    }

    /** This camera with the move of another one: what belongs to the layer stays. */
    public CameraTrack withMoveOf(CameraTrack other) {
        return new CameraTrack(
                channels.taking(other.channels, property -> property.group().ofMove()));
    }

    /** What belongs to the move, and nothing else. */
    public CameraTrack moveAlone() {
        return new CameraTrack(
                Channels.NONE.taking(channels, property -> property.group().ofMove()));
    }

    /** This camera with what is keyed of looks beside another one. */
    public CameraTrack withLooksOf(CameraTrack other) {
        return new CameraTrack(channels.taking(other.channels, property -> property.group() == Group.LOOK));
    }

    /** This camera with one property as it is in another one. */
    public CameraTrack taking(Property<?> property, CameraTrack other) {
        return new CameraTrack(channels.taking(other.channels, one -> one.equals(property)));
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

    /** Applies one change to all lanes. */
    public CameraTrack map(ChannelChange change) {
        return mapWhole(new Channels.Change() {
            @Override
            public <V> Channel<V> apply(Property<V> property, Channel<V> channel) {
                return channel.map(change);
            }
        });
    }

    /** Applies one change to the lanes that make the pose, its depth too. */
    public CameraTrack mapPose(ChannelChange change) {
        return mapWhole(new Channels.Change() {
            @Override
            public <V> Channel<V> apply(Property<V> property, Channel<V> channel) {
                return property.group().ofMove() ? channel.map(change) : channel;
            }
        });
    }

    /** Applies one change to the lanes of one property. */
    public <V> CameraTrack map(Property<V> property, ChannelChange change) {
        return with(property, get(property).map(change));
    }

    /** Applies a change to a property as a whole, whether its axes are linked or not. */
    public <V> CameraTrack withWhole(Property<V> property, ChannelChange change) {
        return with(property, change.apply(get(property)));
    }

    /** This camera without what was keyed for some of the things beside it. */
    public CameraTrack without(Predicate<Owner> gone) {
        return new CameraTrack(channels.taking(Channels.NONE, property -> gone.test(property.owner())));
    }

    /** Applies a change to every property as a whole that is not simply neutral. */
    public CameraTrack mapWhole(Channels.Change change) {
        return new CameraTrack(channels.map(change));
    }

    /** This camera on a picture, or in a frame, of another size, where it looks the same. */
    public CameraTrack carried(Resizing to) {
        CameraTrack carried = mapWhole(new Channels.Change() {
            @Override
            public <V> Channel<V> apply(Property<V> property, Channel<V> channel) {
                return channel.mapValues(value -> property.carried(value, to)).mapBends(to::bend);
            }
        });
        return carried.flies
                ? carried.mapLegs(leg -> leg instanceof Leg.Flight flight ? flight.carried(to) : leg)
                : carried;
    }

    /** This camera with every leg changed. */
    public CameraTrack mapLegs(UnaryOperator<Leg> change) {
        return map(new ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                return channel.animated() ? channel.mapKeys(key -> key.withLeg(change.apply(key.leg()))) : channel;
            }
        });
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof CameraTrack camera && camera.channels.equals(channels);
    }

    @Override
    public int hashCode() {
        return channels.hashCode();
    }

    @Override
    public String toString() {
        return channels.toString();
    }
}
