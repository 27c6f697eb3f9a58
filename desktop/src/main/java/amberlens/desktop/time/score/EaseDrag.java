package amberlens.desktop.time.score;

import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.keys.KeyEases;
import amberlens.core.motion.keys.KeySet;
import amberlens.desktop.desk.commands.EditDrag;
import amberlens.desktop.desk.state.Desk;
import javafx.scene.input.MouseEvent;

/** A handle of an ease dragged in a tall lane; shift keeps it level with its bead. */
final class EaseDrag extends EditDrag {
    private final ScoreSurface surface;
    private final Shot shot;
    private final EaseHandle handle;

    EaseDrag(Desk desk, ScoreSurface surface, EaseHandle handle) {
        super(desk);
        this.surface = surface;
        shot = desk.cursor().selectedShot().orElseThrow();
        this.handle = handle;
    }

    @Override
    public void drag(MouseEvent event) {
        Leg leg =
                handle.draggedTo(event.getX(), event.getY(), event.isShiftDown(), shot, surface.plan(), surface.view());
        desk.document()
                .show(ShotEdits.setCamera(
                        "change ease", shot.id(), KeyEases.withLeg(shot.camera(), KeySet.of(handle.key()), leg)));
    }
}
