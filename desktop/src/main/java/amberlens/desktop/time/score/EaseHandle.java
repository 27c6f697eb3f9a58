package amberlens.desktop.time.score;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.keys.KeyRef;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.property.Lane;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A handle of a leg's ease in a tall lane, in pixels of the Score.
 *
 * @param key where the leg begins
 * @param part the number whose curve carries the handles
 * @param first whether it is the handle of the leaving end
 * @param rootX the bead it belongs to
 * @param rootY the bead it belongs to
 */
record EaseHandle(KeyRef key, int part, boolean first, double x, double y, double rootX, double rootY) {
    static final double RADIUS = 4;
    private static final double REACH = 8;
    private static final double LEAST_ALONG = 0.01;
    private static final TimingCurve STEADY = new TimingCurve(1.0 / 3, 1.0 / 3, 2.0 / 3, 2.0 / 3);

    /** The handles of the selected keys' legs in a tall lane; where it shows speeds, a handle's height is the speed at its end of the leg. */
    static List<EaseHandle> of(Shot shot, Lane lane, ScoreLayout plan, ScoreView view, KeySet selected) {
        if (!plan.band(lane).tall()) {
            return List.of();
        }
        LaneValues values = LaneValues.of(shot, lane);
        LaneScale scale = LaneScale.of(view, plan, lane, values);
        int part = values.livelierPart();
        List<EaseHandle> handles = new ArrayList<>();
        for (int i = 0; i + 1 < values.channel().keys().size(); i++) {
            Key<?> from = values.channel().keys().get(i);
            Optional<TimingCurve> timing = timing(from.leg());
            double rise = values.ofKey(i + 1, part) - values.ofKey(i, part);
            if (timing.isEmpty() || rise == 0 || from.even() || !selected.contains(lane, from.at())) {
                continue;
            }
            Key<?> to = values.channel().keys().get(i + 1);
            var leg = new LegBox(from.at(), to.at(), values.ofKey(i, part), rise, view.speed());
            var key = new KeyRef(lane, from.at());
            TimingCurve ease = timing.get();
            FramePoint one = leg.place(ease.x1(), ease.y1(), true, plan, scale);
            FramePoint two = leg.place(ease.x2(), ease.y2(), false, plan, scale);
            FramePoint start = leg.root(0, one, plan, scale);
            FramePoint end = leg.root(1, two, plan, scale);
            handles.add(new EaseHandle(key, part, true, one.x(), one.y(), start.x(), start.y()));
            handles.add(new EaseHandle(key, part, false, two.x(), two.y(), end.x(), end.y()));
        }
        return handles;
    }

    private static Optional<TimingCurve> timing(Leg leg) {
        return switch (leg) {
            case Leg.Curve curve -> Optional.of(curve.timing());
            case Leg.Linear _ -> Optional.of(STEADY);
            default -> Optional.empty();
        };
    }

    boolean isAt(double px, double py) {
        return Math.hypot(x - px, y - py) <= REACH;
    }

    /**
     * The leg with this handle at another place.
     *
     * @param level whether the handle stays at the height of its bead, so that the leg leaves or arrives at rest
     */
    Leg draggedTo(double px, double py, boolean level, Shot shot, ScoreLayout plan, ScoreView view) {
        LaneValues values = LaneValues.of(shot, key.lane());
        LaneScale scale = LaneScale.of(view, plan, key.lane(), values);
        int index = 0;
        while (values.channel().keys().get(index).at() != key.at()) {
            index++;
        }
        Key<?> from = values.channel().keys().get(index);
        Key<?> to = values.channel().keys().get(index + 1);
        TimingCurve old = timing(from.leg()).orElse(STEADY);
        double start = values.ofKey(index, part);
        double rise = values.ofKey(index + 1, part) - start;
        double along = Math.clamp((plan.time(px) - from.at()) / (to.at() - from.at()), 0, 1);
        double up = level
                ? (first ? 0 : 1)
                : view.speed()
                        ? ofSpeed(scale.value(py) * (to.at() - from.at()) / rise, along)
                        : (scale.value(py) - start) / rise;
        return new Leg.Curve(
                first
                        ? new TimingCurve(along, up, old.x2(), old.y2())
                        : new TimingCurve(old.x1(), old.y1(), along, up));
    }

    /** How far up a handle is whose end of the leg has a slope; one that stands at its end has the slope of the least way from it. */
    private double ofSpeed(double slope, double along) {
        return first ? slope * Math.max(LEAST_ALONG, along) : 1 - slope * Math.max(LEAST_ALONG, 1 - along);
    }

    /**
     * A leg's rectangle of time and value.
     *
     * @param speed whether the lane shows speeds
     */
    private record LegBox(int from, int to, double start, double rise, boolean speed) {
        FramePoint place(double along, double up, boolean leaving, ScoreLayout plan, LaneScale scale) {
            double slope = leaving ? up / Math.max(LEAST_ALONG, along) : (1 - up) / Math.max(LEAST_ALONG, 1 - along);
            return new FramePoint(
                    plan.x(from + along * (to - from)),
                    scale.y(speed ? slope * rise / (to - from) : start + up * rise));
        }

        /** The bead that a handle belongs to, or where speeds are shown, the end of its leg at the handle's height. */
        FramePoint root(int end, FramePoint handle, ScoreLayout plan, LaneScale scale) {
            return new FramePoint(
                    plan.x(from + (double) end * (to - from)), speed ? handle.y() : scale.y(start + end * rise));
        }
    }
}
