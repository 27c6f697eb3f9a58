package amberlens.desktop.shelf.panes;

/** What the Shelf holds, one behind the other. */
public enum ShelfTab {
    PICTURES("Shelf", "shelf"),
    MOVES("Ready moves", "ready"),
    LOOKS("Looks", "looks");

    private final String words;
    private final String tag;

    ShelfTab(String words, String tag) {
        this.words = words;
        this.tag = tag;
    }

    public String words() {
        return words;
    }

    /** For the names of its parts. */
    public String tag() {
        return tag;
    }
}
