package amberlens.core.edit;

import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.Channel;
import amberlens.core.motion.KeyInsertion;

/** Changes of whole framings: all properties of a camera at one frame. Moved and eased they are as any other keys. */
public final class FramingEdits {
    private FramingEdits() {}

    /** Keys all camera properties at a frame with the values they have there. */
    public static Edit add(String shotId, int frame) {
        return onCamera("adding of a framing", shotId, new CameraTrack.ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                return KeyInsertion.at(channel, frame);
            }
        });
    }

    /** Deletes every key at a frame. */
    public static Edit delete(String shotId, int frame) {
        return onCamera("deletion of a framing", shotId, new CameraTrack.ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                return channel.keyAt(frame).isPresent() ? channel.withoutKeyAt(frame) : channel;
            }
        });
    }

    private static Edit onCamera(String name, String shotId, CameraTrack.ChannelChange change) {
        return Edit.ofShot(name, shotId, shot -> shot.withCamera(shot.camera().map(change)));
    }
}
