package amberlens.core.keys;

import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.Key;
import amberlens.core.motion.Lane;
import java.util.Collection;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.NavigableSet;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** Some keys of one camera. */
public final class KeySet {
    public static final KeySet NONE = new KeySet(new TreeSet<>());

    private final NavigableSet<KeyRef> keys;
    private final Set<KeyRef> lookup;

    private KeySet(NavigableSet<KeyRef> keys) {
        this.keys = Collections.unmodifiableNavigableSet(keys);
        lookup = new HashSet<>(keys);
    }

    public static KeySet of(Collection<KeyRef> keys) {
        return new KeySet(new TreeSet<>(keys));
    }

    public static KeySet of(KeyRef key) {
        return of(List.of(key));
    }

    /** All keys of the camera that fit. */
    public static KeySet where(CameraTrack camera, Predicate<KeyRef> fits) {
        return of(allRefs(camera).filter(fits).toList());
    }

    /** All keys of the camera. */
    public static KeySet all(CameraTrack camera) {
        return where(camera, _ -> true);
    }

    /** The keys of all lanes at a frame. */
    public static KeySet at(CameraTrack camera, int frame) {
        return where(camera, key -> key.at() == frame);
    }

    /** All keys of one lane. */
    public static KeySet of(CameraTrack camera, Lane lane) {
        return where(camera, key -> key.lane().equals(lane));
    }

    private static Stream<KeyRef> allRefs(CameraTrack camera) {
        return camera.lanes().stream()
                .flatMap(lane ->
                        camera.channel(lane).keys().stream().map(Key::at).map(at -> new KeyRef(lane, at)));
    }

    /** The keys that the camera still has. */
    public KeySet within(CameraTrack camera) {
        List<Lane> lanes = camera.lanes();
        boolean all = keys.stream()
                .allMatch(key -> lanes.contains(key.lane())
                        && camera.channel(key.lane()).keyAt(key.at()).isPresent());
        if (all) {
            return this;
        }
        return of(keys.stream()
                .filter(key -> lanes.contains(key.lane()))
                .filter(key -> camera.channel(key.lane()).keyAt(key.at()).isPresent())
                .toList());
    }

    public KeySet with(KeySet more) {
        var all = new TreeSet<>(keys);
        all.addAll(more.keys);
        return new KeySet(all);
    }

    /** Adds the keys, or takes them away when all are there. */
    public KeySet toggled(KeySet others) {
        var changed = new TreeSet<>(keys);
        if (!changed.removeAll(others.keys) || !keys.containsAll(others.keys)) {
            changed.addAll(others.keys);
        }
        return new KeySet(changed);
    }

    public boolean contains(KeyRef key) {
        return lookup.contains(key);
    }

    public boolean contains(Lane lane, int at) {
        return lookup.contains(new KeyRef(lane, at));
    }

    public boolean isEmpty() {
        return keys.isEmpty();
    }

    public int size() {
        return keys.size();
    }

    public Stream<KeyRef> stream() {
        return keys.stream();
    }

    /** The lanes that have a key here, in order. */
    public List<Lane> lanes() {
        return keys.stream().map(KeyRef::lane).distinct().toList();
    }

    /** The frames of one lane's keys, ascending. */
    public int[] frames(Lane lane) {
        return keys.stream()
                .filter(key -> key.lane().equals(lane))
                .mapToInt(KeyRef::at)
                .toArray();
    }

    /** All frames, ascending, each once. */
    public int[] frames() {
        return keys.stream().mapToInt(KeyRef::at).sorted().distinct().toArray();
    }

    /** The first frame; 0 without keys. */
    public int first() {
        return keys.stream().mapToInt(KeyRef::at).min().orElse(0);
    }

    /** The last frame; 0 without keys. */
    public int last() {
        return keys.stream().mapToInt(KeyRef::at).max().orElse(0);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof KeySet set && set.keys.equals(keys);
    }

    @Override
    public int hashCode() {
        return keys.hashCode();
    }

    @Override
    public String toString() {
        return keys.toString();
    }
}
