package amberlens.core.material.layering;

import amberlens.core.base.colour.Colour;
import amberlens.core.motion.curve.Leg;
import java.util.Optional;

/**
 * How a shot comes or goes over some of its frames.
 *
 * @param frames at least 1
 * @param leg how it runs: linear or a curve; hold and smooth run linearly
 * @param through the colour that it comes from or goes to; empty for what lies below
 */
public record Fade(int frames, Leg leg, Optional<Colour> through) {
    public Fade {
        if (frames < 1 || frames > 1_000_000) {
            throw new IllegalArgumentException("a fade takes 1 to 1000000 frames, not " + frames);
        }
    }

    /** From or to what lies below. */
    public static Fade over(int frames) {
        return new Fade(frames, Leg.LINEAR, Optional.empty());
    }

    /** From or to a colour. */
    public static Fade through(Colour colour, int frames) {
        return new Fade(frames, Leg.LINEAR, Optional.of(colour));
    }

    public Fade withFrames(int newFrames) {
        return new Fade(newFrames, leg, through);
    }

    public Fade withLeg(Leg newLeg) {
        return new Fade(frames, newLeg, through);
    }

    /**
     * How much of the shot shows in one of the fade's frames, above 0 and below 1: frame 0 already shows something of it, and the
     * frame after the last one all of it.
     *
     * @param frame from the fully faded end, 0 … frames − 1, also between two; beyond it everything shows
     */
    public double shown(double frame) {
        if (frame >= frames) {
            return 1;
        }
        double time = (frame + 1.0) / (frames + 1.0);
        return leg instanceof Leg.Curve curve ? Math.clamp(curve.timing().progress(time), 0, 1) : time;
    }
}
