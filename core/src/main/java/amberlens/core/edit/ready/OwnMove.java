package amberlens.core.edit.ready;

import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.keys.Carrying;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.keys.KeyShift;
import amberlens.core.motion.keys.MoveLength;

/**
 * A move that somebody has made and kept, to be used like a ready move.
 *
 * @param name not blank
 * @param camera for the picture and the length it was made for
 * @param picture source pixels
 * @param frame frame pixels
 * @param length frames
 */
public record OwnMove(String name, CameraTrack camera, Size picture, Size frame, int length) {
    public OwnMove {
        if (name.isBlank() || length < 1) {
            throw new IllegalArgumentException("a kept move has a name and at least one frame");
        }
    }

    /** The move with the same look on another picture, stretched to another length, and sealed. */
    public ReadyMoves.Made make(Stage stage) {
        CameraTrack fitted = Carrying.fitted(camera, picture, stage.picture(), stage.frame());
        CameraTrack stretched = MoveLength.stretched(fitted, length, stage.length());
        int first = KeySet.all(stretched).first();
        return ReadyMoves.sealed(first < 0 ? KeyShift.of(stretched, -first) : stretched, stage);
    }
}
