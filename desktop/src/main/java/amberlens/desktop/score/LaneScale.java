package amberlens.desktop.score;

import amberlens.core.motion.Lane;

/** From values to heights within a lane. */
record LaneScale(ScoreLayout.Band band, ValueRange range) {
    private static final double AIR = 7;

    /** For a lane of one line: all that the lane reaches, between its lines. */
    static LaneScale of(ScoreView view, ScoreLayout plan, Lane lane, LaneValues values) {
        ScoreLayout.Band band = plan.band(lane);
        return band.tall()
                ? new LaneScale(band, view.range(lane, values))
                : new LaneScale(band, small(values, plan.frames()));
    }

    private static ValueRange small(LaneValues values, int frames) {
        int part = values.livelierPart();
        ValueRange range = ValueRange.NONE;
        double step = Math.max(1, frames / 400.0);
        for (double frame = 0; frame < frames; frame += step) {
            range = range.with(values.at(frame, part));
        }
        for (int i = 0; i < values.channel().keys().size(); i++) {
            range = range.with(values.ofKey(i, part));
        }
        return range.span() < 1e-9 ? new ValueRange(range.low() - 1, range.high() + 1) : range;
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
