package amberlens.core.motion.curve;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import java.util.ArrayList;
import java.util.List;

/**
 * A key put into a channel without changing what it does: the leg is divided in time, and a bent path where the new key
 * stands on it. Only beside a smooth leg the neighbouring speeds change a little, because smoothness follows the keys.
 */
public final class KeyInsertion {
    private KeyInsertion() {}

    /** The channel with a key at the frame; the same channel when there is one. */
    public static <V> Channel<V> at(Channel<V> channel, int frame) {
        if (channel.keyAt(frame).isPresent()) {
            return channel;
        }
        int index = channel.firstAfter(frame) - 1;
        Channel<V> sounding = channel.withMuted(false, channel.constant());
        V value = sounding.at(frame);
        boolean between = index >= 0 && index + 1 < channel.keys().size();
        return between
                ? divided(channel, index, frame, value)
                : channel.withKey(Key.of(
                        frame, value, channel.keyBefore(frame).map(Key::leg).orElse(Leg.LINEAR)));
    }

    private static <V> Channel<V> divided(Channel<V> channel, int index, int frame, V value) {
        Key<V> from = channel.keys().get(index);
        Key<V> to = channel.keys().get(index + 1);
        double time = (double) (frame - from.at()) / (to.at() - from.at());
        Leg before = from.leg();
        Leg after = from.leg();
        double way = time;
        if (from.leg() instanceof Leg.Curve curve) {
            TimingCurve.Halves halves = curve.timing().dividedAt(time);
            before = new Leg.Curve(halves.before());
            after = new Leg.Curve(halves.after());
            way = curve.timing().progress(time);
        }
        if (from.leg() instanceof Leg.Flight flight) {
            TimingCurve.Halves halves = flight.timing().dividedAt(time);
            before = flight.withTiming(halves.before());
            after = flight.withTiming(halves.after());
            way = flight.timing().progress(time);
        }
        Key<V> left = from.withLeg(before);
        var middle = new Key<>(frame, value, after, from.even(), PathHandles.STRAIGHT, Extras.NONE);
        Key<V> right = to;
        boolean bent = !from.handles().out().equals(FramePoint.ZERO)
                || !to.handles().in().equals(FramePoint.ZERO);
        if (bent && !(from.leg() instanceof Leg.Hold) && way > 0 && way < 1) {
            PathCurve.Halves path = LegTravel.path(channel.kind(), from, to).dividedAt(way);
            left = left.withHandles(new PathHandles(from.handles().in(), path.out()));
            middle = middle.withHandles(path.middle());
            right = to.withHandles(new PathHandles(path.in(), to.handles().out()));
        }
        List<Key<V>> keys = new ArrayList<>(channel.keys());
        keys.set(index, left);
        keys.set(index + 1, right);
        keys.add(index + 1, middle);
        return channel.withKeys(keys, value);
    }
}
