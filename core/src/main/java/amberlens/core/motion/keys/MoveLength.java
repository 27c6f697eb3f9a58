package amberlens.core.motion.keys;

import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ChannelChange;
import amberlens.core.motion.curve.Key;
import java.util.ArrayList;
import java.util.List;

/** A move stretched to another length. */
public final class MoveLength {
    private MoveLength() {}

    /**
     * The camera with every key moved in proportion, so that first and last frame stay what they were. Where keys would fall
     * together they stay a frame apart.
     *
     * @param from the old length in frames
     * @param to the new one
     */
    public static CameraTrack stretched(CameraTrack camera, int from, int to) {
        double factor = from <= 1 ? 1 : (to - 1.0) / (from - 1);
        return camera.map(new ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                List<Key<V>> keys = new ArrayList<>();
                for (Key<V> key : channel.keys()) {
                    int wanted = (int) Math.round(key.at() * factor);
                    keys.add(key.withAt(
                            keys.isEmpty()
                                    ? wanted
                                    : Math.max(wanted, keys.getLast().at() + 1)));
                }
                return channel.withKeys(keys, channel.constant());
            }
        });
    }
}
