package amberlens.core.motion.property;

import amberlens.core.motion.curve.Axis;
import java.util.Comparator;

/** What has keys of its own: a property, or one axis of a property whose axes are unlinked. */
public record Lane(Property<?> property, Axis axis) implements Comparable<Lane> {
    private static final Comparator<Lane> ORDER =
            Comparator.<Lane, Property<?>>comparing(Lane::property).thenComparing(Lane::axis);

    /** A lane of a property whose axes are linked. */
    public static Lane of(Property<?> property) {
        return new Lane(property, Axis.LINKED);
    }

    /** Whose it is. */
    public Owner owner() {
        return property.owner();
    }

    /** For example "Scale" or "Position x". */
    public String words() {
        return axis == Axis.LINKED ? property.word() : property.word() + " " + axis.word();
    }

    /** For example "scale", "position-x" or "tone-1-exposure". */
    public String id() {
        String own = axis == Axis.LINKED ? property.id() : property.id() + "-" + axis.word();
        return owner().equals(Owner.CAMERA) ? own : owner().id() + "-" + own;
    }

    @Override
    public int compareTo(Lane other) {
        return ORDER.compare(this, other);
    }
}
