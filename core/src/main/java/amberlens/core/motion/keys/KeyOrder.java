package amberlens.core.motion.keys;

import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ChannelChange;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.PathHandles;
import amberlens.core.motion.property.Lane;
import java.util.ArrayList;
import java.util.List;

/** Changes that give keys another order or another number: reverse, copy, delete. */
public final class KeyOrder {
    private KeyOrder() {}

    /**
     * The keys in the opposite order between their first and last frame, so that the move runs backwards: eases are turned
     * round, path handles change sides. A key that stands in the way gives way.
     */
    public static Retiming.Moved reversed(CameraTrack camera, KeySet keys) {
        int first = keys.first();
        int last = keys.last();
        CameraTrack changed = camera;
        List<KeyRef> moved = new ArrayList<>();
        for (Lane lane : keys.lanes()) {
            changed = changed.map(lane, new ChannelChange() {
                @Override
                public <V> Channel<V> apply(Channel<V> channel) {
                    return reversed(channel, lane, keys, first + last);
                }
            });
            for (int at : keys.frames(lane)) {
                moved.add(new KeyRef(lane, first + last - at));
            }
        }
        return new Retiming.Moved(changed, KeySet.of(moved));
    }

    private static <V> Channel<V> reversed(Channel<V> channel, Lane lane, KeySet keys, int sum) {
        List<Key<V>> taken = channel.keys().stream()
                .filter(key -> keys.contains(lane, key.at()))
                .toList();
        Channel<V> changed = channel.withKeys(
                channel.keys().stream()
                        .filter(key -> !keys.contains(lane, key.at()))
                        .toList(),
                channel.constant());
        for (int i = 0; i < taken.size(); i++) {
            Key<V> key = taken.get(i);
            Key<V> legOwner = i > 0 ? taken.get(i - 1) : taken.getLast();
            Leg leg = i > 0 ? reversed(legOwner.leg()) : legOwner.leg();
            changed = changed.withMuted(false, channel.constant())
                    .withKey(key.withAt(sum - key.at())
                            .withLeg(leg)
                            .withEven(legOwner.even())
                            .withHandles(new PathHandles(
                                    key.handles().out(), key.handles().in())));
        }
        return changed.withMuted(channel.muted(), channel.constant());
    }

    private static Leg reversed(Leg leg) {
        return switch (leg) {
            case Leg.Curve curve -> new Leg.Curve(curve.timing().reversed());
            case Leg.Flight flight -> flight.withTiming(flight.timing().reversed());
            default -> leg;
        };
    }

    /** Copies of the keys, shifted; a key in the same frame gives way, and what would leave the shot is left out. */
    public static Retiming.Moved copied(CameraTrack camera, KeySet keys, int by, int lastFrame) {
        CameraTrack changed = camera;
        List<KeyRef> copies = new ArrayList<>();
        for (Lane lane : keys.lanes()) {
            changed = changed.map(lane, new ChannelChange() {
                @Override
                public <V> Channel<V> apply(Channel<V> channel) {
                    Channel<V> with = channel;
                    for (int at : keys.frames(lane)) {
                        int to = at + by;
                        if (to >= 0 && to <= lastFrame) {
                            copies.add(new KeyRef(lane, to));
                            with = with.withKey(channel.keyAt(at).orElseThrow().withAt(to));
                        }
                    }
                    return with;
                }
            });
        }
        return new Retiming.Moved(changed, KeySet.of(copies));
    }

    /** The camera without the keys; a lane that loses all of them keeps the value it has at the frame. */
    public static CameraTrack deleted(CameraTrack camera, KeySet keys, double frame) {
        CameraTrack changed = camera;
        for (Lane lane : keys.lanes()) {
            changed = changed.map(lane, new ChannelChange() {
                @Override
                public <V> Channel<V> apply(Channel<V> channel) {
                    return channel.withKeys(
                            channel.keys().stream()
                                    .filter(key -> !keys.contains(lane, key.at()))
                                    .toList(),
                            channel.at(frame));
                }
            });
        }
        return changed;
    }
}
