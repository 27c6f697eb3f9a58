package amberlens.core.keys;

import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.Channel;
import amberlens.core.motion.ChannelChange;

/**
 * All keys moved in time by the same number of frames, beyond the ends of the shot too.
 *
 * @param frames later; negative for earlier
 */
public record KeyShift(int frames) implements ChannelChange {
    public static CameraTrack of(CameraTrack camera, int frames) {
        return frames == 0 ? camera : camera.map(new KeyShift(frames));
    }

    @Override
    public <V> Channel<V> apply(Channel<V> channel) {
        return channel.animated() ? channel.mapKeys(key -> key.withAt(key.at() + frames)) : channel;
    }
}
