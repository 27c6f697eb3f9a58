package amberlens.core.motion.keys;

import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ChannelChange;

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
