package amberlens.core.motion.property;

import amberlens.core.motion.pose.Depth;

/**
 * A property of how a picture leans out of the frame's plane.
 *
 * @param <V> the type of its values
 */
public final class DepthProperty<V> extends PoseProperty<V> {
    private final Change<V> change;

    /** A depth with another value. */
    @FunctionalInterface
    interface Change<V> {
        public Depth with(Depth depth, V value);
    }

    /** Its value in a depth. */
    @FunctionalInterface
    interface Value<V> {
        V of(Depth depth);
    }

    DepthProperty(PropertyBuilder<V> from, Value<V> value, Change<V> change) {
        this(from, pose -> value.of(pose.depth()), (pose, to) -> pose.withDepth(change.with(pose.depth(), to)), change);
    }

    private DepthProperty(PropertyBuilder<V> from, Getter<V> getter, Setter<V> setter, Change<V> change) {
        super(from, getter, setter, setter);
        this.change = change;
    }

    public Depth with(Depth depth, V value) {
        return change.with(depth, value);
    }
}
