package amberlens.core.edit.edits;

import amberlens.core.edit.ready.MoveWish;
import amberlens.core.edit.ready.ReadyMove;
import amberlens.core.edit.ready.Stage;
import amberlens.core.material.layering.Fade;
import amberlens.core.material.layering.Layering;
import amberlens.core.material.look.Look;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.LookSet;
import amberlens.core.material.look.Looks;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import java.util.List;
import java.util.Optional;

/**
 * What a ready move of titles does beside moving: how a title comes and goes, and what becomes of its letters.
 *
 * @param looks of its letters, in place of those it has
 * @param fade how long it comes out of nothing and goes again, in frames
 * @param fadesIn whether it comes out of nothing
 */
record TitleDressing(Optional<LookSet> looks, int fade, boolean fadesIn) {
    /** A title fades within half a second, and within a quarter of its shot. */
    static TitleDressing of(ReadyMove move, Stage stage, MoveWish wish, Project project) {
        int half = (int) Math.round(project.frame().rate().perSecond() / 2);
        return new TitleDressing(
                move.looks(stage, wish), Math.clamp(stage.length() / 4, 1, Math.max(1, half)), move.fadesIn());
    }

    Shot on(Shot shot) {
        List<Look> others = shot.looks().stream()
                .filter(look -> !look.kind().equals(LookKinds.LETTERING))
                .toList();
        Shot plain = shot.withLooks(others, Looks.owned(shot.camera(), others));
        Shot lettered = looks.map(set -> {
                    LookSet.Worn worn = set.behind(plain.looks(), plain.camera());
                    return plain.withLooks(worn.looks(), worn.camera());
                })
                .orElse(plain);
        Layering layering = lettered.layering()
                .withEnter(fadesIn ? Optional.of(Fade.over(fade)) : Optional.empty())
                .withLeave(Optional.of(Fade.over(fade)));
        return lettered.withLayering(layering);
    }
}
