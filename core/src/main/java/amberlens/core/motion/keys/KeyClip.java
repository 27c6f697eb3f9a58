package amberlens.core.motion.keys;

import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ChannelChange;
import amberlens.core.motion.curve.Resizing;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import java.util.Collections;
import java.util.Set;
import java.util.TreeSet;

/**
 * Keys taken from a camera, to be pasted elsewhere.
 *
 * @param what how much was copied
 * @param camera holds the copied keys; their first frame is 0
 * @param properties those that were copied; the others of the camera mean nothing
 * @param origin the frame of the first key where it was copied
 * @param picture source pixels of the picture they were made for
 * @param frame frame pixels
 * @param inset whether they are all of the move of an inset, which need not fill the frame
 */
public record KeyClip(
        What what,
        CameraTrack camera,
        Set<Property<?>> properties,
        int origin,
        Size picture,
        Size frame,
        boolean inset) {
    /** How much was copied. */
    public enum What {
        KEYS("keys"),
        FRAMING("framing"),
        /** All properties of the pose, constants too, and whatever else has keys. */
        MOVE("move");

        private final String word;

        What(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** Of no inset. */
    public KeyClip(What what, CameraTrack camera, Set<Property<?>> properties, int origin, Size picture, Size frame) {
        this(what, camera, properties, origin, picture, frame, false);
    }

    public KeyClip {
        properties = Collections.unmodifiableSet(new TreeSet<>(properties));
    }

    /** Copies keys. */
    public static KeyClip of(What what, CameraTrack camera, KeySet keys, Size picture, Size frame) {
        Set<Property<?>> properties = new TreeSet<>(what == What.MOVE ? Properties.OF_MOVE : Set.of());
        keys.lanes().forEach(lane -> properties.add(lane.property()));
        CameraTrack kept = camera;
        int origin = keys.first();
        for (var lane : camera.lanes()) {
            kept = kept.map(lane, new ChannelChange() {
                @Override
                public <V> Channel<V> apply(Channel<V> channel) {
                    return channel.withKeys(
                            channel.keys().stream()
                                    .filter(key -> keys.contains(lane, key.at()))
                                    .map(key -> key.withAt(key.at() - origin))
                                    .toList(),
                            channel.keys().isEmpty()
                                    ? channel.constant()
                                    : channel.keys().getFirst().value());
                }
            });
        }
        return new KeyClip(what, kept, properties, origin, picture, frame);
    }

    /**
     * The clip for a picture or frame of another size with the same look: positions keep their place in the frame, anchors
     * their place in the picture, and scales their relation to the scale that just fills the frame.
     */
    public KeyClip fitted(Size newPicture, Size newFrame) {
        var to = new Resizing(picture, newPicture, frame, newFrame);
        CameraTrack fitted = camera.carried(to);
        return new KeyClip(what, fitted, properties, origin, newPicture, newFrame, inset);
    }

    /** The same, of an inset or not; only a whole move says what its shot is. */
    public KeyClip withInset(boolean isInset) {
        return new KeyClip(what, camera, properties, origin, picture, frame, isInset && what == What.MOVE);
    }

    /** Whether picture or frame have another size, so that look and numbers cannot both stay. */
    public boolean needsFitting(Size newPicture, Size newFrame) {
        return !newPicture.equals(picture) || !newFrame.equals(frame);
    }
}
