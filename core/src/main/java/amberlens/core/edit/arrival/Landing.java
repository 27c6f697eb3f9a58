package amberlens.core.edit.arrival;

/** How something comes to rest at its place. */
public enum Landing {
    /** Fast at first and long in arriving. */
    SOFT("soft"),
    /** Faster and faster, until it is there. */
    FIRM("firm"),
    /** As firm, and a little back once. */
    BOUNCE("with a small bounce");

    private final String words;

    Landing(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
