package amberlens.desktop.score;

import amberlens.core.edit.ShotEdits;
import amberlens.core.keys.KeyEases;
import amberlens.core.keys.KeySet;
import amberlens.core.model.Shot;
import amberlens.core.motion.Leg;
import amberlens.desktop.commands.EditDrag;
import amberlens.desktop.desk.Desk;
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
                        "ease by hand", shot.id(), KeyEases.withLeg(shot.camera(), KeySet.of(handle.key()), leg)));
    }
}
