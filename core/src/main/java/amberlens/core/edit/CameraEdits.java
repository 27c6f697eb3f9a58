package amberlens.core.edit;

import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.PicturePoint;
import amberlens.core.model.Shot;
import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.Channel;
import amberlens.core.motion.Key;
import amberlens.core.motion.Leg;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Property;
import amberlens.core.motion.Scale;

/** Changes of one property of a camera. */
public final class CameraEdits {
    private CameraEdits() {}

    /**
     * Gives the camera a pose at a frame. Animated properties get or change a key there, constants change as a whole;
     * properties that already have the wanted value are left alone.
     *
     * @param frame from the shot's first frame
     */
    public static Edit setPose(String name, String shotId, int frame, Pose pose) {
        return Edit.ofShot(name, shotId, shot -> shot.withCamera(posed(shot.camera(), frame, pose)));
    }

    /**
     * Gives the camera a pose at a frame as a whole, as a hand on the gate or the picture does: like {@link #setPose}, and
     * in addition every animated property gets a key there, so that the frame becomes a framing.
     */
    public static Edit setFraming(String name, String shotId, int frame, Pose pose) {
        return Edit.ofShot(name, shotId, shot -> {
            CameraTrack posed = posed(shot.camera(), frame, pose);
            return posed.equals(shot.camera()) ? shot : shot.withCamera(keyedWhereAnimated(posed, frame));
        });
    }

    private static CameraTrack keyedWhereAnimated(CameraTrack camera, int frame) {
        return camera.map(new CameraTrack.ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                return channel.animated() ? keyedHere(channel, frame) : channel;
            }
        });
    }

    /** The camera with the pose at the frame. */
    public static CameraTrack posed(CameraTrack camera, int frame, Pose pose) {
        return new CameraTrack(
                valued(camera.scale(), frame, pose.scale()),
                valued(camera.position(), frame, pose.position()),
                valued(camera.rotation(), frame, pose.degrees()),
                valued(camera.anchor(), frame, pose.anchor()));
    }

    private static <V> Channel<V> valued(Channel<V> channel, int frame, V value) {
        if (channel.at(frame).equals(value)) {
            return channel;
        }
        return channel.animated() ? channel.withValueAt(frame, value) : Channel.constant(channel.kind(), value);
    }

    /** Turns animation of a property on, with a key at the frame, or off, keeping the value at the frame. */
    public static Edit toggleAnimation(String shotId, Property property, int frame) {
        return Edit.ofShot(
                "animation of " + property.word().toLowerCase(java.util.Locale.ROOT),
                shotId,
                shot -> shot.withCamera(shot.camera().map(property, new CameraTrack.ChannelChange() {
                    @Override
                    public <V> Channel<V> apply(Channel<V> channel) {
                        return channel.animated()
                                ? Channel.constant(channel.kind(), channel.at(frame))
                                : keyedHere(channel, frame);
                    }
                })));
    }

    /** Sets the leg that a property takes from its key at or before the frame. */
    public static Edit setLeg(String shotId, Property property, int frame, Leg leg) {
        return Edit.ofShot(
                "ease",
                shotId,
                shot -> shot.withCamera(shot.camera().map(property, new CameraTrack.ChannelChange() {
                    @Override
                    public <V> Channel<V> apply(Channel<V> channel) {
                        return channel.keyBefore(frame)
                                .map(key -> channel.withKey(key.withLeg(leg)))
                                .orElse(channel);
                    }
                })));
    }

    /** Deletes the key of a property at a frame. */
    public static Edit deleteKey(String shotId, Property property, int frame) {
        return Edit.ofShot(
                "deletion of a key",
                shotId,
                shot -> shot.withCamera(shot.camera().map(property, new CameraTrack.ChannelChange() {
                    @Override
                    public <V> Channel<V> apply(Channel<V> channel) {
                        return channel.withoutKeyAt(frame);
                    }
                })));
    }

    /** Moves the key of a property in time; it stops beside its neighbours and inside the shot. */
    public static Edit moveKey(String shotId, Property property, int from, int to) {
        return Edit.ofShot(
                "move of a key",
                shotId,
                shot -> shot.withCamera(shot.camera().map(property, new CameraTrack.ChannelChange() {
                    @Override
                    public <V> Channel<V> apply(Channel<V> channel) {
                        return KeyTimes.moved(channel, from, KeyTimes.free(channel, from, to, shot.lastFrame()));
                    }
                })));
    }

    /** The frame that the key of a property moved towards {@code to} really takes. */
    public static int keyTarget(Shot shot, Property property, int from, int to) {
        return KeyTimes.free(shot.camera().channel(property), from, to, shot.lastFrame());
    }

    /** The neutral pose's value for one property, the others as they are. */
    public static Pose reset(Pose pose, Property property, Pose neutral) {
        return switch (property) {
            case SCALE -> pose.withScale(neutral.scale());
            case POSITION -> pose.withPosition(neutral.position());
            case ROTATION -> pose.withDegrees(neutral.degrees());
            case ANCHOR -> pose.withAnchorInPlace(neutral.anchor());
        };
    }

    /**
     * The pose with one number of one property changed. The axes of the scale are linked: changing one keeps their ratio.
     *
     * @param part 0 for x or the only number, 1 for y
     */
    public static Pose withNumber(Pose pose, Property property, int part, double value) {
        return switch (property) {
            case SCALE -> pose.withScale(linked(pose.scale(), part, value));
            case POSITION ->
                pose.withPosition(new FramePoint(
                        part == 0 ? value : pose.position().x(),
                        part == 1 ? value : pose.position().y()));
            case ROTATION -> pose.withDegrees(value);
            case ANCHOR ->
                pose.withAnchorInPlace(new PicturePoint(
                        part == 0 ? value : pose.anchor().x(),
                        part == 1 ? value : pose.anchor().y()));
        };
    }

    private static Scale linked(Scale scale, int part, double value) {
        if (scale.x() == scale.y()) {
            return Scale.uniform(value);
        }
        return part == 0
                ? new Scale(value, scale.y() * value / scale.x())
                : new Scale(scale.x() * value / scale.y(), value);
    }

    static <V> Channel<V> keyedHere(Channel<V> channel, int frame) {
        return channel.keyAt(frame).isPresent()
                ? channel
                : channel.withKey(Key.of(
                        frame,
                        channel.at(frame),
                        channel.keyBefore(frame).map(Key::leg).orElse(Leg.LINEAR)));
    }
}
