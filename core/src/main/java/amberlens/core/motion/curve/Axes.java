package amberlens.core.motion.curve;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/** The two numbers of a property, each with keys of its own. */
public record Axes(Channel<Double> x, Channel<Double> y) {
    /** The numbers of a property whose keys stood together; the path has to be straight. */
    static <V> Axes apart(Channel<V> channel) {
        return new Axes(axis(channel, 0), axis(channel, 1));
    }

    private static <V> Channel<Double> axis(Channel<V> channel, int part) {
        ValueKind<V> kind = channel.kind();
        return new Channel<>(
                ValueKinds.NUMBER,
                kind.part(channel.constant(), part),
                channel.keys().stream()
                        .map(key -> key.withHandles(PathHandles.STRAIGHT).withValue(kind.part(key.value(), part)))
                        .toList());
    }

    public Channel<Double> axis(Axis axis) {
        return axis == Axis.Y ? y : x;
    }

    public Axes with(Axis axis, Channel<Double> channel) {
        return axis == Axis.Y ? new Axes(x, channel) : new Axes(channel, y);
    }

    Axes map(ChannelChange change) {
        return new Axes(change.apply(x), change.apply(y));
    }

    /** Keys at every frame at which either axis has one, with both values there; the leg is the first found. */
    <V> List<Key<V>> together(ValueKind<V> kind) {
        var frames = new TreeSet<Integer>();
        x.keys().forEach(key -> frames.add(key.at()));
        y.keys().forEach(key -> frames.add(key.at()));
        List<Key<V>> keys = new ArrayList<>();
        for (int frame : frames) {
            Key<Double> key = x.keyAt(frame).or(() -> y.keyAt(frame)).orElseThrow();
            keys.add(key.withValue(at(kind, frame)));
        }
        return keys;
    }

    private static <V> V value(ValueKind<V> kind, double x, double y) {
        return kind.of(part -> part == 0 ? x : y);
    }

    /** Both constants in one value. */
    <V> V constant(ValueKind<V> kind) {
        return value(kind, x.constant(), y.constant());
    }

    /** Both numbers at a frame in one value. */
    <V> V at(ValueKind<V> kind, double frame) {
        return value(kind, x.at(frame), y.at(frame));
    }
}
