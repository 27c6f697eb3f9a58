package amberlens.core.base.geometry;

/** The four corners of a frame, clockwise from the top left. */
public enum Corner {
    UPPER_LEFT("upper left", 0, 0),
    UPPER_RIGHT("upper right", 1, 0),
    LOWER_RIGHT("lower right", 1, 1),
    LOWER_LEFT("lower left", 0, 1);

    private final String words;
    private final int right;
    private final int down;

    Corner(String words, int right, int down) {
        this.words = words;
        this.right = right;
        this.down = down;
    }

    /** The corner in plain words, in lower case. */
    public String words() {
        return words;
    }

    /** Where this corner of a frame of the given size lies, in frame pixels. */
    public FramePoint of(Size frame) {
        return new FramePoint(right * (double) frame.width(), down * (double) frame.height());
    }

    /** The corner across the frame. */
    public Corner opposite() {
        return values()[(ordinal() + 2) % 4];
    }
}
