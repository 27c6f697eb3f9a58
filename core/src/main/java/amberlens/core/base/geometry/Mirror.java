package amberlens.core.base.geometry;

/** Whether a picture is shown as in a mirror. */
public enum Mirror {
    NONE("none", false, false),
    HORIZONTAL("horizontal", true, false),
    VERTICAL("vertical", false, true),
    BOTH("both", true, true);

    private final String word;
    private final boolean across;
    private final boolean down;

    Mirror(String word, boolean across, boolean down) {
        this.word = word;
        this.across = across;
        this.down = down;
    }

    public String word() {
        return word;
    }

    /** Whether left and right change places. */
    public boolean across() {
        return across;
    }

    /** Whether top and bottom change places. */
    public boolean down() {
        return down;
    }

    public static Mirror of(boolean across, boolean down) {
        return across ? down ? BOTH : HORIZONTAL : down ? VERTICAL : NONE;
    }

    /** From the pixels of a picture to those of its mirrored self. */
    public ProjectiveMap of(Size picture) {
        return new ProjectiveMap(
                across ? -1 : 1,
                0,
                across ? picture.width() : 0,
                0,
                down ? -1 : 1,
                down ? picture.height() : 0,
                0,
                0,
                1);
    }

    /** Where a part of a picture lies in the mirrored picture. */
    public PictureArea of(PictureArea area, Size picture) {
        return new PictureArea(
                across ? picture.width() - area.left() - area.size().width() : area.left(),
                down ? picture.height() - area.top() - area.size().height() : area.top(),
                area.size());
    }
}
