package amberlens.core.keys;

import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.PicturePoint;
import amberlens.core.geometry.Size;
import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.Channel;
import amberlens.core.motion.PathHandles;
import amberlens.core.motion.Property;
import java.util.EnumSet;
import java.util.Set;

/**
 * Keys taken from a camera, to be pasted elsewhere.
 *
 * @param what how much was copied
 * @param camera holds the copied keys; their first frame is 0
 * @param properties those that were copied; the others of the camera mean nothing
 * @param origin the frame of the first key where it was copied
 * @param picture source pixels of the picture they were made for
 * @param frame frame pixels
 */
public record KeyClip(What what, CameraTrack camera, Set<Property> properties, int origin, Size picture, Size frame) {
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

    public KeyClip {
        properties = Set.copyOf(properties);
    }

    /** Copies keys. */
    public static KeyClip of(What what, CameraTrack camera, KeySet keys, Size picture, Size frame) {
        Set<Property> properties =
                what == What.MOVE ? EnumSet.copyOf(Property.OF_POSE) : EnumSet.noneOf(Property.class);
        keys.lanes().forEach(lane -> properties.add(lane.property()));
        CameraTrack kept = camera;
        int origin = keys.first();
        for (var lane : camera.lanes()) {
            kept = kept.map(lane, new CameraTrack.ChannelChange() {
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
        double frameX = (double) newFrame.width() / frame.width();
        double frameY = (double) newFrame.height() / frame.height();
        double pictureX = (double) newPicture.width() / picture.width();
        double pictureY = (double) newPicture.height() / picture.height();
        double scale = filling(newPicture, newFrame) / filling(picture, frame);
        var fitted = camera.withScale(camera.scale().mapValues(value -> value.times(scale)))
                .withPosition(camera.position()
                        .mapValues(p -> new FramePoint(p.x() * frameX, p.y() * frameY))
                        .mapBends(bend -> new PathHandles(
                                new FramePoint(bend.in().x() * frameX, bend.in().y() * frameY),
                                new FramePoint(
                                        bend.out().x() * frameX, bend.out().y() * frameY))))
                .withAnchor(camera.anchor().mapValues(a -> new PicturePoint(a.x() * pictureX, a.y() * pictureY)));
        return new KeyClip(what, fitted, properties, origin, newPicture, newFrame);
    }

    private static double filling(Size picture, Size frame) {
        return Math.max((double) frame.width() / picture.width(), (double) frame.height() / picture.height());
    }

    /** Whether picture or frame have another size, so that look and numbers cannot both stay. */
    public boolean needsFitting(Size newPicture, Size newFrame) {
        return !newPicture.equals(picture) || !newFrame.equals(frame);
    }
}
