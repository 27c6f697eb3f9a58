package amberlens.exchange.move;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.property.PoseProperty;
import amberlens.core.motion.property.Properties;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/**
 * A move without depth as four ways: the picture is shifted back by its anchor, scaled, turned and put at its position.
 *
 * <p>Legs that hold, are linear or follow a timing curve are said as they are; those that nobody else knows (smooth legs, even zooms, bent
 * paths, axes with keys of their own, what rigs add) are sampled at the frames and thinned, so that no corner of the frame is more than
 * {@value #NEAR_PX} frame pixels off at any frame: each of the four ways may take a quarter.
 *
 * @param position where the anchor lands, frame pixels
 * @param rotation degrees clockwise; turns accumulate
 * @param scale factors; negative where the picture is mirrored
 * @param anchor source pixels
 */
public record FlatMove(Way position, Way rotation, Way scale, Way anchor) {
    /** How far a sampled move may be off, in frame pixels. */
    public static final double NEAR_PX = 0.1;

    /**
     * The ways of a move that is flat.
     *
     * @param sayable which timing curves the format knows
     */
    public static FlatMove of(ShotMove move, Predicate<TimingCurve> sayable) {
        var ways = new Ways(move, sayable);
        return new FlatMove(
                ways.of(Properties.POSITION),
                ways.of(Properties.ROTATION),
                ways.of(Properties.SCALE),
                ways.of(Properties.ANCHOR));
    }

    private record Ways(ShotMove move, Predicate<TimingCurve> sayable) {
        <V> Way of(PoseProperty<V> property) {
            CameraTrack camera = move.shot().camera();
            Channel<V> channel = camera.get(property);
            if (!move.take().ride().isNone() || (channel.axes().isPresent() && !channel.muted())) {
                return sampled(property);
            }
            if (!channel.animated() || channel.muted()) {
                return Way.still(numbers(property, channel.constant()));
            }
            return keyed(property, camera, channel.keys());
        }

        private <V> Way keyed(PoseProperty<V> property, CameraTrack camera, List<Key<V>> keys) {
            int end = move.length() - 1;
            List<Stop> stops = new ArrayList<>();
            for (int i = 0; i < keys.size(); i++) {
                Key<V> key = keys.get(i);
                boolean last = i + 1 == keys.size();
                if (!last && keys.get(i + 1).at() <= 0) {
                    continue;
                }
                if (last || key.at() >= end) {
                    stops.add(new Stop(key.at(), numbers(property, key.value()), Leg.LINEAR));
                    break;
                }
                Key<V> next = keys.get(i + 1);
                Optional<Leg> said = said(property, camera, key, next);
                if (said.isPresent()) {
                    stops.add(new Stop(key.at(), numbers(property, key.value()), said.get()));
                } else {
                    List<Stop> sampled = sampled(property, Math.max(0, key.at()), Math.min(end, next.at()));
                    stops.addAll(next.at() <= end ? sampled.subList(0, sampled.size() - 1) : sampled);
                    if (next.at() > end) {
                        break;
                    }
                }
            }
            return new Way(stops);
        }

        /** The leg as other formats know it; empty when they do not. */
        private <V> Optional<Leg> said(PoseProperty<V> property, CameraTrack camera, Key<V> from, Key<V> to) {
            boolean bent = !from.handles().out().equals(FramePoint.ZERO)
                    || !to.handles().in().equals(FramePoint.ZERO);
            boolean even = from.even() || (property.equals(Properties.POSITION) && evenBetween(camera, from, to));
            if (from.leg() instanceof Leg.Hold) {
                return Optional.of(Leg.HOLD);
            }
            if (bent || even) {
                return Optional.empty();
            }
            if (from.value().equals(to.value())) {
                return Optional.of(Leg.LINEAR);
            }
            return switch (from.leg()) {
                case Leg.Curve curve when sayable.test(curve.timing()) -> Optional.of(curve);
                case Leg.Linear linear -> Optional.of(linear);
                default -> Optional.empty();
            };
        }

        /** Whether the scale has an even leg there, which the position follows. */
        private static boolean evenBetween(CameraTrack camera, Key<?> from, Key<?> to) {
            return camera.scale().keys().stream()
                    .anyMatch(key -> (key.even() || key.leg() instanceof Leg.Flight)
                            && key.at() >= from.at()
                            && key.at() < to.at());
        }

        private <V> Way sampled(PoseProperty<V> property) {
            return new Way(sampled(property, 0, move.length() - 1));
        }

        private <V> List<Stop> sampled(PoseProperty<V> property, int from, int to) {
            List<Integer> frames = KeyThinning.kept(
                    from, to, frame -> raw(property, frame), (frame, numbers) -> near(property, frame, numbers));
            return frames.stream()
                    .map(frame -> new Stop(frame, numbers(property, property.of(move.pose(frame))), Leg.LINEAR))
                    .toList();
        }

        private <V> double[] raw(PoseProperty<V> property, int frame) {
            V value = property.of(move.pose(frame));
            return IntStream.range(0, property.kind().parts())
                    .mapToDouble(part -> property.kind().part(value, part))
                    .toArray();
        }

        private <V> boolean near(PoseProperty<V> property, int frame, double[] numbers) {
            return KeyThinning.isNear(move.pose(frame), property, numbers, move.frame(), NEAR_PX / 4);
        }

        private <V> List<Double> numbers(PoseProperty<V> property, V value) {
            return IntStream.range(0, property.kind().parts())
                    .mapToObj(part -> number(property, part, property.kind().part(value, part)))
                    .toList();
        }

        /** As the formats count: scales are factors, and a mirrored picture has a negative one about its mirrored anchor. */
        private double number(PoseProperty<?> property, int part, double number) {
            boolean mirrored =
                    part == 0 ? move.mirror().across() : move.mirror().down();
            if (property.equals(Properties.SCALE)) {
                return (mirrored ? -number : number) / 100;
            }
            if (property.equals(Properties.ANCHOR) && mirrored) {
                int side = part == 0 ? move.picture().width() : move.picture().height();
                return side - number;
            }
            return number;
        }
    }
}
