package amberlens.core.motion.property;

import amberlens.core.motion.pose.Pose;

/**
 * A property that is part of a pose.
 *
 * @param <V> the type of its values
 */
public class PoseProperty<V> extends Property<V> {
    private final Getter<V> getter;
    private final Setter<V> plain;
    private final Setter<V> setter;

    /** Its value in a pose. */
    @FunctionalInterface
    interface Getter<V> {
        V of(Pose pose);
    }

    /** A pose with another value, as a hand sets it. */
    @FunctionalInterface
    interface Setter<V> {
        Pose with(Pose pose, V value);
    }

    PoseProperty(PropertyBuilder<V> from, Getter<V> getter, Setter<V> plain, Setter<V> setter) {
        super(from);
        this.plain = plain;
        this.getter = getter;
        this.setter = setter;
    }

    public V of(Pose pose) {
        return getter.of(pose);
    }

    /** A pose with another value and everything else as it is. */
    public Pose put(Pose pose, V value) {
        return plain.with(pose, value);
    }

    /** A pose with another value, as a hand sets it: an anchor moves and leaves the picture where it is. */
    public Pose with(Pose pose, V value) {
        return setter.with(pose, value);
    }
}
