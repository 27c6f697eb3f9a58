package amberlens.core.material.footage;

import amberlens.core.base.time.FrameRate;

/**
 * How long footage is.
 *
 * @param rate of the footage itself
 * @param frames 1 … {@value #MOST_FRAMES}
 */
public record Footage(FrameRate rate, int frames) {
    /** The longest that is taken: over a month at 30 frames per second. */
    public static final int MOST_FRAMES = 100_000_000;

    public Footage {
        if (frames < 1 || frames > MOST_FRAMES) {
            throw new IllegalArgumentException("footage has 1 to 100000000 frames, not " + frames);
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
