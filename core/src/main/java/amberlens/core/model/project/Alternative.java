package amberlens.core.model.project;

import amberlens.core.base.extras.Extras;
import amberlens.core.motion.camera.CameraTrack;

/**
 * Another version of a shot's move, kept beside the one that is used.
 *
 * @param name not blank
 */
public record Alternative(String name, CameraTrack camera, Extras extras) {
    public Alternative {
        if (name.isBlank()) {
            throw new IllegalArgumentException("a version of a move needs a name");
        }
    }

    public Alternative(String name, CameraTrack camera) {
        this(name, camera, Extras.NONE);
    }

    public Alternative withCamera(CameraTrack other) {
        return new Alternative(name, other, extras);
    }
}
