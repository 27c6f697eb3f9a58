package amberlens.core.material.planes;

/**
 * What takes the place of a plane in what lies behind it. As far as it reaches, a frame may see it; beyond, there is nothing to see.
 *
 * @param reach how deep behind the plane's edge, in source pixels; without a filling 0
 * @param byX where a copy from beside is taken from, in source pixels to the right
 * @param byY likewise downwards
 */
public record Fill(Kind kind, double reach, double byX, double byY) {
    /** How it is made. */
    public enum Kind {
        /** Nothing is made: the plane may not move off its place. */
        NONE("nothing"),
        /** The colours around it run into each other, softly. */
        SPREAD("a soft spread"),
        /** What is around it goes on behind it. */
        CONTINUE("what is around it"),
        /** A copy of the picture from beside; where that has nothing to give, what is around it. */
        BESIDE("a copy from beside");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** What it is filled with, for people. */
        public String words() {
            return words;
        }
    }

    /** The deepest reach, which is always deep enough. */
    public static final double DEEPEST = 1_000_000;

    public static final Fill NONE = new Fill(Kind.NONE, 0, 0, 0);

    public Fill {
        if (!(reach >= 0 && reach <= DEEPEST)) {
            throw new IllegalArgumentException("a filling reaches 0 to " + (long) DEEPEST + " pixels, not " + reach);
        }
        if (!(Math.abs(byX) <= DEEPEST && Math.abs(byY) <= DEEPEST)) {
            throw new IllegalArgumentException("a copy is taken from within the picture, not " + byX + ", " + byY);
        }
        if (kind == Kind.NONE && reach > 0) {
            throw new IllegalArgumentException("where nothing is filled, nothing reaches");
        }
    }

    /** As deep as it can be asked for: no frame sees beyond it. */
    public static Fill whole(Kind kind) {
        return new Fill(kind, DEEPEST, 0, 0);
    }

    public Fill withReach(double pixels) {
        return kind == Kind.NONE ? this : new Fill(kind, pixels, byX, byY);
    }

    /** Made in another way, as deep as before. */
    public Fill withKind(Kind other, double usualReach) {
        double depth = other == Kind.NONE ? 0 : kind == Kind.NONE ? usualReach : reach;
        return new Fill(other, depth, byX, byY);
    }

    public Fill from(double x, double y) {
        return new Fill(kind, reach, x, y);
    }
}
