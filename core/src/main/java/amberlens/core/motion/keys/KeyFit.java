package amberlens.core.motion.keys;

import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKind;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * Few keys for values that are known frame by frame: smooth legs through some of them, so that none of the others is further off than
 * allowed. A key is added where the legs are worst until none is too far off, and then every key that is not needed goes, the least
 * needed first.
 */
public final class KeyFit {
    private KeyFit() {}

    /**
     * The keys.
     *
     * @param values for the frames from 0 on, at least one
     * @param most how far off a value may be in between, by the length of the difference of its numbers, above 0
     * @return a constant where one value is near enough to all
     */
    public static <V> Channel<V> of(ValueKind<V> kind, List<V> values, double most) {
        if (off(kind, values, Channel.constant(kind, values.getFirst()), 0, values.size() - 1).worst <= most) {
            return Channel.constant(kind, values.getFirst());
        }
        return Channel.keyed(kind, fitted(kind, values, most, Collections.emptySortedSet()));
    }

    /**
     * Likewise with keys at some frames in any case.
     *
     * @param first the frame of the first value
     * @param kept the frames that have a key, where there is a value for them
     */
    public static <V> Channel<V> through(
            ValueKind<V> kind, int first, List<V> values, double most, SortedSet<Integer> kept) {
        SortedSet<Integer> wanted = new TreeSet<>();
        kept.subSet(first, first + values.size()).forEach(at -> wanted.add(at - first));
        return Channel.keyed(
                kind,
                fitted(kind, values, most, wanted).stream()
                        .map(key -> key.withAt(key.at() + first))
                        .toList());
    }

    private static <V> List<Key<V>> fitted(ValueKind<V> kind, List<V> values, double most, SortedSet<Integer> kept) {
        SortedSet<Integer> frames = new TreeSet<>(List.of(0, values.size() - 1));
        frames.addAll(kept);
        Off worst = off(kind, values, through(kind, values, frames), 0, values.size() - 1);
        while (worst.worst > most) {
            frames.add(worst.at);
            worst = off(kind, values, through(kind, values, frames), 0, values.size() - 1);
        }
        thin(kind, values, frames, most, kept);
        return keys(values, frames);
    }

    /** Takes away what can be spared. */
    private static <V> void thin(
            ValueKind<V> kind, List<V> values, SortedSet<Integer> frames, double most, SortedSet<Integer> kept) {
        boolean gone = true;
        while (gone) {
            gone = false;
            double least = Double.POSITIVE_INFINITY;
            int spared = -1;
            for (int frame : List.copyOf(frames)) {
                if (frame == 0 || frame == values.size() - 1 || kept.contains(frame)) {
                    continue;
                }
                double without = without(kind, values, frames, frame);
                if (without <= most && without < least) {
                    least = without;
                    spared = frame;
                }
            }
            if (spared >= 0) {
                frames.remove(spared);
                gone = true;
            }
        }
    }

    /** How far off it would be without a key; only the legs nearby change. */
    private static <V> double without(ValueKind<V> kind, List<V> values, SortedSet<Integer> frames, int frame) {
        SortedSet<Integer> fewer = new TreeSet<>(near(frames, frame));
        int from = fewer.first();
        int to = fewer.last();
        SortedSet<Integer> inner = new TreeSet<>(near(frames, frame));
        int reachFrom = second(inner, true);
        int reachTo = second(inner, false);
        fewer.remove(frame);
        return off(
                        kind,
                        values,
                        through(kind, values, fewer),
                        from == 0 ? 0 : reachFrom,
                        to == values.size() - 1 ? to : reachTo)
                .worst;
    }

    /** The keys around one: three on either side, or all there are. */
    private static List<Integer> near(SortedSet<Integer> frames, int frame) {
        List<Integer> before = new ArrayList<>(frames.headSet(frame));
        List<Integer> after = new ArrayList<>(frames.tailSet(frame));
        List<Integer> near = new ArrayList<>(before.subList(Math.max(0, before.size() - 3), before.size()));
        near.addAll(after.subList(0, Math.min(4, after.size())));
        return near;
    }

    private static int second(SortedSet<Integer> frames, boolean fromStart) {
        List<Integer> all = new ArrayList<>(frames);
        return all.get(fromStart ? Math.min(1, all.size() - 1) : Math.max(0, all.size() - 2));
    }

    private static <V> Channel<V> through(ValueKind<V> kind, List<V> values, SortedSet<Integer> frames) {
        return Channel.keyed(kind, keys(values, frames));
    }

    private static <V> List<Key<V>> keys(List<V> values, SortedSet<Integer> frames) {
        List<Key<V>> keys = new ArrayList<>(frames.size());
        for (int frame : frames) {
            keys.add(Key.of(frame, values.get(frame), Leg.SMOOTH));
        }
        return keys;
    }

    private record Off(double worst, int at) {}

    private static <V> Off off(ValueKind<V> kind, List<V> values, Channel<V> channel, int from, int to) {
        double worst = 0;
        int at = from;
        for (int frame = from; frame <= to; frame++) {
            V there = channel.at(frame);
            double square = 0;
            for (int part = 0; part < kind.parts(); part++) {
                double by = kind.part(there, part) - kind.part(values.get(frame), part);
                square += by * by;
            }
            if (square > worst * worst) {
                worst = Math.sqrt(square);
                at = frame;
            }
        }
        return new Off(worst, at);
    }
}
