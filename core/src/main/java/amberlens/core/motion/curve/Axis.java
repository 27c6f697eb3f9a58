package amberlens.core.motion.curve;

/** Which numbers of a property a lane holds. */
public enum Axis {
    /** The whole value: the axes share their keys. */
    LINKED(""),
    X("x"),
    Y("y");

    private final String word;

    Axis(String word) {
        this.word = word;
    }

    /** "x", "y", or nothing. */
    public String word() {
        return word;
    }
}
