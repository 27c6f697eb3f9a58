package amberlens.core.motion;

/** The four properties of a camera, in the order in which people read them. */
public enum Property {
    SCALE("Scale", "%"),
    POSITION("Position", "px"),
    ROTATION("Rotation", "°"),
    ANCHOR("Anchor", "px");

    private final String word;
    private final String unit;

    Property(String word, String unit) {
        this.word = word;
        this.unit = unit;
    }

    public String word() {
        return word;
    }

    public String unit() {
        return unit;
    }
}
