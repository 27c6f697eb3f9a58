package amberlens.core.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * One property of the camera over time: a constant, or keys in ascending frames.
 *
 * @param kind how values are blended
 * @param constant the value while there are no keys; otherwise the value it had before it was animated
 * @param keys sorted by frame, one per frame; empty for a constant
 */
public record Channel<V>(ValueKind<V> kind, V constant, List<Key<V>> keys) {
    public Channel {
        keys = List.copyOf(keys);
        for (int i = 1; i < keys.size(); i++) {
            if (keys.get(i).at() <= keys.get(i - 1).at()) {
                throw new IllegalArgumentException("keys stand in ascending frames, but frame "
                        + keys.get(i).at() + " follows frame " + keys.get(i - 1).at());
            }
        }
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

    public boolean animated() {
        return !keys.isEmpty();
    }

    /** The value at a frame, which may be fractional. */
    public V at(double frame) {
        if (keys.isEmpty()) {
            return constant;
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
        return keys.stream().filter(key -> key.at() == frame).findFirst();
    }

    /** The key whose leg covers the frame: the last one at or before it. */
    public Optional<Key<V>> keyBefore(double frame) {
        int next = firstAfter(frame);
        return next == 0 ? Optional.empty() : Optional.of(keys.get(next - 1));
    }

    /** The index of the first key after the frame; the number of keys when there is none. */
    int firstAfter(double frame) {
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
        return newKeys.isEmpty() ? constant(kind, otherwise) : new Channel<>(kind, constant, newKeys);
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
        return new Channel<>(kind, constant, changed);
    }

    /**
     * This channel with the value at the frame: an existing key keeps its leg and changes its value, a new key takes
     * over the leg it divides.
     */
    public Channel<V> withValueAt(int frame, V value) {
        Leg divided = keyBefore(frame).map(Key::leg).orElse(Leg.LINEAR);
        return withKey(keyAt(frame).map(key -> key.withValue(value)).orElseGet(() -> Key.of(frame, value, divided)));
    }

    /** This channel without the key at the frame; when the last key goes, its value stays as the constant. */
    public Channel<V> withoutKeyAt(int frame) {
        return withKeys(keys.stream().filter(key -> key.at() != frame).toList(), at(frame));
    }

    /** This channel with every value, the constant too, changed by the function. */
    public Channel<V> mapValues(UnaryOperator<V> change) {
        return new Channel<>(
                kind,
                change.apply(constant),
                keys.stream()
                        .map(key -> key.withValue(change.apply(key.value())))
                        .toList());
    }

    /** This channel with every key changed by the function, which keeps the frames ascending. */
    public Channel<V> mapKeys(UnaryOperator<Key<V>> change) {
        return new Channel<>(kind, constant, keys.stream().map(change).toList());
    }
}
