package amberlens.core.time;

/**
 * A closed run of frames: both ends belong to it.
 *
 * @param from first frame
 * @param to last frame, not before {@code from}
 */
public record FrameSpan(int from, int to) {
    public FrameSpan {
        if (to < from) {
            throw new IllegalArgumentException("a span ends at or after its start, not " + from + " to " + to);
        }
    }

    /** How many frames the span holds, at least 1. */
    public int length() {
        return to - from + 1;
    }

    /** Whether the frame belongs to the span. */
    public boolean contains(int frame) {
        return frame >= from && frame <= to;
    }

    /** The frame of the span nearest to the given one. */
    public int clamp(int frame) {
        return Math.clamp(frame, from, to);
    }
}
