package amberlens.core.motion;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/** What can be keyed in a shot, in the order in which people read it: the four properties of its camera, then those of its layer. */
public enum Property {
    SCALE("Scale", "%"),
    POSITION("Position", "px"),
    ROTATION("Rotation", "°"),
    ANCHOR("Anchor", "px"),
    /** How much of what lies below the shot's picture hides. */
    OPACITY("Opacity", "%"),
    /** How fast footage runs; 0 freezes it and negative speeds run it backwards. */
    SPEED("Speed", "%");

    /** The properties that make a pose. */
    public static final Set<Property> OF_POSE = Collections.unmodifiableSet(EnumSet.range(SCALE, ANCHOR));

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

    /** Whether its values are made of a horizontal and a vertical number. */
    public boolean paired() {
        return this == SCALE || this == POSITION || this == ANCHOR;
    }
}
