package amberlens.desktop.kit.style;

import amberlens.core.model.hearing.LineUpBeats;
import amberlens.core.model.hearing.LineUpBeats.Beat;
import java.util.List;
import java.util.function.ToDoubleFunction;
import javafx.scene.canvas.GraphicsContext;

/** Beats as small ticks that hang from the upper border of a view of time: the stronger a beat the longer, and those that begin bars wider. */
public final class BeatTicks {
    private static final double SHORTEST = 2.5;
    private static final double LONGEST = 7;
    private static final double BAR = 8;

    /** Closer beats are left out; only bars are drawn then, and of those only some. */
    private static final double CLOSEST = 4;

    private BeatTicks() {}

    /**
     * Paints them.
     *
     * @param x where a beat stands
     */
    public static void paint(
            GraphicsContext pen, LineUpBeats beats, ToDoubleFunction<Beat> x, double left, double right) {
        List<Beat> all = beats.beats();
        boolean barsOnly = all.size() > 1
                && (x.applyAsDouble(all.getLast()) - x.applyAsDouble(all.getFirst())) / (all.size() - 1) < CLOSEST;
        double last = Double.NEGATIVE_INFINITY;
        for (Beat beat : all) {
            double at = Math.floor(x.applyAsDouble(beat)) + 0.5;
            boolean drawn = at >= left && at <= right && at - last >= CLOSEST && (beat.bar() || !barsOnly);
            if (drawn) {
                last = at;
                double length = beat.bar() ? BAR : SHORTEST + (LONGEST - SHORTEST) * beat.strength();
                pen.setFill(Palette.faint(Palette.SEA.colour(), 0.35 + 0.65 * beat.strength()));
                pen.fillRect(at - (beat.bar() ? 1 : 0.5), 0, beat.bar() ? 2 : 1, length);
            }
        }
    }
}
