package amberlens.core.motion.curve;

import java.util.Arrays;
import java.util.Optional;

/**
 * The stock legs a person chooses by name.
 *
 * <p>"Gentle leave" starts slowly, "gentle arrive" ends slowly. The curves are the keywords of W3C <em>CSS Easing
 * Functions Level 1</em> with these effects; the fast start is our own.
 */
public enum Ease {
    HOLD("hold", Leg.HOLD),
    LINEAR("linear", Leg.LINEAR),
    GENTLE_LEAVE("gentle leave", new Leg.Curve(new TimingCurve(0.42, 0, 1, 1))),
    GENTLE_ARRIVE("gentle arrive", new Leg.Curve(new TimingCurve(0, 0, 0.58, 1))),
    GENTLE_BOTH("gentle both ends", new Leg.Curve(new TimingCurve(0.42, 0, 0.58, 1))),
    SMOOTH("smooth", Leg.SMOOTH),
    /** Away at once and long in arriving, as a hand that throws something to its place. */
    FAST_START("fast start", new Leg.Curve(TimingCurve.FAST_START));

    private final String words;
    private final Leg leg;

    Ease(String words, Leg leg) {
        this.words = words;
        this.leg = leg;
    }

    public String words() {
        return words;
    }

    public Leg leg() {
        return leg;
    }

    /** The stock ease that equals the leg, if one does. */
    public static Optional<Ease> of(Leg leg) {
        return Arrays.stream(values()).filter(ease -> ease.leg.equals(leg)).findFirst();
    }

    /** What a person calls the leg: the stock name, "flight" or "own curve". */
    public static String wordsFor(Leg leg) {
        return leg instanceof Leg.Flight ? "flight" : of(leg).map(Ease::words).orElse("own curve");
    }
}
