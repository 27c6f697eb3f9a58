package amberlens.core.footage;

import amberlens.core.time.FrameRate;

/**
 * How long footage is.
 *
 * @param rate of the footage itself
 * @param frames at least 1
 */
public record Footage(FrameRate rate, int frames) {
    public Footage {
        if (frames < 1) {
            throw new IllegalArgumentException("footage has at least one frame, not " + frames);
        }
    }

    /** The last frame. */
    public int last() {
        return frames - 1;
    }

    /** How many frames at another rate last as long, at least 1. */
    public int framesAt(FrameRate other) {
        long numerator = (long) other.numerator() * rate.denominator();
        long denominator = (long) other.denominator() * rate.numerator();
        return Math.clamp(Math.round((double) frames * numerator / denominator), 1, Integer.MAX_VALUE);
    }
}
