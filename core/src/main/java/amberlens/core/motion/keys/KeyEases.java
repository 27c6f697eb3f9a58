package amberlens.core.motion.keys;

import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ChannelChange;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.property.Lane;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;

/** Changes of the legs that begin at some keys. */
public final class KeyEases {
    private KeyEases() {}

    public static CameraTrack withLeg(CameraTrack camera, KeySet keys, Leg leg) {
        return mapped(camera, keys, _ -> leg);
    }

    /** The legs with another strength at their start, 0 … 1; the other end stays as it is. */
    public static CameraTrack leaving(CameraTrack camera, KeySet keys, double strength) {
        return mapped(camera, keys, leg -> curve(leg, strength, arrival(leg).orElse(0)));
    }

    /** The legs with another strength at their end, 0 … 1; the other end stays as it is. */
    public static CameraTrack arriving(CameraTrack camera, KeySet keys, double strength) {
        return mapped(camera, keys, leg -> curve(leg, departure(leg).orElse(0), strength));
    }

    private static Leg curve(Leg before, double leave, double arrive) {
        if (before instanceof Leg.Flight flight) {
            return flight.withTiming(TimingCurve.ofStrengths(leave, arrive));
        }
        return leave == 0 && arrive == 0 ? Leg.LINEAR : new Leg.Curve(TimingCurve.ofStrengths(leave, arrive));
    }

    /** How strongly a leg is held back where it leaves, 0 … 1; empty for a leg of another shape. */
    public static OptionalDouble departure(Leg leg) {
        return switch (leg) {
            case Leg.Linear _ -> OptionalDouble.of(0);
            case Leg.Curve curve -> departure(curve.timing());
            case Leg.Flight flight -> departure(flight.timing());
            default -> OptionalDouble.empty();
        };
    }

    private static OptionalDouble departure(TimingCurve timing) {
        return timing.y1() == 0 ? OptionalDouble.of(timing.x1()) : OptionalDouble.empty();
    }

    private static OptionalDouble arrival(TimingCurve timing) {
        return timing.y2() == 1 ? OptionalDouble.of(1 - timing.x2()) : OptionalDouble.empty();
    }

    /** How strongly a leg is held back where it arrives, 0 … 1; empty for a leg of another shape. */
    public static OptionalDouble arrival(Leg leg) {
        return switch (leg) {
            case Leg.Linear _ -> OptionalDouble.of(0);
            case Leg.Curve curve -> arrival(curve.timing());
            case Leg.Flight flight -> arrival(flight.timing());
            default -> OptionalDouble.empty();
        };
    }

    /** Legs of the scale that feel even, or plain again. */
    public static CameraTrack even(CameraTrack camera, KeySet keys, boolean even) {
        return changed(camera, keys, new UnaryKeyChange() {
            @Override
            public <V> Key<V> of(Key<V> key) {
                return key.withEven(even);
            }
        });
    }

    private static CameraTrack mapped(CameraTrack camera, KeySet keys, UnaryOperator<Leg> change) {
        return changed(camera, keys, new UnaryKeyChange() {
            @Override
            public <V> Key<V> of(Key<V> key) {
                return key.withLeg(change.apply(key.leg()));
            }
        });
    }

    private interface UnaryKeyChange {
        <V> Key<V> of(Key<V> key);
    }

    private static CameraTrack changed(CameraTrack camera, KeySet keys, UnaryKeyChange change) {
        CameraTrack changed = camera;
        for (Lane lane : keys.lanes()) {
            changed = changed.map(lane, new ChannelChange() {
                @Override
                public <V> Channel<V> apply(Channel<V> channel) {
                    return channel.mapKeys(key -> keys.contains(lane, key.at()) ? change.of(key) : key);
                }
            });
        }
        return changed;
    }
}
