package amberlens.core.material.title;

/** To which side the lines of a title go, and from where it grows. */
public enum Align {
    LEFT(0),
    CENTRE(0.5),
    RIGHT(1);

    private final double part;

    Align(double part) {
        this.part = part;
    }

    /** How much of the room beside a line lies before it, 0 … 1. */
    public double part() {
        return part;
    }
}
