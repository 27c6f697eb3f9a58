package amberlens.core.motion;

/** How a value travels from one key to the next. */
public sealed interface Leg {
    /** The steady leg, which is also the one of a key that names none. */
    Leg LINEAR = new Linear();

    /** Stand still until the next key. */
    Leg HOLD = new Hold();

    /** Continuous speed through the neighbouring keys. */
    Leg SMOOTH = new Smooth();

    /** The value of the left key until the next key's frame. */
    record Hold() implements Leg {}

    /** Steady speed. */
    record Linear() implements Leg {}

    /** The speed follows a timing curve. */
    record Curve(TimingCurve timing) implements Leg {}

    /** A monotone cubic through the neighbouring keys; see {@link MonotoneCubic}. */
    record Smooth() implements Leg {}
}
