package amberlens.core.keys;

import amberlens.core.geometry.Size;
import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.Properties;

/** A whole move brought to a picture of another size. */
public final class Carrying {
    private Carrying() {}

    /** The move with the same look: framings keep their relation to the frame and the picture. Opacity and speed stay. */
    public static CameraTrack fitted(CameraTrack camera, Size from, Size to, Size frame) {
        return new KeyClip(KeyClip.What.MOVE, camera, Properties.OF_MOVE, 0, from, frame)
                .fitted(to, frame)
                .camera();
    }
}
