package amberlens.core.motion.curve;

import amberlens.core.base.extras.Extras;

/**
 * A value at a frame, with the leg to the next key.
 *
 * @param at frames from the shot's first frame; may lie beyond the cut when a trim left it there
 * @param value what the property is at that frame
 * @param leg how the value travels to the next key; without meaning on the last one
 * @param even whether a scale grows by equal ratios in equal parts of the leg, see {@link EvenZoom}
 * @param handles the bend of the path at this key; only positions use it
 * @param extras unknown members of the file
 */
public record Key<V>(int at, V value, Leg leg, boolean even, PathHandles handles, Extras extras) {
    /** A key with a straight path. */
    public static <V> Key<V> of(int at, V value, Leg leg) {
        return new Key<>(at, value, leg, false, PathHandles.STRAIGHT, Extras.NONE);
    }

    public Key<V> withAt(int newAt) {
        return new Key<>(newAt, value, leg, even, handles, extras);
    }

    /** This key with another value, which may be of another type. */
    public <W> Key<W> withValue(W newValue) {
        return new Key<>(at, newValue, leg, even, handles, extras);
    }

    public Key<V> withLeg(Leg newLeg) {
        return new Key<>(at, value, newLeg, even, handles, extras);
    }

    public Key<V> withEven(boolean newEven) {
        return new Key<>(at, value, leg, newEven, handles, extras);
    }

    public Key<V> withHandles(PathHandles newHandles) {
        return new Key<>(at, value, leg, even, newHandles, extras);
    }
}
