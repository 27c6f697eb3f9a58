package amberlens.core.material.sound;

import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Lane;
import java.util.Set;

/** The level of a clip as something whose keys are handled as all keys are: a track with one lane, beside a pose that means nothing. */
public final class LevelTrack {
    /** Where the keys are. */
    public static final Lane LANE = Lane.of(Level.PROPERTY);

    private static final Size ANY = new Size(2, 2);
    private static final CameraTrack STILL = CameraTrack.still(Pose.neutral(ANY, ANY));

    private LevelTrack() {}

    public static CameraTrack of(Channel<Double> level) {
        return STILL.with(Level.PROPERTY, level);
    }

    public static Channel<Double> level(CameraTrack track) {
        return track.get(Level.PROPERTY);
    }

    /** Those of some frames that have keys. */
    public static KeySet keys(CameraTrack track, Set<Integer> frames) {
        return KeySet.where(track, key -> key.lane().equals(LANE) && frames.contains(key.at()));
    }
}
