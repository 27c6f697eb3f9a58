package amberlens.core.motion.keys;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.KeyInsertion;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.PathHandles;
import amberlens.core.motion.pose.Depth;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.Function;

/**
 * Another anchor for a move that changes no framing.
 *
 * <p>An anchor without keys holds for every frame, so wherever the pose has a key, the position becomes P + R(θ)·S·(A′ − A) of that very
 * frame; where it has no key there it gets one only if it would be elsewhere otherwise. Of a picture that leans, scale and distance follow in
 * the same way, see {@link Pose#withAnchorInPlace}. Between keys the new pivot shapes the way, which is what an anchor is for.
 */
public final class AnchorMove {
    /** Numbers that differ by less are the same framing. */
    private static final double SAME = 1e-9;

    /** Framings that differ by less look the same. */
    private static final double FRAMING_PX = 1e-3;

    private final CameraTrack camera;
    private final Channel<PicturePoint> anchor;
    private final Depth.Setting setting;
    private final SortedSet<Integer> times = new TreeSet<>();

    private AnchorMove(CameraTrack camera, Channel<PicturePoint> anchor, Depth.Setting setting) {
        this.camera = camera;
        this.anchor = anchor;
        this.setting = setting;
        for (Property<?> property : Properties.OF_MOVE) {
            if (!camera.get(property).muted()) {
                camera.get(property).keys().forEach(key -> times.add(key.at()));
            }
        }
        if (!anchor.muted()) {
            anchor.keys().forEach(key -> times.add(key.at()));
        }
    }

    /**
     * The move with another anchor.
     *
     * @param camera whose anchor has no keys, or has them put aside
     * @param setting what depth is seen in
     */
    public static CameraTrack to(CameraTrack camera, PicturePoint anchor, Depth.Setting setting) {
        return new AnchorMove(camera, camera.anchor().withValueAt(0, anchor), setting).moved();
    }

    /** The move with one anchor for every frame, whether it had keys or not. */
    static CameraTrack constant(CameraTrack camera, PicturePoint anchor, Depth.Setting setting) {
        return new AnchorMove(camera, Channel.constant(camera.anchor().kind(), anchor), setting).moved();
    }

    /**
     * A move whose anchor was set from elsewhere, with keys or without, and whose position was not: its framings stay where they were.
     *
     * @param before what it was
     * @param after what came of it
     * @param set the properties that were set
     * @param setting what depth is seen in
     */
    public static CameraTrack following(
            CameraTrack before, CameraTrack after, Set<Property<?>> set, Depth.Setting setting) {
        boolean alone = set.contains(Properties.ANCHOR)
                && !set.contains(Properties.POSITION)
                && !after.anchor().equals(before.anchor());
        return alone ? new AnchorMove(after.withAnchor(before.anchor()), after.anchor(), setting).moved() : after;
    }

    /** Whether an anchor holds for every frame, so that it can be moved for all of them. */
    public static boolean isWhole(CameraTrack camera) {
        return !camera.anchor().animated() || camera.anchor().muted();
    }

    private CameraTrack moved() {
        CameraTrack moved = camera.withAnchor(anchor).withPosition(followed(camera.position(), Pose::position));
        if (camera.hasDepth()) {
            moved = moved.withScale(followed(camera.scale(), Pose::scale))
                    .with(
                            Properties.VIEWING_DISTANCE,
                            followed(camera.get(Properties.VIEWING_DISTANCE), pose -> pose.depth()
                                    .distance()));
        }
        return moved.withPosition(turned(moved.position()));
    }

    private Pose wanted(int at) {
        Pose pose = camera.at(at);
        Pose placed = pose.isFlat() ? pose : pose.withDepth(pose.depth().in(setting));
        return placed.withAnchorInPlace(anchor.at(at));
    }

    /** A channel with the values that it needs wherever the pose has a key. */
    private <V> Channel<V> followed(Channel<V> channel, Function<Pose, V> of) {
        if (times.isEmpty() || channel.muted()) {
            return channel.withValueAt(0, of.apply(wanted(0)));
        }
        if (!channel.animated()) {
            V first = of.apply(wanted(times.first()));
            Channel<V> constant = channel.withValueAt(0, first);
            boolean same = times.stream().allMatch(at -> near(channel, of.apply(wanted(at)), first));
            return same ? constant : keyed(channel, of);
        }
        Channel<V> followed = channel;
        SortedSet<Integer> own = new TreeSet<>();
        channel.keys().forEach(key -> own.add(key.at()));
        for (int at : own) {
            followed = followed.withValueAt(at, of.apply(wanted(at)));
        }
        for (boolean missing = true; missing; ) { // a key that is added changes what is beside it
            missing = false;
            for (int at : times) {
                V value = of.apply(wanted(at));
                if (!own.contains(at) && !near(channel, followed.at(at), value)) {
                    Channel<V> divided = followed.axes().isPresent() ? followed : KeyInsertion.at(followed, at);
                    followed = divided.withValueAt(at, value);
                    own.add(at);
                    missing = true;
                }
            }
        }
        return followed;
    }

    /** A constant that has to follow gets the legs of what it follows. */
    private <V> Channel<V> keyed(Channel<V> channel, Function<Pose, V> of) {
        List<Key<V>> keys = new ArrayList<>();
        for (int at : times) {
            Key<?> like = anchor.keyAt(at)
                    .<Key<?>>map(key -> key)
                    .or(() -> camera.scale().keyAt(at))
                    .or(() -> camera.rotation().keyAt(at))
                    .orElse(Key.of(at, 0.0, Leg.LINEAR));
            Leg leg = like.leg() instanceof Leg.Flight ? Leg.LINEAR : like.leg();
            keys.add(Key.of(at, of.apply(wanted(at)), leg).withEven(like.even()));
        }
        return Channel.keyed(channel.kind(), keys);
    }

    private static <V> boolean near(Channel<V> channel, V one, V other) {
        for (int part = 0; part < channel.kind().parts(); part++) {
            if (!(Math.abs(channel.kind().part(one, part) - channel.kind().part(other, part)) <= SAME)) {
                return false;
            }
        }
        return true;
    }

    /** Bent paths turn and grow with the way between their keys. */
    private Channel<FramePoint> turned(Channel<FramePoint> position) {
        if (!camera.position().bent() || position.axes().isPresent()) {
            return position;
        }
        List<Key<FramePoint>> keys = new ArrayList<>(position.keys());
        for (int i = 0; i + 1 < keys.size(); i++) {
            Key<FramePoint> from = keys.get(i);
            Key<FramePoint> to = keys.get(i + 1);
            FramePoint before =
                    camera.position().at(to.at()).minus(camera.position().at(from.at()));
            FramePoint now = to.value().minus(from.value());
            if (before.length() > SAME) {
                keys.set(
                        i,
                        from.withHandles(new PathHandles(
                                from.handles().in(), turned(from.handles().out(), before, now))));
                keys.set(
                        i + 1,
                        to.withHandles(new PathHandles(
                                turned(to.handles().in(), before, now),
                                to.handles().out())));
            }
        }
        return position.withKeys(keys, position.constant());
    }

    /** A vector changed as another one was, by a turn and a factor: the quotient of both as complex numbers. */
    private static FramePoint turned(FramePoint vector, FramePoint before, FramePoint now) {
        double square = before.x() * before.x() + before.y() * before.y();
        double across = (now.x() * before.x() + now.y() * before.y()) / square;
        double down = (now.y() * before.x() - now.x() * before.y()) / square;
        return new FramePoint(vector.x() * across - vector.y() * down, vector.x() * down + vector.y() * across);
    }

    /**
     * How far the way between framings changed at most, in any frame at a corner of the picture, in frame pixels; empty when a framing itself
     * is another one.
     */
    public static Optional<Double> wayChangedPx(Take before, Take after) {
        for (int at : before.camera().keyFrames()) {
            if (!(differencePx(before, after, at) < FRAMING_PX)) {
                return Optional.empty();
            }
        }
        double most = 0;
        for (int at = 0; at < before.length(); at++) {
            most = Math.max(most, differencePx(before, after, at));
        }
        return Optional.of(most);
    }

    private static double differencePx(Take one, Take other, int at) {
        Pose pose = one.pose(at);
        Pose changed = other.pose(at);
        double most = 0;
        for (Corner corner : Corner.values()) {
            FramePoint of = corner.of(one.picture());
            var place = new PicturePoint(of.x(), of.y());
            if (pose.isSeen() && changed.isSeen()) {
                most = Math.max(most, pose.toFrame(place).distance(changed.toFrame(place)));
            }
        }
        return most;
    }
}
