package amberlens.core.judge.seal;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Axes;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.stream.Stream;

/**
 * The numbers of a camera that a seal may change: scale and position, per key or constant. Neighbouring keys of equal value
 * share one, so that what held still holds still. Amounts have no unit: a scale grows by the factor 1 + amount, a position
 * moves by amount frame widths.
 */
final class KeyMoves {
    /** What an amount changes; unlinked axes have their own. */
    enum Quantity {
        SCALE,
        SCALE_X,
        SCALE_Y,
        X,
        Y;

        boolean isScale() {
            return this == SCALE || this == SCALE_X || this == SCALE_Y;
        }
    }

    /**
     * One amount.
     *
     * @param firstKey the first of the keys that share it; 0 also for a constant
     * @param lastKey the last of them
     * @param weight what a change by 1 costs
     */
    record Amount(Quantity quantity, int firstKey, int lastKey, double weight) {}

    private static final double SAME = 1e-9;

    private final CameraTrack camera;
    private final double frameWidth;
    private final List<Amount> amounts = new ArrayList<>();

    KeyMoves(CameraTrack camera, double frameWidth, SealWay way) {
        this.camera = camera;
        this.frameWidth = frameWidth;
        if (way == SealWay.LEAST) {
            if (apart(camera.scale())) {
                Axes axes = camera.scale().axes().orElseThrow();
                add(axes.x(), 0.5, Quantity.SCALE_X);
                add(axes.y(), 0.5, Quantity.SCALE_Y);
            } else {
                add(camera.scale(), 1, Quantity.SCALE);
            }
        }
        if (apart(camera.position())) {
            Axes axes = camera.position().axes().orElseThrow();
            add(axes.x(), 1, Quantity.X);
            add(axes.y(), 1, Quantity.Y);
        } else {
            add(camera.position(), 1, Quantity.X, Quantity.Y);
        }
    }

    private static boolean apart(Channel<?> channel) {
        return channel.axes().isPresent() && !channel.muted();
    }

    private static boolean still(Channel<?> channel) {
        return !channel.animated() || channel.muted();
    }

    private void add(Channel<?> channel, double weight, Quantity... quantities) {
        int keys = still(channel) ? 1 : channel.keys().size();
        for (int first = 0, next; first < keys; first = next) {
            next = first + 1;
            while (next < keys
                    && channel.keys()
                            .get(next)
                            .value()
                            .equals(channel.keys().get(first).value())) {
                next++;
            }
            for (Quantity quantity : quantities) {
                amounts.add(new Amount(quantity, first, next - 1, weight * (next - first)));
            }
        }
    }

    List<Amount> amounts() {
        return amounts;
    }

    /** Whether every value between keys is linear in the amounts: then what holds for a linearisation holds exactly. */
    boolean linear() {
        boolean smooth = Stream.of(camera.scale(), camera.position())
                .flatMap(channel -> channel.keys().stream())
                .anyMatch(key -> key.even() || key.leg() instanceof Leg.Smooth || key.leg() instanceof Leg.Flight);
        return !smooth && !camera.position().bent() && !camera.hasDepth();
    }

    /** The frames of the first and last of the keys that share an amount; of one that stands for a whole channel both 0. */
    FrameSpan keysOf(Amount amount) {
        Channel<?> channel =
                switch (amount.quantity()) {
                    case SCALE -> camera.scale();
                    case SCALE_X -> camera.scale().axes().orElseThrow().x();
                    case SCALE_Y -> camera.scale().axes().orElseThrow().y();
                    case X ->
                        apart(camera.position())
                                ? camera.position().axes().orElseThrow().x()
                                : camera.position();
                    case Y ->
                        apart(camera.position())
                                ? camera.position().axes().orElseThrow().y()
                                : camera.position();
                };
        return still(channel)
                ? new FrameSpan(0, 0)
                : new FrameSpan(
                        channel.keys().get(amount.firstKey()).at(),
                        channel.keys().get(amount.lastKey()).at());
    }

    /** The camera with every amount applied. */
    CameraTrack moved(double[] by) {
        Map<Quantity, double[]> perKey = perKey(by);
        return camera.withScale(movedScale(perKey)).withPosition(movedPosition(perKey));
    }

    private Map<Quantity, double[]> perKey(double[] by) {
        Map<Quantity, double[]> perKey = new EnumMap<>(Quantity.class);
        for (int i = 0; i < by.length; i++) {
            Amount amount = amounts.get(i);
            double[] keys = perKey.computeIfAbsent(amount.quantity(), quantity -> new double[keyCount(quantity)]);
            for (int key = amount.firstKey(); key <= amount.lastKey(); key++) {
                keys[key] = Math.abs(by[i]) < SAME ? 0 : by[i];
            }
        }
        return perKey;
    }

    private int keyCount(Quantity quantity) {
        return amounts.stream()
                        .filter(amount -> amount.quantity() == quantity)
                        .mapToInt(Amount::lastKey)
                        .max()
                        .orElse(0)
                + 1;
    }

    private Channel<Scale> movedScale(Map<Quantity, double[]> by) {
        Channel<Scale> scale = camera.scale();
        if (by.containsKey(Quantity.SCALE)) {
            return changed(scale, (old, key) -> scaled(old, 1 + by.get(Quantity.SCALE)[key]));
        }
        if (by.containsKey(Quantity.SCALE_X)) {
            return scale.mapAxes(axes -> new Axes(
                    changed(axes.x(), (old, key) -> Math.min(old * (1 + by.get(Quantity.SCALE_X)[key]), Scale.LARGEST)),
                    changed(
                            axes.y(),
                            (old, key) -> Math.min(old * (1 + by.get(Quantity.SCALE_Y)[key]), Scale.LARGEST))));
        }
        return scale;
    }

    /** Stops at the largest scale there is: an edge that would need more stays open, and the seal refuses. */
    private static Scale scaled(Scale scale, double factor) {
        double most = Scale.LARGEST / Math.max(scale.x(), scale.y()) * (1 - 1e-12); // rounding must not go beyond
        return scale.times(Math.min(factor, most));
    }

    private Channel<FramePoint> movedPosition(Map<Quantity, double[]> by) {
        Channel<FramePoint> position = camera.position();
        double[] x = by.get(Quantity.X);
        double[] y = by.get(Quantity.Y);
        if (apart(position)) {
            return position.mapAxes(axes -> new Axes(
                    changed(axes.x(), (old, key) -> placed(old + frameWidth * x[key])),
                    changed(axes.y(), (old, key) -> placed(old + frameWidth * y[key]))));
        }
        return changed(
                position,
                (old, key) ->
                        new FramePoint(placed(old.x() + frameWidth * x[key]), placed(old.y() + frameWidth * y[key])));
    }

    /** Stops at the furthest place there is, likewise. */
    private static double placed(double value) {
        return Math.clamp(value, -Channel.LARGEST, Channel.LARGEST);
    }

    private static <V> Channel<V> changed(Channel<V> channel, BiFunction<V, Integer, V> change) {
        if (still(channel)) {
            return channel.withValueAt(0, change.apply(channel.constant(), 0));
        }
        List<Key<V>> keys = new ArrayList<>();
        for (int i = 0; i < channel.keys().size(); i++) {
            Key<V> key = channel.keys().get(i);
            keys.add(key.withValue(change.apply(key.value(), i)));
        }
        return channel.withKeys(keys, channel.constant());
    }

    /**
     * The rows that keep the order of neighbouring scales: one that rose to the next still rises or holds, so the move gets no
     * extreme it did not have.
     */
    List<LinearProgramme.Row> order() {
        List<LinearProgramme.Row> rows = new ArrayList<>();
        for (int i = 0; i < amounts.size(); i++) {
            Amount amount = amounts.get(i);
            int next = nextOf(i);
            if (amount.quantity().isScale() && next >= 0) {
                for (int part = 0; part < 2; part++) {
                    order(i, next, part).ifPresent(rows::add);
                }
            }
        }
        return rows;
    }

    private int nextOf(int index) {
        Amount amount = amounts.get(index);
        for (int i = index + 1; i < amounts.size(); i++) {
            if (amounts.get(i).quantity() == amount.quantity() && amounts.get(i).firstKey() == amount.lastKey() + 1) {
                return i;
            }
        }
        return -1;
    }

    private Optional<LinearProgramme.Row> order(int first, int second, int part) {
        double from = scaleOf(amounts.get(first), part);
        double to = scaleOf(amounts.get(second), part);
        if (from == to) {
            return Optional.empty();
        }
        double sign = to > from ? 1 : -1;
        return Optional.of(
                new LinearProgramme.Row(Map.of(first, -sign, second, sign * to / from), sign * (from - to) / from));
    }

    private double scaleOf(Amount amount, int part) {
        Channel<Scale> scale = camera.scale();
        return switch (amount.quantity()) {
            case SCALE_X ->
                scale.axes().orElseThrow().x().keys().get(amount.firstKey()).value();
            case SCALE_Y ->
                scale.axes().orElseThrow().y().keys().get(amount.firstKey()).value();
            default -> scale.kind().part(scale.keys().get(amount.firstKey()).value(), part);
        };
    }
}
