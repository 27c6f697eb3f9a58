package amberlens.core.motion.curve;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * One property of the camera over time: a constant, or keys in ascending frames.
 *
 * @param kind how values are blended
 * @param constant the value while there are no keys, or while they are muted
 * @param keys sorted by frame, one per frame; empty for a constant. With unlinked axes: at every frame at which an axis has
 *     a key, for reading
 * @param muted whether the constant holds although there are keys
 * @param axes the axes when each has its own keys; then all changes go through them
 */
public record Channel<V>(ValueKind<V> kind, V constant, List<Key<V>> keys, boolean muted, Optional<Axes> axes) {
    /** The largest number that a value takes, to either side: beyond it nothing could be seen. */
    public static final double LARGEST = 1e9;

    public Channel {
        keys = List.copyOf(keys);
        check(kind, constant);
        for (Key<V> key : keys) {
            check(kind, key.value());
            if (!(key.handles().reach() <= LARGEST)) {
                throw new IllegalArgumentException("a handle is within 1000000000 pixels of its key");
            }
        }
        for (int i = 1; i < keys.size(); i++) {
            if (keys.get(i).at() <= keys.get(i - 1).at()) {
                throw new IllegalArgumentException("keys stand in ascending frames, but frame "
                        + keys.get(i).at() + " follows frame " + keys.get(i - 1).at());
            }
        }
    }

    private static <V> void check(ValueKind<V> kind, V value) {
        for (int part = 0; part < kind.parts(); part++) {
            if (!(Math.abs(kind.part(value, part)) <= LARGEST)) {
                throw new IllegalArgumentException(
                        "a number from -1000000000 to 1000000000 was expected, not " + kind.part(value, part));
            }
        }
    }

    /** Linked axes, not muted. */
    public Channel(ValueKind<V> kind, V constant, List<Key<V>> keys) {
        this(kind, constant, keys, false, Optional.empty());
    }

    /** A property that does not change. */
    public static <V> Channel<V> constant(ValueKind<V> kind, V value) {
        return new Channel<>(kind, value, List.of());
    }

    /**
     * A property with keys.
     *
     * @throws IllegalArgumentException when there are none, or two in one frame
     */
    public static <V> Channel<V> keyed(ValueKind<V> kind, List<Key<V>> keys) {
        if (keys.isEmpty()) {
            throw new IllegalArgumentException("an animated property has at least one key");
        }
        return new Channel<>(kind, keys.getFirst().value(), keys);
    }

    /** A property whose axes have keys of their own. */
    public static <V> Channel<V> unlinked(ValueKind<V> kind, Axes axes) {
        return new Channel<>(kind, axes.constant(kind), axes.together(kind), false, Optional.of(axes));
    }

    public boolean animated() {
        return !keys.isEmpty();
    }

    /** Whether a key bends the path. */
    public boolean bent() {
        return keys.stream().anyMatch(key -> !key.handles().equals(PathHandles.STRAIGHT));
    }

    /** The value at a frame, which may be fractional. */
    public V at(double frame) {
        if (keys.isEmpty() || muted) {
            return constant;
        }
        if (axes.isPresent()) {
            return axes.get().at(kind, frame);
        }
        int next = firstAfter(frame);
        if (next == 0) {
            return keys.getFirst().value();
        }
        if (next == keys.size()) {
            return keys.getLast().value();
        }
        return LegTravel.value(this, next - 1, frame);
    }

    /** The key exactly at the frame. */
    public Optional<Key<V>> keyAt(int frame) {
        int next = firstAfter(frame);
        return next > 0 && keys.get(next - 1).at() == frame ? Optional.of(keys.get(next - 1)) : Optional.empty();
    }

    /** The key whose leg covers the frame: the last one at or before it. */
    public Optional<Key<V>> keyBefore(double frame) {
        int next = firstAfter(frame);
        return next == 0 ? Optional.empty() : Optional.of(keys.get(next - 1));
    }

    /** The index of the first key after the frame; the number of keys when there is none. */
    public int firstAfter(double frame) {
        int low = 0;
        int high = keys.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (keys.get(middle).at() > frame) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return low;
    }

    /** This channel with other keys; without any it becomes a constant of the given value. */
    public Channel<V> withKeys(List<Key<V>> newKeys, V otherwise) {
        return newKeys.isEmpty() ? constant(kind, otherwise) : with(newKeys);
    }

    private Channel<V> with(List<Key<V>> newKeys) {
        if (axes.isPresent()) {
            throw new IllegalStateException("keys of unlinked axes are changed axis by axis");
        }
        return new Channel<>(kind, constant, newKeys, muted, axes);
    }

    /** This channel with the key put in; a key in the same frame gives way. */
    public Channel<V> withKey(Key<V> key) {
        var changed = new ArrayList<>(keys);
        int next = firstAfter(key.at());
        if (next > 0 && keys.get(next - 1).at() == key.at()) {
            changed.set(next - 1, key);
        } else {
            changed.add(next, key);
        }
        return with(changed);
    }

    /**
     * This channel with the value at the frame. A constant, or a muted channel, changes as a whole; otherwise an existing key
     * keeps its leg and changes its value, and a new key takes over the leg it divides. Unlinked axes change each on its own,
     * and only where the number is another one.
     */
    public Channel<V> withValueAt(int frame, V value) {
        if (at(frame).equals(value)) {
            return this;
        }
        if (!animated() || muted) {
            return withConstant(value);
        }
        if (axes.isPresent()) {
            return withAxes(new Axes(
                    axes.get().x().withValueAt(frame, kind.part(value, 0)),
                    axes.get().y().withValueAt(frame, kind.part(value, 1))));
        }
        Leg divided = keyBefore(frame).map(Key::leg).orElse(Leg.LINEAR);
        return withKey(keyAt(frame).map(key -> key.withValue(value)).orElseGet(() -> Key.of(frame, value, divided)));
    }

    private Channel<V> withConstant(V value) {
        if (axes.isPresent() && !muted) {
            return unlinked(
                    kind,
                    new Axes(
                            Channel.constant(ValueKinds.NUMBER, kind.part(value, 0)),
                            Channel.constant(ValueKinds.NUMBER, kind.part(value, 1))));
        }
        return new Channel<>(kind, value, keys, muted, axes);
    }

    /** This channel without the key at the frame; when the last key goes, its value stays as the constant. */
    public Channel<V> withoutKeyAt(int frame) {
        return withKeys(keys.stream().filter(key -> key.at() != frame).toList(), at(frame));
    }

    /**
     * This channel with every value, the constant too, changed by the function. On unlinked axes the function must treat
     * each number on its own.
     */
    public Channel<V> mapValues(UnaryOperator<V> change) {
        if (axes.isPresent()) {
            Axes pair = axes.get();
            V changed = change.apply(constant);
            return withAxes(new Axes(
                            pair.x().mapValues(x -> kind.part(change.apply(kind.with(constant, 0, x)), 0)),
                            pair.y().mapValues(y -> kind.part(change.apply(kind.with(constant, 1, y)), 1))))
                    .withMuted(muted, changed);
        }
        return new Channel<>(
                kind,
                change.apply(constant),
                keys.stream()
                        .map(key -> key.withValue(change.apply(key.value())))
                        .toList(),
                muted,
                axes);
    }

    /** This channel with every key changed by the function, which keeps the frames ascending. */
    public Channel<V> mapKeys(UnaryOperator<Key<V>> change) {
        return with(keys.stream().map(change).toList());
    }

    /** This channel with the bends of its path changed; unlinked axes have none. */
    public Channel<V> mapBends(UnaryOperator<PathHandles> change) {
        return bent() ? mapKeys(key -> key.withHandles(change.apply(key.handles()))) : this;
    }

    /** This channel with its keys put aside, or in force again, and the value that holds while they are aside. */
    public Channel<V> withMuted(boolean newMuted, V value) {
        return newMuted == muted && (!muted || value.equals(constant))
                ? this
                : new Channel<>(kind, newMuted ? value : constant, keys, newMuted, axes);
    }

    /** This channel with other axes. */
    public Channel<V> withAxes(Axes newAxes) {
        Channel<V> changed = unlinked(kind, newAxes);
        return muted ? changed.withMuted(true, constant) : changed;
    }

    /**
     * This channel with keys of its own for each axis, which does not change the move.
     *
     * @throws IllegalArgumentException when the path is bent, because a bend belongs to both axes
     */
    public Channel<V> unlinked() {
        if (axes.isPresent() || kind.parts() != 2) {
            return this;
        }
        if (bent()) {
            throw new IllegalArgumentException("the path is curved; make its legs straight before unlinking the axes");
        }
        return withAxes(Axes.apart(this));
    }

    /** This channel with shared keys for both axes: one wherever either had one. */
    public Channel<V> linked() {
        return axes.isEmpty() ? this : new Channel<>(kind, constant, keys, muted, Optional.empty());
    }

    /** This channel, which is unlinked, with both axes changed. */
    public Channel<V> mapAxes(UnaryOperator<Axes> change) {
        return withAxes(change.apply(axes.orElseThrow()));
    }

    /** Applies a change to the keys: to each axis on its own when they are unlinked. */
    public Channel<V> map(ChannelChange change) {
        return axes.map(pair -> withAxes(pair.map(change))).orElseGet(() -> change.apply(this));
    }
}
