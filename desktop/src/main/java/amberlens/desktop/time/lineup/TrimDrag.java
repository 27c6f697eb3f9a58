package amberlens.desktop.time.lineup;

import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.LineUpEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.edit.edits.ShotEdits.Timing;
import amberlens.core.model.lineup.Laying;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.commands.ShotLength;
import amberlens.desktop.desk.state.Desk;
import java.util.Set;
import javafx.scene.input.MouseEvent;

/** An end of a shot dragged: it begins or ends earlier or later. What happens to its move when its end is drawn out is asked once. */
final class TrimDrag extends SnapDrag {
    private final ShotLength lengths;
    private final Shot shot;
    private final boolean atStart;
    private final double pressX;
    private int by;

    TrimDrag(Desk desk, LineUpSurface surface, ShotLength lengths, Shot shot, boolean atStart, double pressX) {
        super(desk, surface, Set.of(shot.id()));
        this.lengths = lengths;
        this.shot = shot;
        this.atStart = atStart;
        this.pressX = pressX;
    }

    @Override
    public void drag(MouseEvent event) {
        by = (int) Math.round((event.getX() - pressX) / plan.perFrame());
        int end = atStart ? shot.start() + by : shot.start() + shot.length() + by;
        by += caught(end);
        by = atStart
                ? Math.min(by, shot.length() - 1)
                : Math.clamp(by, 1 - shot.length(), Shot.LONGEST - shot.length());
        desk.document().show(edit());
    }

    private Edit edit() {
        Laying laying = desk.preferences().laying();
        if (atStart) {
            return LineUpEdits.trimStart(shot.id(), by, laying);
        }
        Timing timing = desk.preferences().lengthTiming().orElse(Timing.KEEP);
        return laying == Laying.RIPPLE
                ? ShotEdits.setLength(shot.id(), shot.length() + by, timing)
                : LineUpEdits.trimEnd(shot.id(), by, laying);
    }

    @Override
    public void drop(MouseEvent event) {
        if (!atStart && desk.preferences().laying() == Laying.RIPPLE) {
            cancel();
            lengths.set(shot, shot.length() + by);
        } else {
            super.drop(event);
        }
    }
}
