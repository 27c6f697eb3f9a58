package amberlens.desktop.shelf.panes;

/** What the Shelf holds, one behind the other. */
public enum ShelfTab {
    PICTURES("Shelf", "Shelf", "shelf"),
    MOVES("Moves", "Ready moves", "ready"),
    LOOKS("Looks", "Looks", "looks");

    private final String brief;
    private final String words;
    private final String tag;

    ShelfTab(String brief, String words, String tag) {
        this.brief = brief;
        this.words = words;
        this.tag = tag;
    }

    /** In one word. */
    String brief() {
        return brief;
    }

    public String words() {
        return words;
    }

    /** For the names of its parts. */
    public String tag() {
        return tag;
    }
}
