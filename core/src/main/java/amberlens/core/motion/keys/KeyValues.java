package amberlens.core.motion.keys;

import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Axis;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ChannelChange;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.ValueKind;
import amberlens.core.motion.property.Lane;
import amberlens.core.motion.property.Property;

/** Changes of what keys hold. */
public final class KeyValues {
    private KeyValues() {}

    /**
     * Adds to one number of some keys of a lane. The axes of a linked scale keep their ratio, so both change.
     *
     * @param part 0 for the horizontal or only number, 1 for the vertical one
     */
    public static CameraTrack shifted(CameraTrack camera, KeySet keys, Lane lane, int part, double by) {
        return camera.map(lane, new ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                return channel.mapKeys(
                        key -> keys.contains(lane, key.at()) ? shifted(channel.kind(), key, lane, part, by) : key);
            }
        });
    }

    private static <V> Key<V> shifted(ValueKind<V> kind, Key<V> key, Lane lane, int part, double by) {
        Property<?> property = lane.property();
        double old = kind.part(key.value(), part);
        double now = property.range().clamp(old + by);
        if (property.proportional() && lane.axis() == Axis.LINKED) {
            return key.withValue(kind.of(at -> kind.part(key.value(), at) * now / old));
        }
        return key.withValue(kind.with(key.value(), part, now));
    }
}
