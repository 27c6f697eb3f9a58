package amberlens.core.edit;

import amberlens.core.motion.Channel;
import amberlens.core.motion.Key;
import java.util.List;

/** Where keys may go in time. */
final class KeyTimes {
    private KeyTimes() {}

    /**
     * The frame nearest to {@code to} that a key at {@code from} may take: between its neighbours and inside the shot. A
     * key already beyond the cut stays there unless it is brought back in.
     */
    static int free(Channel<?> channel, int from, int to, int lastFrame) {
        int low = 0;
        int high = lastFrame;
        List<? extends Key<?>> keys = channel.keys();
        for (Key<?> key : keys) {
            if (key.at() < from) {
                low = Math.max(low, key.at() + 1);
            } else if (key.at() > from) {
                high = Math.min(high, key.at() - 1);
            }
        }
        return low > high ? from : Math.clamp(to, low, high);
    }

    static <V> Channel<V> moved(Channel<V> channel, int from, int to) {
        return channel.mapKeys(key -> key.at() == from ? key.withAt(to) : key);
    }
}
