package amberlens.core.motion.keys;

/** What happens when moved keys meet keys that stand still. */
public enum Neighbours {
    /** The moved keys stop beside them. */
    STOP("Stop at neighbours"),
    /** They are pushed along, one frame apart. */
    PUSH("Push neighbours");

    private final String words;

    Neighbours(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
