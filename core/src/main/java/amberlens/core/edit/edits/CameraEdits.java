package amberlens.core.edit.edits;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ChannelChange;
import amberlens.core.motion.curve.KeyInsertion;
import amberlens.core.motion.keys.AnchorMove;
import amberlens.core.motion.keys.AnchorWay;
import amberlens.core.motion.keys.ZoomAbout;
import amberlens.core.motion.pose.Depth;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.pose.Projection;
import amberlens.core.motion.property.Channels;
import amberlens.core.motion.property.DepthProperty;
import amberlens.core.motion.property.Lane;
import amberlens.core.motion.property.PoseProperty;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import java.util.Collection;
import java.util.Locale;
import java.util.Optional;

/** Changes of one property of a camera. */
public final class CameraEdits {
    /** Poses that differ by less are one. */
    private static final double NEAR_PX = 1e-6;

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
                    if (movesAnchor(project, shot, frame, pose)) {
                        return shot.withCamera(AnchorMove.to(shot.camera(), pose.anchor(), setting(project, shot)));
                    }
                    Pose kept = Inside.kept(project, shot, frame, shot.camera().at(frame), pose);
                    return shot.withCamera(posed(shot.camera(), frame, kept));
                }));
    }

    /** Whether a pose differs from that of a shot only in where it is counted from, and so does every other pose of the shot then. */
    private static boolean movesAnchor(Project project, Shot shot, int frame, Pose pose) {
        Pose now = shot.camera().at(frame);
        if (pose.anchor().equals(now.anchor()) || !AnchorMove.isWhole(shot.camera())) {
            return false;
        }
        Pose placed = now.isFlat() ? now : now.withDepth(now.depth().in(setting(project, shot)));
        return isSame(pose, now.withAnchorInPlace(pose.anchor()))
                || isSame(pose, placed.withAnchorInPlace(pose.anchor()));
    }

    private static boolean isSame(Pose one, Pose other) {
        return one.position().distance(other.position()) < NEAR_PX
                && one.degrees() == other.degrees()
                && Math.abs(one.scale().x() - other.scale().x()) < NEAR_PX;
    }

    private static Depth.Setting setting(Project project, Shot shot) {
        return Depth.Setting.of(project.mediaOf(shot).size(), project.frameSize());
    }

    /**
     * Gives the camera a pose at a frame as a whole, as a hand on the gate or the picture does: like {@link #setPose}, and
     * in addition every animated property gets a key there, so that the frame becomes a framing.
     */
    public static Edit setFraming(String name, String shotId, int frame, Pose pose) {
        return Edit.of(
                name,
                project -> project.mapShot(shotId, shot -> {
                    if (movesAnchor(project, shot, frame, pose)) {
                        return shot.withCamera(AnchorMove.to(shot.camera(), pose.anchor(), setting(project, shot)));
                    }
                    Pose kept = Inside.kept(project, shot, frame, shot.camera().at(frame), pose);
                    CameraTrack posed = posed(shot.camera(), frame, kept);
                    return posed.equals(shot.camera()) ? shot : shot.withCamera(keyedWhereAnimated(posed, frame));
                }));
    }

    /**
     * Lets the camera zoom and turn about a point of the picture, see {@link ZoomAbout}; what is seen at the frame stays.
     *
     * @param frame of the shot
     * @param point source pixels
     */
    public static Edit zoomAbout(String shotId, int frame, PicturePoint point) {
        return Edit.of(
                "zoom about a point",
                project -> project.mapShot(
                        shotId,
                        shot -> shot.withCamera(ZoomAbout.point(
                                shot.camera(), point, frame, project.frameSize(), setting(project, shot)))));
    }

    /**
     * Keeps the way of a move whose anchor was moved, see {@link AnchorWay}.
     *
     * @param before the shot before its anchor was moved
     */
    public static Edit keepWay(Shot before) {
        return Edit.of(
                "keep the way too",
                project -> project.mapShot(
                        before.id(),
                        shot -> shot.withCamera(AnchorWay.kept(
                                new Take(
                                        before.camera(),
                                        before.length(),
                                        project.mediaOf(before).size(),
                                        project.frameSize()),
                                shot.camera(),
                                setting(project, shot)))));
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
        CameraTrack posed = camera;
        for (PoseProperty<?> property : Properties.OF_POSE) {
            posed = posed(posed, frame, property, pose);
        }
        for (PoseProperty<?> property : Properties.OF_DEPTH) {
            posed = posed(posed, frame, property, pose);
        }
        return posed;
    }

    private static <V> CameraTrack posed(CameraTrack camera, int frame, PoseProperty<V> property, Pose pose) {
        return camera.with(property, camera.get(property).withValueAt(frame, property.of(pose)));
    }

    /** Turns animation of a lane on, with a key at the frame. */
    public static Edit animate(String shotId, Lane lane, int frame) {
        return withKey("animate ", shotId, lane, frame);
    }

    /** Sets a key of a lane at the frame; what is seen does not change. */
    public static Edit setKey(String shotId, Lane lane, int frame) {
        return withKey("key of ", shotId, lane, frame);
    }

    private static Edit withKey(String what, String shotId, Lane lane, int frame) {
        return onLane(what + lane.words().toLowerCase(Locale.ROOT), shotId, lane, new ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                return KeyInsertion.at(channel, frame);
            }
        });
    }

    /** Turns animation of a lane off; the value at the frame remains. */
    public static Edit makeConstant(String shotId, Lane lane, int frame) {
        return onLane("stop animating " + lane.words().toLowerCase(Locale.ROOT), shotId, lane, new ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                return Channel.constant(channel.kind(), channel.at(frame));
            }
        });
    }

    /** Puts the keys of a property aside, with the value at the frame, or lets them work again. */
    public static Edit mute(String shotId, Property<?> property, boolean muted, int frame) {
        String name = (muted ? "mute " : "unmute ") + property.lowerWord();
        return Edit.ofShot(
                name, shotId, shot -> shot.withCamera(shot.camera().withWhole(property, new Muting(muted, frame))));
    }

    /**
     * Sets a property at a frame, as a hand does: its key there is changed or made, a constant changes as a whole, and a pose is kept
     * inside where that is on.
     *
     * @param shot as it is now
     * @throws IllegalArgumentException when a number is out of the property's range
     */
    public static <V> Edit setValue(String name, Shot shot, Property<V> property, int frame, V value) {
        for (int part = 0; part < property.kind().parts(); part++) {
            property.refusal(property.kind().part(value, part)).ifPresent(why -> {
                throw new IllegalArgumentException(why);
            });
        }
        if (property instanceof PoseProperty<V> ofPose) {
            return setPose(name, shot.id(), frame, ofPose.with(shot.camera().at(frame), value));
        }
        return Edit.ofShot(
                name,
                shot.id(),
                now -> now.withCamera(
                        now.camera().with(property, now.camera().get(property).withValueAt(frame, value))));
    }

    /**
     * Why a property cannot have a value at a frame: a number is out of its range, or the picture could not be seen then. Empty when it
     * can.
     */
    public static <V> Optional<String> refusal(Project project, Shot shot, Property<V> property, int frame, V value) {
        for (int part = 0; part < property.kind().parts(); part++) {
            Optional<String> why = property.refusal(property.kind().part(value, part));
            if (why.isPresent()) {
                return why;
            }
        }
        return property instanceof DepthProperty<V> ofDepth
                ? ofDepth.put(project.pose(shot, frame), value)
                        .in(project.mediaOf(shot).size(), project.frameSize())
                        .projection()
                        .flatMap(Projection::unseen)
                        .map(why -> property.word() + " like that cannot be seen: " + why.words())
                : Optional.empty();
    }

    /** Puts the keys of several properties aside, with the values at the frame, or lets them work again. */
    public static Edit mute(
            String what, String shotId, Collection<? extends Property<?>> properties, boolean muted, int frame) {
        return Edit.ofShot((muted ? "mute " : "unmute ") + what, shotId, shot -> {
            CameraTrack camera = shot.camera();
            for (Property<?> property : properties) {
                camera = camera.withWhole(property, new Muting(muted, frame));
            }
            return shot.withCamera(camera);
        });
    }

    /** The value that a property of a shot has when one of its numbers changes; linked numbers that count by ratio change together. */
    public static <V> V withNumber(Shot shot, Property<V> property, int frame, int part, double number) {
        CameraTrack camera = shot.camera();
        boolean linked = camera.get(property).axes().isEmpty();
        return property.withNumber(camera.seen(property, frame), part, number, linked && property.proportional());
    }

    /** Puts all keys of a move aside, or lets them work again. */
    public static Edit muteAll(String shotId, boolean muted, int frame) {
        var muting = new Muting(muted, frame);
        return Edit.ofShot(
                muted ? "mute move" : "unmute move",
                shotId,
                shot -> shot.withCamera(shot.camera().mapWhole(new Channels.Change() {
                    @Override
                    public <V> Channel<V> apply(Property<V> property, Channel<V> channel) {
                        return muting.apply(channel);
                    }
                })));
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
    public static Edit setLinked(String shotId, Property<?> property, boolean linked) {
        String name = (linked ? "link " : "unlink ") + property.lowerWord();
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
}
