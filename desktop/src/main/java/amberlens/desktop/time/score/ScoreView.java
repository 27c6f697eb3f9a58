package amberlens.desktop.time.score;

import amberlens.core.model.project.Shot;
import amberlens.core.motion.property.Lane;
import amberlens.core.motion.property.Property;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import javafx.geometry.Rectangle2D;

/** How the Score is looked at: which lanes are tall, which time and which values they show. Belongs to no project. */
final class ScoreView {
    private static final double LEAST_FRAMES = 4;

    private final Set<Property<?>> tall = new LinkedHashSet<>();
    private final Map<Lane, ValueRange> ranges = new HashMap<>();
    private final LaneMemo memo = new LaneMemo();
    private final Runnable changed;
    private double from;
    private double shown;
    private int frames = 1;
    private double scroll;
    private boolean speed;
    private OptionalInt snapLine = OptionalInt.empty();
    private Optional<Rectangle2D> lasso = Optional.empty();

    /**
     * @param changed called whenever something has to be painted again
     */
    ScoreView(Runnable changed) {
        this.changed = changed;
    }

    /** The layout of a shot in this view. */
    ScoreLayout layout(double width, double height, Optional<Shot> shot, ScoreLayout.Lines lines) {
        frames = shot.map(Shot::length).orElse(1);
        double span = shown <= 0 ? frames : Math.min(shown, frames);
        double start = Math.clamp(from, 0, Math.max(0, frames - span));
        return ScoreLayout.of(width, height, frames, start, span, ScoreLayout.lanesOf(shot), tall, scroll, lines);
    }

    boolean isTall(Property<?> property) {
        return tall.contains(property);
    }

    void toggleTall(Property<?> property) {
        if (!tall.remove(property)) {
            tall.add(property);
        }
        changed.run();
    }

    void setTall(Property<?> property, boolean wanted) {
        if (wanted != isTall(property)) {
            toggleTall(property);
        }
    }

    /** Just these lanes tall. */
    void setAllTall(Collection<Lane> lanes) {
        tall.clear();
        lanes.forEach(lane -> tall.add(lane.property()));
        changed.run();
    }

    boolean anyTall() {
        return !tall.isEmpty();
    }

    /** Whether tall lanes show speed rather than value. */
    boolean speed() {
        return speed;
    }

    void setSpeed(boolean now) {
        speed = now;
        ranges.clear();
        changed.run();
    }

    /** The values a tall lane shows: as fitted by hand, or all that the shot reaches. */
    ValueRange range(Lane lane, LaneValues values) {
        ValueRange fitted = ranges.get(lane);
        int last = frames - 1;
        boolean ofSpeed = speed;
        return fitted != null
                ? fitted
                : memo.of(lane, ValueRange.class, 1, values.channel(), ofSpeed ? -last : last, () -> values.range(
                                0, last, ofSpeed)
                        .padded());
    }

    /** What a lane of one line shows: all that it reaches. */
    ValueRange smallRange(Lane lane, LaneValues values) {
        int of = frames;
        return memo.of(lane, ValueRange.class, 0, values.channel(), of, () -> values.reachOfLivelier(of));
    }

    /** The curve of one number of a lane. */
    LaneCurve curve(ScoreLayout plan, Lane lane, LaneValues values, int part) {
        LaneScale scale = LaneScale.of(this, plan, lane, values);
        boolean ofSpeed = speed && plan.band(lane).tall();
        var state = List.of(scale, plan.x(0), plan.perFrame(), plan.width(), plan.frames(), ofSpeed);
        return memo.of(
                lane,
                LaneCurve.class,
                part,
                values.channel(),
                state,
                () -> LaneCurve.of(plan, scale, values, part, ofSpeed));
    }

    void setRange(Lane lane, ValueRange range) {
        ranges.put(lane, range);
        changed.run();
    }

    /** Every lane shows all it reaches again, over the whole shot. */
    void showAll() {
        ranges.clear();
        shown = 0;
        from = 0;
        changed.run();
    }

    /** Shows more or less time; the frame under the pointer stays there. */
    void zoomTime(double about, double factor, double nowFrom, double nowShown) {
        double span = Math.clamp(nowShown * factor, Math.min(LEAST_FRAMES, frames), frames);
        from = Math.clamp(about - (about - nowFrom) * span / nowShown, 0, Math.max(0, frames - span));
        shown = span;
        changed.run();
    }

    /** Shows some frames from one on. */
    void showTime(double start, double span) {
        shown = Math.clamp(span, Math.min(LEAST_FRAMES, frames), frames);
        from = Math.clamp(start, 0, Math.max(0, frames - shown));
        changed.run();
    }

    void pan(double byFrames) {
        from = Math.clamp(from + byFrames, 0, Math.max(0, frames - (shown <= 0 ? frames : shown)));
        changed.run();
    }

    void scrollTo(double pixels) {
        scroll = pixels;
        changed.run();
    }

    /** The frame at which something snaps now. */
    OptionalInt snapLine() {
        return snapLine;
    }

    void setSnapLine(OptionalInt frame) {
        snapLine = frame;
        changed.run();
    }

    /** The rectangle that is being drawn round keys. */
    Optional<Rectangle2D> lasso() {
        return lasso;
    }

    void setLasso(Optional<Rectangle2D> rectangle) {
        lasso = rectangle;
        changed.run();
    }
}
