package amberlens.desktop.lineup;

import amberlens.core.edit.LineUpEdits;
import amberlens.core.lineup.Laying;
import amberlens.core.model.Shot;
import amberlens.desktop.commands.EditDrag;
import amberlens.desktop.desk.Desk;
import java.util.OptionalInt;
import java.util.Set;
import javafx.scene.input.MouseEvent;

/** Shots dragged in time and from track to track. A double-click goes to the first frame. */
final class ShotsDrag extends EditDrag {
    private final LineUpSurface surface;
    private final Shot shot;
    private final Set<String> moved;
    private final LineUpLayout plan;
    private final double pressX;
    private final CutSnap snap;

    ShotsDrag(Desk desk, LineUpSurface surface, Shot shot, double pressX) {
        super(desk);
        this.surface = surface;
        this.shot = shot;
        this.pressX = pressX;
        moved = Set.copyOf(desk.cursor().selection().shots());
        plan = surface.plan();
        snap = new CutSnap(desk, moved);
    }

    @Override
    public void drag(MouseEvent event) {
        int by = (int) Math.round((event.getX() - pressX) / plan.perFrame());
        int tracks = plan.track(event.getY()) - shot.track();
        Laying laying = desk.preferences().laying();
        OptionalInt line = OptionalInt.empty();
        if (laying == Laying.OVERWRITE) {
            int start = shot.start() + by;
            OptionalInt correction = snap.correction(start, start + shot.length(), plan.perFrame());
            if (correction.isPresent()) {
                by += correction.getAsInt();
                line = OptionalInt.of(shot.start() + by);
            }
        }
        surface.view().setSnapLine(line);
        desk.document().show(LineUpEdits.move(moved, by, tracks, laying));
    }

    @Override
    public void drop(MouseEvent event) {
        surface.view().setSnapLine(OptionalInt.empty());
        super.drop(event);
    }

    @Override
    public void click(MouseEvent event) {
        if (event.getClickCount() == 2) {
            desk.cursor().seek(shot.start());
        }
    }

    @Override
    public void cancel() {
        surface.view().setSnapLine(OptionalInt.empty());
        super.cancel();
    }
}
