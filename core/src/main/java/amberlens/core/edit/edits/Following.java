package amberlens.core.edit.edits;

import amberlens.core.base.time.FrameSpan;
import amberlens.core.motion.camera.CameraTrack;
import java.util.List;
import java.util.OptionalDouble;

/**
 * What following a subject came to.
 *
 * @param camera the move
 * @param keys how many keys its position has; 0 when one place is enough
 * @param limited the runs of frames in which the picture ends before the subject is at its place
 * @param furthest how far from its place the subject is at most in those, in frame pixels
 * @param closerBy by what factor the camera has to be closer for it to have room everywhere; empty where it has, or nothing would do
 * @param unsure how many frames it was guessed in
 */
public record Following(
        CameraTrack camera, int keys, List<FrameSpan> limited, double furthest, OptionalDouble closerBy, int unsure) {
    public Following {
        limited = List.copyOf(limited);
    }
}
