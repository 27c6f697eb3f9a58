package amberlens.core.model.lineup;

/** What a change of one shot means for the others of its track. */
public enum Laying {
    RIPPLE("ripple: later shots move along"),
    OVERWRITE("overwrite: the others stay and are cut");

    private final String words;

    Laying(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
