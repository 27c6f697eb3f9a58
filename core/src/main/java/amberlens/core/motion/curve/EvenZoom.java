package amberlens.core.motion.curve;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import java.util.function.IntToDoubleFunction;

/**
 * A zoom that feels even: on such a leg the scale grows by equal ratios in equal times, s = s₀·(s₁/s₀)^p.
 *
 * <p>A plain zoom moves scale and position in step, s = s₀ + (s₁ − s₀)·q and P = P₀ + (P₁ − P₀)·q. To keep the way of the gate
 * over the picture, and the framings at its ends, the position follows: its q is the one the scale has reached.
 */
public final class EvenZoom {
    private EvenZoom() {}

    /** The value on an even leg; numbers that are not above 0 at both ends travel as on any other leg. */
    static <V> V value(ValueKind<V> kind, Key<V> from, Key<V> to, IntToDoubleFunction progress) {
        return kind.of(index -> part(kind, from, to, index, progress));
    }

    private static <V> double part(ValueKind<V> kind, Key<V> from, Key<V> to, int part, IntToDoubleFunction progress) {
        double start = kind.part(from.value(), part);
        double end = kind.part(to.value(), part);
        double p = progress.applyAsDouble(part);
        if (start == end) {
            return start;
        }
        return start > 0 && end > 0 ? start * Math.pow(end / start, p) : start + (end - start) * p;
    }

    /** The position at a frame: on the scale's way where an even leg of the scale has the same keys, else on its own. */
    public static FramePoint position(Channel<Scale> scale, Channel<FramePoint> position, double frame) {
        int leg = scale.firstAfter(frame) - 1;
        if (leg < 0 || leg + 1 >= scale.keys().size() || !scale.keys().get(leg).even()) {
            return position.at(frame);
        }
        boolean whole = !scale.muted()
                && !position.muted()
                && scale.axes().isEmpty()
                && position.axes().isEmpty();
        int own = position.firstAfter(frame) - 1;
        if (!whole || own < 0 || own + 1 >= position.keys().size()) {
            return position.at(frame);
        }
        Key<Scale> scaleFrom = scale.keys().get(leg);
        Key<Scale> scaleTo = scale.keys().get(leg + 1);
        Key<FramePoint> from = position.keys().get(own);
        Key<FramePoint> to = position.keys().get(own + 1);
        boolean together = from.at() == scaleFrom.at() && to.at() == scaleTo.at();
        double way = scaleTo.value().x() - scaleFrom.value().x();
        if (!together || way == 0 || from.leg() instanceof Leg.Hold || frame == from.at()) {
            return position.at(frame);
        }
        double reached = (scale.at(frame).x() - scaleFrom.value().x()) / way;
        return LegTravel.atProgress(position.kind(), from, to, reached);
    }
}
