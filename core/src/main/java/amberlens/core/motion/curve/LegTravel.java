package amberlens.core.motion.curve;

import amberlens.core.base.geometry.FramePoint;

/** The value on a leg between two keys. */
final class LegTravel {
    private LegTravel() {}

    /** The value at a frame at or after the key at {@code index} and before the next one. */
    static <V> V value(Channel<V> channel, int index, double frame) {
        Key<V> from = channel.keys().get(index);
        Key<V> to = channel.keys().get(index + 1);
        if (frame == from.at() || from.leg() instanceof Leg.Hold) {
            return from.value();
        }
        boolean bent = bent(from, to);
        if (from.value().equals(to.value()) && !bent) {
            return from.value();
        }
        double time = (frame - from.at()) / (to.at() - from.at());
        if (from.even() && !bent) {
            return EvenZoom.value(channel.kind(), from, to, part -> progress(channel, index, frame, time, part));
        }
        return switch (from.leg()) {
            case Leg.Smooth _ when !bent -> smooth(channel, index, frame);
            case Leg.Smooth _ -> along(channel.kind(), from, to, smoothProgress(channel, index, frame), true);
            case Leg.Curve curve -> along(channel.kind(), from, to, CurveProgress.of(curve.timing(), time), bent);
            case Leg.Flight flight -> along(channel.kind(), from, to, CurveProgress.of(flight.timing(), time), bent);
            case Leg.Linear _ -> along(channel.kind(), from, to, time, bent);
            case Leg.Hold _ -> from.value();
        };
    }

    /** How far one number of the value has come on its way, 0 … 1 and beyond. */
    private static <V> double progress(Channel<V> channel, int index, double frame, double time, int part) {
        Key<V> from = channel.keys().get(index);
        return switch (from.leg()) {
            case Leg.Hold _ -> 0;
            case Leg.Linear _ -> time;
            case Leg.Curve curve -> CurveProgress.of(curve.timing(), time);
            case Leg.Flight flight -> CurveProgress.of(flight.timing(), time);
            case Leg.Smooth _ -> {
                double start = channel.kind().part(from.value(), part);
                double way = channel.kind().part(channel.keys().get(index + 1).value(), part) - start;
                yield way == 0 ? 0 : (smoothPart(channel, index, part, frame) - start) / way;
            }
        };
    }

    /** The value on a leg at a given progress, along its path. */
    static <V> V atProgress(ValueKind<V> kind, Key<V> from, Key<V> to, double progress) {
        return along(kind, from, to, progress, bent(from, to));
    }

    private static boolean bent(Key<?> from, Key<?> to) {
        return !from.handles().out().equals(FramePoint.ZERO)
                || !to.handles().in().equals(FramePoint.ZERO);
    }

    private static <V> V along(ValueKind<V> kind, Key<V> from, Key<V> to, double progress, boolean bent) {
        if (!bent) {
            return kind.between(from.value(), to.value(), progress);
        }
        FramePoint point = path(kind, from, to).atPart(progress);
        return kind.of(part -> part == 0 ? point.x() : point.y());
    }

    static <V> PathCurve path(ValueKind<V> kind, Key<V> from, Key<V> to) {
        return PathCurve.between(
                point(kind, from), from.handles().out(), to.handles().in(), point(kind, to));
    }

    private static <V> FramePoint point(ValueKind<V> kind, Key<V> key) {
        return new FramePoint(kind.part(key.value(), 0), kind.part(key.value(), 1));
    }

    private static <V> V smooth(Channel<V> channel, int index, double frame) {
        return channel.kind().of(part -> smoothPart(channel, index, part, frame));
    }

    private static <V> double smoothPart(Channel<V> channel, int index, int part, double frame) {
        Key<V> from = channel.keys().get(index);
        Key<V> to = channel.keys().get(index + 1);
        return MonotoneCubic.value(
                from.at(),
                channel.kind().part(from.value(), part),
                slope(channel, index, part),
                to.at(),
                channel.kind().part(to.value(), part),
                slope(channel, index + 1, part),
                frame);
    }

    /** The slope at a key: continuous with a smooth leg before or after it, free at the ends of such a run. */
    private static <V> double slope(Channel<V> channel, int key, int part) {
        boolean before = key > 0 && channel.keys().get(key - 1).leg() instanceof Leg.Smooth;
        boolean after =
                key < channel.keys().size() - 1 && channel.keys().get(key).leg() instanceof Leg.Smooth;
        if (before && after) {
            return MonotoneCubic.slope(
                    frames(channel, key - 1), rise(channel, key - 1, part),
                    frames(channel, key), rise(channel, key, part));
        }
        return rise(channel, before ? key - 1 : key, part);
    }

    private static double frames(Channel<?> channel, int leg) {
        return channel.keys().get(leg + 1).at() - channel.keys().get(leg).at();
    }

    private static <V> double rise(Channel<V> channel, int leg, int part) {
        double from = channel.kind().part(channel.keys().get(leg).value(), part);
        double to = channel.kind().part(channel.keys().get(leg + 1).value(), part);
        return (to - from) / frames(channel, leg);
    }

    /** On a bent path the travelled length runs smoothly through the keys. */
    private static <V> double smoothProgress(Channel<V> channel, int index, double frame) {
        double length = speed(channel, index) * frames(channel, index);
        if (length == 0) {
            return 0;
        }
        double value = MonotoneCubic.value(
                channel.keys().get(index).at(),
                0,
                pathSlope(channel, index),
                channel.keys().get(index + 1).at(),
                length,
                pathSlope(channel, index + 1),
                frame);
        return value / length;
    }

    private static <V> double pathSlope(Channel<V> channel, int key) {
        boolean before = key > 0 && channel.keys().get(key - 1).leg() instanceof Leg.Smooth;
        boolean after =
                key < channel.keys().size() - 1 && channel.keys().get(key).leg() instanceof Leg.Smooth;
        if (before && after) {
            return MonotoneCubic.slope(
                    frames(channel, key - 1), speed(channel, key - 1), frames(channel, key), speed(channel, key));
        }
        return speed(channel, before ? key - 1 : key);
    }

    private static <V> double speed(Channel<V> channel, int leg) {
        Key<V> from = channel.keys().get(leg);
        return path(channel.kind(), from, channel.keys().get(leg + 1)).length() / frames(channel, leg);
    }
}
