package amberlens.core.keys;

import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.Channel;
import amberlens.core.motion.Key;
import amberlens.core.motion.Lane;
import amberlens.core.motion.Property;
import amberlens.core.motion.Scale;
import amberlens.core.motion.ValueKind;

/** Changes of what keys hold. */
public final class KeyValues {
    private static final double LEAST_SCALE = 0.01;

    private KeyValues() {}

    /**
     * Adds to one number of some keys of a lane. The axes of a linked scale keep their ratio, so both change.
     *
     * @param part 0 for the horizontal or only number, 1 for the vertical one
     */
    public static CameraTrack shifted(CameraTrack camera, KeySet keys, Lane lane, int part, double by) {
        return camera.map(lane, new CameraTrack.ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                return channel.mapKeys(
                        key -> keys.contains(lane, key.at()) ? shifted(channel.kind(), key, lane, part, by) : key);
            }
        });
    }

    private static <V> Key<V> shifted(ValueKind<V> kind, Key<V> key, Lane lane, int part, double by) {
        double first = kind.part(key.value(), 0);
        double second = kind.parts() == 1 ? 0 : kind.part(key.value(), 1);
        double old = part == 0 ? first : second;
        double now = old + by;
        if (lane.property() == Property.SCALE) {
            now = Math.clamp(now, LEAST_SCALE, Scale.LARGEST);
        }
        if (lane.property() == Property.OPACITY) {
            now = Math.clamp(now, 0, 100);
        }
        if (lane.equals(Lane.of(Property.SCALE))) {
            return key.withValue(kind.of(first * now / old, second * now / old));
        }
        return key.withValue(part == 0 ? kind.of(now, second) : kind.of(first, now));
    }
}
