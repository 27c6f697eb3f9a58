package amberlens.core.edit;

import amberlens.core.keys.KeySet;
import amberlens.core.keys.Neighbours;
import amberlens.core.keys.Retiming;
import amberlens.core.model.Shot;
import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.Channel;
import amberlens.core.motion.KeyInsertion;
import amberlens.core.motion.Leg;

/** Changes of whole framings: all properties of a camera at one frame. */
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

    /** Moves every key at a frame together; they stop beside the next key of any of their properties. */
    public static Edit move(String shotId, int from, int to) {
        return Edit.ofShot(
                "move of a framing",
                shotId,
                shot -> shot.withCamera(moved(shot, from, to).camera()));
    }

    /** The frame that a framing moved towards {@code to} really takes. */
    public static int target(Shot shot, int from, int to) {
        return moved(shot, from, to).keys().first();
    }

    private static Retiming.Moved moved(Shot shot, int from, int to) {
        KeySet keys = KeySet.at(shot.camera(), from);
        return new Retiming(shot.camera(), keys, shot.lastFrame(), Neighbours.STOP).shifted(to - from);
    }

    /** Gives every property that has a key at the frame the same leg from there. */
    public static Edit setLeg(String shotId, int frame, Leg leg) {
        return onCamera("ease", shotId, new CameraTrack.ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                return channel.keyAt(frame)
                        .map(key -> channel.withKey(key.withLeg(leg)))
                        .orElse(channel);
            }
        });
    }

    private static Edit onCamera(String name, String shotId, CameraTrack.ChannelChange change) {
        return Edit.ofShot(name, shotId, shot -> shot.withCamera(shot.camera().map(change)));
    }
}
