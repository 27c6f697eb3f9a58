package amberlens.core.ready;

import amberlens.core.geometry.FramePoint;
import amberlens.core.look.LookDraft;
import amberlens.core.look.LookKinds;
import amberlens.core.look.LookSet;
import amberlens.core.motion.Leg;
import amberlens.core.motion.Pose;
import amberlens.core.motion.TimingCurve;
import java.util.List;
import java.util.Optional;

/**
 * Moves of titles to where they stand. Their amounts are common practice: a title has arrived within a second or so, and its letters
 * drift by a few hundredths of their size.
 */
final class TitleMoves {
    /** The part of a shot after which a title has arrived. */
    private static final double ARRIVED = 0.22;

    /** How far below its place a title rises from, in heights of its box. */
    private static final double RISE = 0.6;

    private static final double DRIFT_PERCENT = 8;
    private static final double SETTLE_PERCENT = 18;
    private static final TimingCurve ARRIVING = new TimingCurve(0.05, 0.7, 0.1, 1);

    private TitleMoves() {}

    private static Draft arriving(Stage stage, Wish wish, Pose from) {
        int first = Math.min(wish.restBefore(), Math.max(0, stage.length() - 2));
        int last = arrived(stage, first);
        return new Draft(List.of(from, stage.standing()), false, Optional.of(ARRIVING), List.of(first, last), false);
    }

    private static int arrived(Stage stage, int first) {
        return Math.min(stage.length() - 1, first + Math.max(1, (int) (ARRIVED * (stage.length() - 1))));
    }

    /** From beyond the side of the frame that it comes from. */
    static Draft slideIn(Stage stage, Wish wish) {
        Pose place = stage.standing();
        double halfX = stage.picture().width() * place.scale().factorX() / 2;
        double halfY = stage.picture().height() * place.scale().factorY() / 2;
        FramePoint middle = place.toFrame(stage.middle());
        Direction to = wish.direction();
        double x =
                to.x() > 0 ? -(middle.x() + halfX) : to.x() < 0 ? stage.frame().width() - middle.x() + halfX : 0;
        double y =
                to.y() > 0 ? -(middle.y() + halfY) : to.y() < 0 ? stage.frame().height() - middle.y() + halfY : 0;
        return arriving(stage, wish, place.withPosition(place.position().plus(new FramePoint(x, y))));
    }

    static Draft rise(Stage stage, Wish wish) {
        Pose place = stage.standing();
        double y = RISE * wish.part() * stage.picture().height() * place.scale().factorY();
        return arriving(stage, wish, place.withPosition(place.position().plus(new FramePoint(0, y))));
    }

    static Draft standing(Stage stage) {
        return new Draft(List.of(stage.standing()), false);
    }

    /** Letters that part slowly over the whole shot. */
    static LookSet driftingApart(Stage stage, Wish wish) {
        return draft(stage)
                .change(LookKinds.LETTER_SPACING, 0.0, DRIFT_PERCENT * wish.part(), 0, 1, Leg.LINEAR)
                .named("Drift apart");
    }

    /** Letters a little too large that settle to their size. */
    static LookSet settling(Stage stage, Wish wish) {
        double last = Math.max(1, stage.length() - 1);
        int first = Math.min(wish.restBefore(), Math.max(0, stage.length() - 2));
        return draft(stage)
                .change(
                        LookKinds.LETTER_SIZE,
                        100 + SETTLE_PERCENT * wish.part(),
                        100.0,
                        first / last,
                        arrived(stage, first) / last,
                        new Leg.Curve(ARRIVING))
                .named("Type size settle");
    }

    private static LookDraft draft(Stage stage) {
        return new LookDraft(stage.picture(), stage.frame(), stage.length()).add(LookKinds.LETTERING);
    }
}
