package amberlens.desktop.time.score;

import amberlens.core.motion.property.Lane;

/** From values to heights within a lane. */
record LaneScale(ScoreLayout.Band band, ValueRange range) {
    private static final double AIR = 7;

    /** For a lane of one line: all that the lane reaches, between its lines. */
    static LaneScale of(ScoreView view, ScoreLayout plan, Lane lane, LaneValues values) {
        ScoreLayout.Band band = plan.band(lane);
        return band.tall()
                ? new LaneScale(band, view.range(lane, values))
                : new LaneScale(band, view.smallRange(lane, values));
    }

    private double inner() {
        return Math.max(1, band.height() - 2 * AIR);
    }

    double y(double value) {
        return band.top() + AIR + inner() * (range.high() - value) / Math.max(1e-12, range.span());
    }

    double value(double y) {
        return range.high() - (y - band.top() - AIR) * range.span() / inner();
    }
}
