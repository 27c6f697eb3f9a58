package amberlens.core.edit;

import amberlens.core.model.Shot;
import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.Channel;
import amberlens.core.motion.Leg;
import amberlens.core.motion.Property;

/** Changes of whole framings: all properties of a camera at one frame. */
public final class FramingEdits {
    private FramingEdits() {}

    /** Keys all camera properties at a frame with the values they have there. */
    public static Edit add(String shotId, int frame) {
        return onCamera("adding of a framing", shotId, new CameraTrack.ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                return CameraEdits.keyedHere(channel, frame);
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
        return Edit.ofShot("move of a framing", shotId, shot -> {
            int target = target(shot, from, to);
            return shot.withCamera(shot.camera().map(new CameraTrack.ChannelChange() {
                @Override
                public <V> Channel<V> apply(Channel<V> channel) {
                    return KeyTimes.moved(channel, from, target);
                }
            }));
        });
    }

    /** The frame that a framing moved towards {@code to} really takes. */
    public static int target(Shot shot, int from, int to) {
        int target = to;
        for (Property property : Property.values()) {
            Channel<?> channel = shot.camera().channel(property);
            if (channel.keyAt(from).isPresent()) {
                target = KeyTimes.free(channel, from, target, shot.lastFrame());
            }
        }
        return target;
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
