package amberlens.desktop.time.lineup;

import amberlens.core.edit.edits.LineUpEdits;
import amberlens.core.model.lineup.Laying;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.state.Desk;
import java.util.Set;
import javafx.scene.input.MouseEvent;

/** Shots dragged in time and from track to track. A double-click goes to the first frame. */
final class ShotsDrag extends SnapDrag {
    private final Shot shot;
    private final Set<String> moved;
    private final double pressX;

    ShotsDrag(Desk desk, LineUpSurface surface, Shot shot, double pressX) {
        super(desk, surface, Set.copyOf(desk.cursor().selection().shots()));
        this.shot = shot;
        this.pressX = pressX;
        moved = Set.copyOf(desk.cursor().selection().shots());
    }

    @Override
    public void drag(MouseEvent event) {
        int by = (int) Math.round((event.getX() - pressX) / plan.perFrame());
        int tracks = plan.track(event.getY()) - shot.track();
        Laying laying = desk.preferences().laying();
        if (laying == Laying.OVERWRITE) {
            int start = shot.start() + by;
            by += caught(start, start + shot.length());
        }
        desk.document().show(LineUpEdits.move(moved, by, tracks, laying));
    }

    @Override
    public void click(MouseEvent event) {
        if (event.getClickCount() == 2) {
            desk.cursor().seek(shot.start());
        }
    }
}
