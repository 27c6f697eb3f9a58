package amberlens.core.motion;

import java.util.Comparator;

/** What has keys of its own: a property of an owner, or one axis of a property whose axes are unlinked. */
public record Lane(Owner owner, Property<?> property, Axis axis) implements Comparable<Lane> {
    private static final Comparator<Lane> ORDER = Comparator.comparing(Lane::owner)
            .thenComparing(Comparator.<Lane, Property<?>>comparing(Lane::property))
            .thenComparing(Lane::axis);

    /** A lane of a shot's camera. */
    public Lane(Property<?> property, Axis axis) {
        this(Owner.CAMERA, property, axis);
    }

    /** A lane of a shot's camera whose axes are linked. */
    public static Lane of(Property<?> property) {
        return new Lane(property, Axis.LINKED);
    }

    /** For example "Scale" or "Position x". */
    public String words() {
        return axis == Axis.LINKED ? property.word() : property.word() + " " + axis.word();
    }

    /** For example "scale" or "position-x". */
    public String id() {
        String own = axis == Axis.LINKED ? property.id() : property.id() + "-" + axis.word();
        return owner.equals(Owner.CAMERA) ? own : owner.id() + "-" + own;
    }

    @Override
    public int compareTo(Lane other) {
        return ORDER.compare(this, other);
    }
}
