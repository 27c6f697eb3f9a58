package amberlens.core.motion.keys;

import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.property.Properties;

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
