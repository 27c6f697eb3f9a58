package amberlens.desktop.time.score;

import amberlens.core.edit.edits.MarkerEdits;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.keys.KeySet;
import amberlens.desktop.desk.commands.EditDrag;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.scene.input.MouseEvent;

/** A marker of the shot dragged in time; a click goes to it. */
final class MarkerDrag extends EditDrag {
    private final ScoreSurface surface;
    private final Shot shot;
    private final int frame;
    private final Snap snap;

    MarkerDrag(Desk desk, ScoreSurface surface, int frame) {
        super(desk);
        this.surface = surface;
        this.frame = frame;
        shot = desk.cursor().selectedShot().orElseThrow();
        snap = new Snap(desk, shot.withMarkers(List.of()), shot.camera(), KeySet.NONE, surface.beats());
    }

    @Override
    public void drag(MouseEvent event) {
        ScoreLayout plan = surface.plan();
        OptionalInt caught = snap.near(plan.time(event.getX()), plan.perFrame());
        surface.view().setSnapLine(caught);
        int to = caught.orElse(plan.frame(event.getX()));
        desk.cursor().show(MarkerEdits.move(Optional.of(shot.id()), frame, to), new Selection.MarkerAt(to, false));
    }

    @Override
    public void drop(MouseEvent event) {
        surface.view().setSnapLine(OptionalInt.empty());
        super.drop(event);
    }

    @Override
    public void click(MouseEvent event) {
        desk.cursor().seekInShot(frame);
    }

    @Override
    public void cancel() {
        surface.view().setSnapLine(OptionalInt.empty());
        super.cancel();
    }
}
