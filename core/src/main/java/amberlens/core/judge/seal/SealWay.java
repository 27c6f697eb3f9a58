package amberlens.core.judge.seal;

/** The ways to close open edges. */
public enum SealWay {
    LIFT("Lift", "one zoom factor on the whole move; every gate centre and ease stays"),
    SHIFT("Shift", "only the positions change; no zoom"),
    LEAST("Least change", "scale and position together, changed as little as will do");

    private final String words;
    private final String explained;

    SealWay(String words, String explained) {
        this.words = words;
        this.explained = explained;
    }

    public String words() {
        return words;
    }

    /** What it does, in half a sentence. */
    public String explained() {
        return explained;
    }
}
