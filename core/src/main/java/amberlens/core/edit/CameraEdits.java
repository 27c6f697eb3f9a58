package amberlens.core.edit;

import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.PicturePoint;
import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.CameraTrack.ChannelChange;
import amberlens.core.motion.Channel;
import amberlens.core.motion.KeyInsertion;
import amberlens.core.motion.Lane;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Property;
import amberlens.core.motion.Scale;
import java.util.Locale;

/** Changes of one property of a camera. */
public final class CameraEdits {
    private CameraEdits() {}

    /**
     * Gives the camera a pose at a frame. Animated properties get or change a key there, constants change as a whole;
     * properties that already have the wanted value are left alone. With <em>keep inside</em> on it is the nearest pose that
     * leaves no edge open.
     *
     * @param frame from the shot's first frame
     */
    public static Edit setPose(String name, String shotId, int frame, Pose pose) {
        return Edit.of(
                name,
                project -> project.mapShot(shotId, shot -> {
                    Pose kept = Inside.kept(project, shot, frame, shot.camera().at(frame), pose);
                    return shot.withCamera(posed(shot.camera(), frame, kept));
                }));
    }

    /**
     * Gives the camera a pose at a frame as a whole, as a hand on the gate or the picture does: like {@link #setPose}, and
     * in addition every animated property gets a key there, so that the frame becomes a framing.
     */
    public static Edit setFraming(String name, String shotId, int frame, Pose pose) {
        return Edit.of(
                name,
                project -> project.mapShot(shotId, shot -> {
                    Pose kept = Inside.kept(project, shot, frame, shot.camera().at(frame), pose);
                    CameraTrack posed = posed(shot.camera(), frame, kept);
                    return posed.equals(shot.camera()) ? shot : shot.withCamera(keyedWhereAnimated(posed, frame));
                }));
    }

    private static CameraTrack keyedWhereAnimated(CameraTrack camera, int frame) {
        return camera.mapPose(new ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                return channel.animated() && !channel.muted() ? KeyInsertion.at(channel, frame) : channel;
            }
        });
    }

    /** The camera with the pose at the frame. */
    public static CameraTrack posed(CameraTrack camera, int frame, Pose pose) {
        return camera.withMoveOf(new CameraTrack(
                camera.scale().withValueAt(frame, pose.scale()),
                camera.position().withValueAt(frame, pose.position()),
                camera.rotation().withValueAt(frame, pose.degrees()),
                camera.anchor().withValueAt(frame, pose.anchor())));
    }

    /** Turns animation of a lane on, with a key at the frame. */
    public static Edit animate(String shotId, Lane lane, int frame) {
        return onLane("animation of " + lane.words().toLowerCase(Locale.ROOT), shotId, lane, new ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                return KeyInsertion.at(channel, frame);
            }
        });
    }

    /** Turns animation of a lane off; the value at the frame remains. */
    public static Edit makeConstant(String shotId, Lane lane, int frame) {
        return onLane(
                "end of animation of " + lane.words().toLowerCase(Locale.ROOT), shotId, lane, new ChannelChange() {
                    @Override
                    public <V> Channel<V> apply(Channel<V> channel) {
                        return Channel.constant(channel.kind(), channel.at(frame));
                    }
                });
    }

    /** Puts the keys of a property aside, with the value at the frame, or lets them work again. */
    public static Edit mute(String shotId, Property property, boolean muted, int frame) {
        String name = (muted ? "muting of " : "unmuting of ") + property.word().toLowerCase(Locale.ROOT);
        return Edit.ofShot(
                name, shotId, shot -> shot.withCamera(shot.camera().withWhole(property, new Muting(muted, frame))));
    }

    /**
     * Sets opacity or speed at a frame: its key there is changed or made, a constant changes as a whole.
     *
     * @param property one that is not of the pose
     * @param percent opacity 0 … 100, speed at most {@value #FASTEST} either way
     */
    public static Edit setPercent(String shotId, Property property, int frame, double percent) {
        double low = property == Property.OPACITY ? 0 : -FASTEST;
        double high = property == Property.OPACITY ? 100 : FASTEST;
        if (!(percent >= low && percent <= high)) {
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT,
                    "%s lies in %.0f … %.0f %%, not at %s",
                    property.word().toLowerCase(Locale.ROOT),
                    low,
                    high,
                    percent));
        }
        return Edit.ofShot("change of " + property.word().toLowerCase(Locale.ROOT), shotId, shot -> {
            CameraTrack camera = shot.camera();
            return shot.withCamera(
                    property == Property.OPACITY
                            ? camera.withOpacity(camera.opacity().withValueAt(frame, percent))
                            : camera.withSpeed(camera.speed().withValueAt(frame, percent)));
        });
    }

    /** The greatest speed of footage either way, per cent. */
    public static final double FASTEST = 10_000;

    /** Puts all keys of a move aside, or lets them work again. */
    public static Edit muteAll(String shotId, boolean muted, int frame) {
        return Edit.ofShot(muted ? "muting of the move" : "unmuting of the move", shotId, shot -> {
            var camera = shot.camera();
            for (Property property : Property.values()) {
                camera = camera.withWhole(property, new Muting(muted, frame));
            }
            return shot.withCamera(camera);
        });
    }

    private record Muting(boolean muted, int frame) implements ChannelChange {
        @Override
        public <V> Channel<V> apply(Channel<V> channel) {
            return channel.animated() ? channel.withMuted(muted, channel.at(frame)) : channel;
        }
    }

    /**
     * Gives each axis of a property its own keys, or shares them again.
     *
     * @throws IllegalArgumentException by the edit, when a curved path is to be unlinked
     */
    public static Edit setLinked(String shotId, Property property, boolean linked) {
        String name =
                (linked ? "linking of " : "unlinking of ") + property.word().toLowerCase(Locale.ROOT);
        return Edit.ofShot(
                name,
                shotId,
                shot -> shot.withCamera(shot.camera().withWhole(property, new ChannelChange() {
                    @Override
                    public <V> Channel<V> apply(Channel<V> channel) {
                        return linked ? channel.linked() : channel.unlinked();
                    }
                })));
    }

    private static Edit onLane(String name, String shotId, Lane lane, ChannelChange change) {
        return Edit.ofShot(name, shotId, shot -> shot.withCamera(shot.camera().map(lane, change)));
    }

    /** The neutral pose's value for one property, the others as they are. */
    public static Pose reset(Pose pose, Property property, Pose neutral) {
        return switch (property) {
            case SCALE -> pose.withScale(neutral.scale());
            case POSITION -> pose.withPosition(neutral.position());
            case ROTATION -> pose.withDegrees(neutral.degrees());
            case ANCHOR -> pose.withAnchorInPlace(neutral.anchor());
            case OPACITY, SPEED -> throw notOfPose(property);
        };
    }

    /**
     * The pose with one number of one property changed.
     *
     * @param linked whether the axes of the scale keep their ratio
     * @param part 0 for x or the only number, 1 for y
     */
    public static Pose withNumber(Pose pose, Property property, int part, double value, boolean linked) {
        return switch (property) {
            case SCALE -> pose.withScale(scaled(pose.scale(), part, value, linked));
            case POSITION ->
                pose.withPosition(new FramePoint(
                        part == 0 ? value : pose.position().x(),
                        part == 1 ? value : pose.position().y()));
            case ROTATION -> pose.withDegrees(value);
            case ANCHOR ->
                pose.withAnchorInPlace(new PicturePoint(
                        part == 0 ? value : pose.anchor().x(),
                        part == 1 ? value : pose.anchor().y()));
            case OPACITY, SPEED -> throw notOfPose(property);
        };
    }

    private static IllegalArgumentException notOfPose(Property property) {
        return new IllegalArgumentException("a pose has no " + property.word().toLowerCase(Locale.ROOT));
    }

    private static Scale scaled(Scale scale, int part, double value, boolean linked) {
        if (!linked) {
            return part == 0 ? new Scale(value, scale.y()) : new Scale(scale.x(), value);
        }
        if (scale.x() == scale.y()) {
            return Scale.uniform(value);
        }
        return part == 0
                ? new Scale(value, scale.y() * value / scale.x())
                : new Scale(scale.x() * value / scale.y(), value);
    }
}
