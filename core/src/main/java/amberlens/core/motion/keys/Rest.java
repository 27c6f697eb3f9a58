package amberlens.core.motion.keys;

import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ChannelChange;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.KeyInsertion;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.PathHandles;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import java.util.ArrayList;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.IntUnaryOperator;

/**
 * Stretches in which the camera stands still at a framing: its pose twice, with a hold between (2-MATH, Rest). What is keyed of looks keeps its
 * values and goes along in time.
 *
 * @param camera the move
 * @param from where the camera comes to rest, frames of the shot
 * @param was for how many frames it rests there already
 */
public record Rest(CameraTrack camera, int from, int was) {
    /** The rest of a move at a frame. */
    public static Rest at(CameraTrack camera, int frame) {
        int end = frame;
        for (int next : times(camera).tailSet(frame + 1)) {
            if (!camera.at(frame).equals(camera.at(next))) {
                break;
            }
            end = next;
        }
        return new Rest(camera, frame, end - frame);
    }

    private static SortedSet<Integer> times(CameraTrack camera) {
        var times = new TreeSet<Integer>();
        for (Property<?> property : Properties.OF_MOVE) {
            camera.get(property).keys().forEach(key -> times.add(key.at()));
        }
        return times;
    }

    /** Whether the camera goes on afterwards; where it does not, it rests to the end anyway. */
    public boolean goesOn() {
        SortedSet<Integer> times = times(camera);
        return !times.isEmpty() && times.last() > from + was;
    }

    /** The move with another rest, and all that follows as much later, or earlier. */
    public CameraTrack pushing(int frames) {
        return with(frames, at -> at + frames - was);
    }

    /**
     * The move with another rest, and all that follows squeezed into what remains of the shot, or spread over it.
     *
     * @param last the last frame of the shot, which keeps what it has
     */
    public CameraTrack squeezing(int frames, int last) {
        int end = from + was;
        int kept = Math.min(frames, mostSqueezed(last));
        double factor = end >= last ? 1 : (double) (last - from - kept) / (last - end);
        return with(kept, at -> at > last ? at : from + kept + (int) Math.round((at - end) * factor));
    }

    /** The longest rest for which all that follows still has a frame of its own. */
    public int mostSqueezed(int last) {
        int following = times(camera)
                        .subSet(from + was + 1, Math.max(from + was + 1, last))
                        .size()
                + 1;
        return Math.max(was, last - from - following);
    }

    private CameraTrack with(int frames, IntUnaryOperator later) {
        CameraTrack rested = camera;
        for (Property<?> property : camera.channels().properties()) {
            boolean stands = property.group().ofMove();
            rested = rested.map(property, new ChannelChange() {
                @Override
                public <V> Channel<V> apply(Channel<V> channel) {
                    if (!channel.animated()) {
                        return channel;
                    }
                    return stands && !channel.muted() ? standing(channel, frames, later) : shifted(channel, later);
                }
            });
        }
        return rested;
    }

    /** A property that stands still from the framing on: two equal keys, or one where there was a rest that is taken away. */
    private <V> Channel<V> standing(Channel<V> channel, int frames, IntUnaryOperator later) {
        boolean before = from < channel.keys().getFirst().at();
        boolean after = from + was >= channel.keys().getLast().at();
        if (before || after && was == 0) {
            return shifted(channel, later);
        }
        Channel<V> divided = KeyInsertion.at(channel, from);
        Key<V> first = divided.keyAt(from).orElseThrow();
        Key<V> second = divided.keyAt(from + was).orElse(first);
        List<Key<V>> keys = new ArrayList<>();
        for (Key<V> key : divided.keys()) {
            if (key.at() < from) {
                keys.add(key);
            }
        }
        var out = new PathHandles(first.handles().in(), second.handles().out());
        if (frames == 0) {
            keys.add(first.withLeg(second.leg()).withEven(second.even()).withHandles(out));
        } else {
            keys.add(first.withLeg(Leg.HOLD)
                    .withHandles(new PathHandles(first.handles().in(), PathHandles.STRAIGHT.out())));
            keys.add(second.withAt(from + frames)
                    .withHandles(new PathHandles(
                            PathHandles.STRAIGHT.in(), second.handles().out())));
        }
        later(divided, later, keys);
        return divided.withKeys(keys, channel.constant());
    }

    private <V> Channel<V> shifted(Channel<V> channel, IntUnaryOperator later) {
        List<Key<V>> keys = new ArrayList<>();
        for (Key<V> key : channel.keys()) {
            if (key.at() <= from + was) {
                keys.add(key);
            }
        }
        later(channel, later, keys);
        return channel.withKeys(keys, channel.constant());
    }

    /** Adds what follows the rest, each key at least a frame after the one before. */
    private <V> void later(Channel<V> channel, IntUnaryOperator later, List<Key<V>> keys) {
        for (Key<V> key : channel.keys()) {
            if (key.at() > from + was) {
                int wanted = later.applyAsInt(key.at());
                keys.add(key.withAt(
                        keys.isEmpty()
                                ? wanted
                                : Math.max(wanted, keys.getLast().at() + 1)));
            }
        }
    }
}
