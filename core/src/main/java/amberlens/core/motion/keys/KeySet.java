package amberlens.core.motion.keys;

import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.property.Lane;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Some keys of one camera: for each lane the frames, ascending. */
public final class KeySet {
    public static final KeySet NONE = new KeySet(new TreeMap<>());

    private static final int[] NO_FRAMES = {};

    private final SortedMap<Lane, int[]> frames;
    private final int size;

    /** @param frames ascending, each once; lanes without any are left out */
    private KeySet(SortedMap<Lane, int[]> frames) {
        frames.values().removeIf(own -> own.length == 0);
        this.frames = frames;
        size = frames.values().stream().mapToInt(own -> own.length).sum();
    }

    /** The frames of each lane, ascending, each once; the arrays are kept. */
    static KeySet of(Map<Lane, int[]> frames) {
        return new KeySet(new TreeMap<>(frames));
    }

    public static KeySet of(Collection<KeyRef> keys) {
        Map<Lane, IntStream.Builder> found = new HashMap<>();
        keys.forEach(key ->
                found.computeIfAbsent(key.lane(), _ -> IntStream.builder()).add(key.at()));
        SortedMap<Lane, int[]> frames = new TreeMap<>();
        found.forEach((lane, own) -> frames.put(lane, ascending(own.build())));
        return new KeySet(frames);
    }

    private static int[] ascending(IntStream frames) {
        return frames.sorted().distinct().toArray();
    }

    public static KeySet of(KeyRef key) {
        return of(List.of(key));
    }

    /** All keys of the camera that fit. */
    public static KeySet where(CameraTrack camera, Predicate<KeyRef> fits) {
        SortedMap<Lane, int[]> frames = new TreeMap<>();
        for (Lane lane : camera.lanes()) {
            frames.put(
                    lane,
                    camera.channel(lane).keys().stream()
                            .mapToInt(Key::at)
                            .filter(at -> fits.test(new KeyRef(lane, at)))
                            .toArray());
        }
        return new KeySet(frames);
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

    /** The keys that the camera still has. */
    public KeySet within(CameraTrack camera) {
        List<Lane> lanes = camera.lanes();
        SortedMap<Lane, int[]> left = new TreeMap<>();
        frames.forEach((lane, own) -> {
            if (lanes.contains(lane)) {
                var channel = camera.channel(lane);
                left.put(
                        lane,
                        Arrays.stream(own)
                                .filter(at -> channel.keyAt(at).isPresent())
                                .toArray());
            }
        });
        KeySet still = new KeySet(left);
        return still.size == size ? this : still;
    }

    public KeySet with(KeySet more) {
        SortedMap<Lane, int[]> all = new TreeMap<>(frames);
        more.frames.forEach((lane, own) -> all.merge(
                lane, own, (one, other) -> ascending(IntStream.concat(Arrays.stream(one), Arrays.stream(other)))));
        return new KeySet(all);
    }

    /** Adds the keys, or takes them away when all are there. */
    public KeySet toggled(KeySet others) {
        if (others.isEmpty() || !others.stream().allMatch(this::contains)) {
            return with(others);
        }
        SortedMap<Lane, int[]> left = new TreeMap<>();
        frames.forEach((lane, own) -> left.put(
                lane,
                Arrays.stream(own).filter(at -> !others.contains(lane, at)).toArray()));
        return new KeySet(left);
    }

    public boolean contains(KeyRef key) {
        return contains(key.lane(), key.at());
    }

    public boolean contains(Lane lane, int at) {
        return Arrays.binarySearch(own(lane), at) >= 0;
    }

    private int[] own(Lane lane) {
        return frames.getOrDefault(lane, NO_FRAMES);
    }

    public boolean isEmpty() {
        return size == 0;
    }

    public int size() {
        return size;
    }

    /** Lane by lane, from early to late. */
    public Stream<KeyRef> stream() {
        return frames.entrySet().stream()
                .flatMap(own -> Arrays.stream(own.getValue()).mapToObj(at -> new KeyRef(own.getKey(), at)));
    }

    /** The lanes that have a key here, in order. */
    public List<Lane> lanes() {
        return List.copyOf(frames.keySet());
    }

    /** The frames of one lane's keys, ascending. */
    public int[] frames(Lane lane) {
        return own(lane).clone();
    }

    /** All frames, ascending, each once. */
    public int[] frames() {
        return ascending(frames.values().stream().flatMapToInt(Arrays::stream));
    }

    /** The first frame; 0 without keys. */
    public int first() {
        return frames.values().stream().mapToInt(own -> own[0]).min().orElse(0);
    }

    /** The last frame; 0 without keys. */
    public int last() {
        return frames.values().stream()
                .mapToInt(own -> own[own.length - 1])
                .max()
                .orElse(0);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof KeySet set
                && set.size == size
                && set.frames.keySet().equals(frames.keySet())
                && frames.keySet().stream().allMatch(lane -> Arrays.equals(own(lane), set.own(lane)));
    }

    @Override
    public int hashCode() {
        return frames.entrySet().stream()
                .mapToInt(own -> own.getKey().hashCode() ^ Arrays.hashCode(own.getValue()))
                .sum();
    }

    @Override
    public String toString() {
        return stream().toList().toString();
    }
}
