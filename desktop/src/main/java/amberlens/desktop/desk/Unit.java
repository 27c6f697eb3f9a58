package amberlens.desktop.desk;

import amberlens.core.geometry.Size;
import amberlens.core.motion.Property;
import java.util.Arrays;
import java.util.List;

/** A unit in which the numbers of a property can be shown and typed. The project always holds the first of each property. */
public enum Unit {
    SCALE_OF_SOURCE(Property.SCALE, "%", "% of the source pixels"),
    SCALE_OF_FILL(Property.SCALE, "% fill", "% of the scale that just fills the frame"),
    POSITION_PIXELS(Property.POSITION, "px", "frame pixels"),
    POSITION_PERCENT(Property.POSITION, "%", "% of the frame"),
    DEGREES(Property.ROTATION, "°", "degrees"),
    ANCHOR_PIXELS(Property.ANCHOR, "px", "source pixels"),
    ANCHOR_PERCENT(Property.ANCHOR, "%", "% of the picture"),
    OPACITY(Property.OPACITY, "%", "% opaque"),
    SPEED(Property.SPEED, "%", "% of the footage's own speed");

    private final Property property;
    private final String sign;
    private final String words;

    Unit(Property property, String sign, String words) {
        this.property = property;
        this.sign = sign;
        this.words = words;
    }

    public Property property() {
        return property;
    }

    /** What stands behind the number. */
    public String sign() {
        return sign;
    }

    public String words() {
        return words;
    }

    static Unit usual(Property property) {
        return all(property).getFirst();
    }

    /** The units of a property. */
    public static List<Unit> all(Property property) {
        return Arrays.stream(values()).filter(unit -> unit.property == property).toList();
    }

    /**
     * How much of the project's own unit one of these is.
     *
     * @param part 0 for the horizontal or only number, 1 for the vertical one
     */
    private double factor(int part, Size picture, Size frame) {
        return switch (this) {
            case SCALE_OF_SOURCE, POSITION_PIXELS, DEGREES, ANCHOR_PIXELS, OPACITY, SPEED -> 1;
            case SCALE_OF_FILL ->
                Math.max((double) frame.width() / picture.width(), (double) frame.height() / picture.height());
            case POSITION_PERCENT -> (part == 0 ? frame.width() : frame.height()) / 100.0;
            case ANCHOR_PERCENT -> (part == 0 ? picture.width() : picture.height()) / 100.0;
        };
    }

    /** From the project's number to the one shown. */
    public double shown(double value, int part, Size picture, Size frame) {
        return value / factor(part, picture, frame);
    }

    /** From the number shown to the project's. */
    public double held(double shown, int part, Size picture, Size frame) {
        return shown * factor(part, picture, frame);
    }
}
