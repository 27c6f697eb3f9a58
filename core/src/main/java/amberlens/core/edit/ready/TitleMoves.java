package amberlens.core.edit.ready;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.material.look.LookDraft;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.LookSet;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.pose.Pose;
import java.util.List;

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

    private TitleMoves() {}

    /** From beyond the side of the frame that it comes from. */
    static Draft slideIn(Stage stage, MoveWish wish) {
        Pose place = stage.standing();
        double halfX = stage.picture().width() * place.scale().factorX() / 2;
        double halfY = stage.picture().height() * place.scale().factorY() / 2;
        FramePoint middle = place.toFrame(stage.middle());
        Direction to = wish.direction();
        double x =
                to.x() > 0 ? -(middle.x() + halfX) : to.x() < 0 ? stage.frame().width() - middle.x() + halfX : 0;
        double y =
                to.y() > 0 ? -(middle.y() + halfY) : to.y() < 0 ? stage.frame().height() - middle.y() + halfY : 0;
        return Draft.arriving(
                stage, wish, place.withPosition(place.position().plus(new FramePoint(x, y))), place, ARRIVED);
    }

    static Draft rise(Stage stage, MoveWish wish) {
        Pose place = stage.standing();
        double y = RISE * wish.part() * stage.picture().height() * place.scale().factorY();
        return Draft.arriving(
                stage, wish, place.withPosition(place.position().plus(new FramePoint(0, y))), place, ARRIVED);
    }

    static Draft standing(Stage stage) {
        return new Draft(List.of(stage.standing()), false);
    }

    /** Letters that part slowly over the whole shot. */
    static LookSet driftingApart(Stage stage, MoveWish wish) {
        return draft(stage)
                .change(LookKinds.LETTER_SPACING, 0.0, DRIFT_PERCENT * wish.part(), 0, 1, Leg.LINEAR)
                .named("Drift apart");
    }

    /** Letters a little too large that settle to their size. */
    static LookSet settling(Stage stage, MoveWish wish) {
        double last = Math.max(1, stage.length() - 1);
        return draft(stage)
                .change(
                        LookKinds.LETTER_SIZE,
                        100 + SETTLE_PERCENT * wish.part(),
                        100.0,
                        Draft.leaves(stage, wish) / last,
                        Draft.arrives(stage, wish, ARRIVED) / last,
                        new Leg.Curve(Draft.ARRIVING))
                .named("Type size settle");
    }

    private static LookDraft draft(Stage stage) {
        return new LookDraft(stage.picture(), stage.frame(), stage.length()).add(LookKinds.LETTERING);
    }
}
