package amberlens.core.edges;

import amberlens.core.motion.CameraTrack;

/** What came of closing the open edges of a take. */
public sealed interface SealResult {
    /** No edge was open: nothing changes. */
    record AlreadySealed() implements SealResult {}

    /**
     * A move that was verified frame by frame to leave no edge open.
     *
     * @param camera the new move
     * @param factor the largest factor by which a scale grew, above 1
     * @param enlargement the new greatest enlargement, per cent
     */
    record Sealed(CameraTrack camera, double factor, double enlargement) implements SealResult {}

    /**
     * It cannot be done; the move stays as it is.
     *
     * @param frame the frame that stands in the way
     * @param reason one plain sentence: why, and what would make it possible
     */
    record Refused(int frame, String reason) implements SealResult {}
}
