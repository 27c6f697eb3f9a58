package amberlens.desktop.shell.firstmove;

/** The steps of a first move. */
enum Step {
    PICTURE("Add a picture", "Drop one on the Shelf, or add one with %s. Its full resolution is kept.", "media.add"),
    SHOT("Make a shot of it", "Double-click it on the Shelf, or press Enter there, or drag it into the Line-up.", ""),
    START(
            "Frame the beginning",
            "Drag the amber gate on the Table to what is seen first; its corners make it larger or smaller.",
            ""),
    END(
            "Frame the end",
            "Go to the last frame with %s and drag the gate to what is seen last. The start is kept as the first framing.",
            "go.last"),
    PLAY(
            "View",
            "Play it with %s. That is a move; the Edges strip below says whether it shows an edge.",
            "play.toggle");

    private final String title;
    private final String words;
    private final String action;

    Step(String title, String words, String action) {
        this.title = title;
        this.words = words;
        this.action = action;
    }

    String title() {
        return title;
    }

    /** What to do, with a place for the keys of {@link #action()}. */
    String words() {
        return words;
    }

    /** The action that does it or is a part of it; empty for none. */
    String action() {
        return action;
    }
}
