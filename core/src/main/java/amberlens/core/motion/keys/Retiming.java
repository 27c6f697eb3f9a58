package amberlens.core.motion.keys;

import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ChannelChange;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.property.Lane;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;

/**
 * Moves keys in time without changing their order. Keys inside the shot stay inside; keys that a trim left beyond the cut may
 * stay where they are.
 *
 * @param camera before the move
 * @param keys those that are moved
 * @param lastFrame of the shot
 */
public record Retiming(CameraTrack camera, KeySet keys, int lastFrame, Neighbours neighbours) {
    /** A camera after the move, and the moved keys in it. */
    public record Moved(CameraTrack camera, KeySet keys) {}

    /** All keys by as many frames, as far as they can go. */
    public Moved shifted(int by) {
        return furthest(by, way -> placed(at -> at + way));
    }

    /**
     * The keys stretched about a frame that stays: the key at {@code edge} goes to {@code to}, or as far towards it as there
     * is room.
     *
     * @param edge a frame other than {@code fixed}
     */
    public Moved stretched(int fixed, int edge, int to) {
        return furthest(
                to - edge,
                way -> placed(at -> {
                    double factor = (double) (edge + way - fixed) / (edge - fixed);
                    return factor <= 0 ? fixed : (int) Math.round(fixed + (at - fixed) * factor);
                }));
    }

    /** Each lane's keys shifted as a group so that its first key stands at the frame, or as near as it can. */
    public Moved firstAt(int frame) {
        return laneByLane(lane -> frame - keys.frames(lane)[0]);
    }

    /** Each lane's keys shifted as a group so that its last key stands at the frame, or as near as it can. */
    public Moved lastAt(int frame) {
        return laneByLane(lane -> frame - keys.frames(lane)[keys.frames(lane).length - 1]);
    }

    private Moved laneByLane(java.util.function.ToIntFunction<Lane> way) {
        CameraTrack changed = camera;
        KeySet moved = KeySet.NONE;
        for (Lane lane : keys.lanes()) {
            KeySet own = KeySet.of(
                    keys.stream().filter(key -> key.lane().equals(lane)).toList());
            Moved step = new Retiming(changed, own, lastFrame, neighbours).shifted(way.applyAsInt(lane));
            changed = step.camera();
            moved = moved.with(step.keys());
        }
        return new Moved(changed, moved);
    }

    /** The furthest of the ways from 0 to {@code by} that can be taken; whoever can go far can also go less far. */
    private Moved furthest(int by, IntFunction<Optional<Moved>> move) {
        Optional<Moved> whole = move.apply(by);
        if (whole.isPresent()) {
            return whole.get();
        }
        int can = 0;
        int cannot = by;
        while (Math.abs(cannot - can) > 1) {
            int middle = can + (cannot - can) / 2;
            if (move.apply(middle).isPresent()) {
                can = middle;
            } else {
                cannot = middle;
            }
        }
        return move.apply(can).orElse(new Moved(camera, keys));
    }

    /** The keys at new frames; empty when they would meet other keys, each other, or the ends of the shot. */
    Optional<Moved> placed(IntUnaryOperator target) {
        CameraTrack changed = camera;
        Map<Lane, int[]> moved = new HashMap<>();
        for (Lane lane : keys.lanes()) {
            Channel<?> channel = camera.channel(lane);
            Optional<int[]> frames = frames(lane, channel, target);
            if (frames.isEmpty()) {
                return Optional.empty();
            }
            changed = changed.map(lane, new At(frames.get()));
            int[] now = frames.get();
            moved.put(
                    lane,
                    IntStream.range(0, now.length)
                            .filter(i ->
                                    keys.contains(lane, channel.keys().get(i).at()))
                            .map(i -> now[i])
                            .toArray());
        }
        return Optional.of(new Moved(changed, KeySet.of(moved)));
    }

    private Optional<int[]> frames(Lane lane, Channel<?> channel, IntUnaryOperator target) {
        int count = channel.keys().size();
        int[] was = channel.keys().stream().mapToInt(Key::at).toArray();
        int[] now = was.clone();
        boolean[] taken = new boolean[count];
        for (int i = 0; i < count; i++) {
            taken[i] = keys.contains(lane, was[i]);
            now[i] = taken[i] ? target.applyAsInt(was[i]) : was[i];
        }
        if (neighbours == Neighbours.PUSH) {
            push(now, taken);
        }
        int low = Math.min(0, was[0]);
        int high = Math.max(lastFrame, was[count - 1]);
        for (int i = 0; i < count; i++) {
            boolean outside = now[i] < low || now[i] > high || (was[i] <= lastFrame && now[i] > lastFrame);
            if ((now[i] != was[i] && outside) || (i > 0 && now[i] <= now[i - 1])) {
                return Optional.empty();
            }
        }
        return Optional.of(now);
    }

    private static void push(int[] now, boolean[] taken) {
        for (int i = 1; i < now.length; i++) {
            if (!taken[i] && now[i] <= now[i - 1]) {
                now[i] = now[i - 1] + 1;
            }
        }
        for (int i = now.length - 2; i >= 0; i--) {
            if (!taken[i] && now[i] >= now[i + 1]) {
                now[i] = now[i + 1] - 1;
            }
        }
    }

    /** The keys of a channel, in their order, at these frames. */
    private record At(int[] frames) implements ChannelChange {
        @Override
        public <V> Channel<V> apply(Channel<V> channel) {
            List<Key<V>> changed = new ArrayList<>();
            for (int i = 0; i < frames.length; i++) {
                changed.add(channel.keys().get(i).withAt(frames[i]));
            }
            return channel.withKeys(changed, channel.constant());
        }
    }
}
