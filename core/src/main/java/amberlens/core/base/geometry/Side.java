package amberlens.core.base.geometry;

/** The four sides of a picture or frame, as seen unturned. */
public enum Side {
    LEFT("left"),
    RIGHT("right"),
    TOP("top"),
    BOTTOM("bottom");

    private final String word;

    Side(String word) {
        this.word = word;
    }

    /** The side in plain words, in lower case. */
    public String word() {
        return word;
    }
}
