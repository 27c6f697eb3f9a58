package amberlens.core.judge.aim;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;

/** The nine usual places of an anchor. */
public enum AnchorPlace {
    UPPER_LEFT("upper left", 0, 0),
    UPPER("upper side", 0.5, 0),
    UPPER_RIGHT("upper right", 1, 0),
    LEFT("left side", 0, 0.5),
    CENTRE("centre", 0.5, 0.5),
    RIGHT("right side", 1, 0.5),
    LOWER_LEFT("lower left", 0, 1),
    LOWER("lower side", 0.5, 1),
    LOWER_RIGHT("lower right", 1, 1);

    private final String words;
    private final double across;
    private final double down;

    AnchorPlace(String words, double across, double down) {
        this.words = words;
        this.across = across;
        this.down = down;
    }

    public String words() {
        return words;
    }

    /** Where it lies on a picture. */
    public PicturePoint on(Size picture) {
        return new PicturePoint(across * picture.width(), down * picture.height());
    }
}
