package amberlens.desktop.time.score;

import amberlens.core.model.project.Shot;
import amberlens.core.motion.keys.KeyRef;
import amberlens.core.motion.property.Lane;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A key as it stands in its lane, in pixels of the Score.
 *
 * @param part the number whose curve it stands on
 */
record Bead(KeyRef key, int part, double x, double y) {
    static final double RADIUS = 4.5;
    private static final double REACH = 8;

    /** All beads of a lane. */
    static List<Bead> of(Shot shot, Lane lane, ScoreLayout plan, ScoreView view) {
        LaneValues values = LaneValues.of(shot, lane);
        if (!values.channel().animated()) {
            return List.of();
        }
        LaneScale scale = LaneScale.of(view, plan, lane, values);
        List<Bead> beads = new ArrayList<>();
        boolean tall = plan.band(lane).tall();
        int lively = values.livelierPart();
        int parts = values.equalParts() ? 1 : values.parts();
        for (int i = 0; i < values.channel().keys().size(); i++) {
            int at = values.channel().keys().get(i).at();
            if (tall) {
                for (int part = 0; part < parts; part++) {
                    double value = view.speed() ? values.speed(at, part) : values.ofKey(i, part);
                    beads.add(new Bead(new KeyRef(lane, at), part, plan.x(at), scale.y(value)));
                }
            } else {
                beads.add(new Bead(new KeyRef(lane, at), lively, plan.x(at), scale.y(values.ofKey(i, lively))));
            }
        }
        return beads;
    }

    /** The bead at a place: the nearest in reach. */
    static Optional<Bead> at(Shot shot, ScoreLayout plan, ScoreView view, double x, double y) {
        return plan.laneAt(y).flatMap(lane -> of(shot, lane, plan, view).stream()
                .filter(bead ->
                        Math.abs(bead.x - x) <= REACH && (!plan.band(lane).tall() || Math.abs(bead.y - y) <= REACH))
                .min(Comparator.comparingDouble(bead -> Math.hypot(bead.x - x, bead.y - y))));
    }
}
