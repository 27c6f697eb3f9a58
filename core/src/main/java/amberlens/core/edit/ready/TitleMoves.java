package amberlens.core.edit.ready;

import amberlens.core.material.look.LookDraft;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.LookSet;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Leg;
import java.util.List;

/** Moves of the letters of titles that stay where they stand. Their amounts are common practice: letters drift by a few hundredths of their size. */
final class TitleMoves {
    /** The part of a shot after which a title has arrived. */
    private static final double ARRIVED = 0.22;

    private static final double DRIFT_PERCENT = 8;
    private static final double SETTLE_PERCENT = 18;

    private TitleMoves() {}

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
                        Ease.FAST_START.leg())
                .named("Type size settle");
    }

    private static LookDraft draft(Stage stage) {
        return new LookDraft(stage.picture(), stage.frame(), stage.length()).add(LookKinds.LETTERING);
    }
}
