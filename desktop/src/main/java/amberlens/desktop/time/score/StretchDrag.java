package amberlens.desktop.time.score;

import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.keys.Retiming;
import amberlens.desktop.desk.commands.EditDrag;
import amberlens.desktop.desk.commands.KeyWords;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import java.util.OptionalInt;
import javafx.scene.input.MouseEvent;

/** A grip of the stretch bar dragged: the selected keys spread or close up, the other end stays. */
final class StretchDrag extends EditDrag {
    private final ScoreSurface surface;
    private final Shot shot;
    private final KeySet keys;
    private final int edge;
    private final int fixed;
    private final double pressX;
    private final Snap snap;

    StretchDrag(Desk desk, ScoreSurface surface, MouseEvent press, boolean first) {
        super(desk);
        this.surface = surface;
        shot = desk.cursor().selectedShot().orElseThrow();
        keys = desk.cursor().selectedKeys();
        edge = first ? keys.first() : keys.last();
        fixed = first ? keys.last() : keys.first();
        pressX = press.getX();
        snap = new Snap(desk, shot, shot.camera(), keys, surface.beats());
    }

    @Override
    public void drag(MouseEvent event) {
        double perFrame = surface.plan().perFrame();
        double wanted = edge + (event.getX() - pressX) / perFrame;
        OptionalInt caught = snap.near(wanted, perFrame);
        surface.view().setSnapLine(caught);
        Retiming.Moved moved = new Retiming(
                        shot.camera(),
                        keys,
                        shot.lastFrame(),
                        desk.preferences().neighbours())
                .stretched(fixed, edge, caught.orElse((int) Math.round(wanted)));
        desk.cursor()
                .show(
                        ShotEdits.setCamera(KeyWords.of("stretch", keys), shot.id(), moved.camera()),
                        new Selection.Keys(moved.keys()));
    }

    @Override
    public void drop(MouseEvent event) {
        surface.view().setSnapLine(OptionalInt.empty());
        super.drop(event);
    }

    @Override
    public void cancel() {
        surface.view().setSnapLine(OptionalInt.empty());
        super.cancel();
    }
}
