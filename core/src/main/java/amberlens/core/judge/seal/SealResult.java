package amberlens.core.judge.seal;

import amberlens.core.base.geometry.Side;
import amberlens.core.motion.camera.CameraTrack;
import java.util.Optional;
import java.util.OptionalInt;

/** What came of closing the open edges of a take. */
public sealed interface SealResult {
    /** No edge was open: nothing changes. */
    record AlreadySealed() implements SealResult {}

    /**
     * A move that was verified frame by frame to leave no edge open.
     *
     * @param camera the new move
     * @param cost how much it differs from the old one
     * @param addedKey the frame of the one key that was added; empty for none
     */
    record Sealed(CameraTrack camera, SealCost cost, OptionalInt addedKey) implements SealResult {}

    /**
     * It cannot be done; the move stays as it is.
     *
     * @param frame the frame that stands in the way
     * @param side the side that stays open there; empty when no single one does
     * @param reason one plain sentence: why, and what would make it possible
     */
    record Refused(int frame, Optional<Side> side, String reason) implements SealResult {}
}
