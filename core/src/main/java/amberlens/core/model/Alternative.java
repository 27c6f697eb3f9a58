package amberlens.core.model;

import amberlens.core.motion.CameraTrack;

/**
 * Another version of a shot's move, kept beside the one that is used.
 *
 * @param name not blank
 */
public record Alternative(String name, CameraTrack camera) {
    public Alternative {
        if (name.isBlank()) {
            throw new IllegalArgumentException("a version of a move needs a name");
        }
    }
}
