package amberlens.core.material.footage;

/**
 * The part of its footage that a shot uses, beside its speed.
 *
 * @param in the place of the footage at the shot's frame 0; fractional after a cut of retimed footage
 * @param conversion how places between two frames are shown
 * @param tied whether the move goes along when the footage is moved under it
 */
public record Source(double in, Conversion conversion, boolean tied) {
    /** From the first frame. */
    public static final Source WHOLE = new Source(0, Conversion.NEAREST, false);

    /** How a place between two frames of footage is shown. */
    public enum Conversion {
        NEAREST("nearest frame"),
        BLEND("blend of two frames");

        private final String words;

        Conversion(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Source {
        if (!(Math.abs(in) <= 1e9)) {
            throw new IllegalArgumentException("footage begins at a finite place, not at " + in);
        }
    }

    public Source withIn(double place) {
        return new Source(place, conversion, tied);
    }

    public Source withConversion(Conversion how) {
        return new Source(in, how, tied);
    }

    public Source withTied(boolean goesAlong) {
        return new Source(in, conversion, goesAlong);
    }
}
