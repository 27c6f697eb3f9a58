package amberlens.desktop.lineup;

import amberlens.core.edit.Edit;
import amberlens.core.edit.LineUpEdits;
import amberlens.core.edit.ShotEdits;
import amberlens.core.edit.ShotEdits.Timing;
import amberlens.core.lineup.Laying;
import amberlens.core.model.Shot;
import amberlens.desktop.commands.EditDrag;
import amberlens.desktop.commands.ShotLength;
import amberlens.desktop.desk.Desk;
import java.util.OptionalInt;
import java.util.Set;
import javafx.scene.input.MouseEvent;

/** An end of a shot dragged: it begins or ends earlier or later. What happens to its move when its end is drawn out is asked once. */
final class TrimDrag extends EditDrag {
    private final LineUpSurface surface;
    private final ShotLength lengths;
    private final Shot shot;
    private final boolean atStart;
    private final double pressX;
    private final double perFrame;
    private final CutSnap snap;
    private int by;

    TrimDrag(Desk desk, LineUpSurface surface, ShotLength lengths, Shot shot, boolean atStart, double pressX) {
        super(desk);
        this.surface = surface;
        this.lengths = lengths;
        this.shot = shot;
        this.atStart = atStart;
        this.pressX = pressX;
        perFrame = surface.plan().perFrame();
        snap = new CutSnap(desk, Set.of(shot.id()));
    }

    @Override
    public void drag(MouseEvent event) {
        by = (int) Math.round((event.getX() - pressX) / perFrame);
        int end = atStart ? shot.start() + by : shot.start() + shot.length() + by;
        OptionalInt correction = snap.correction(end, end, perFrame);
        by += correction.orElse(0);
        surface.view()
                .setSnapLine(
                        correction.isPresent() ? OptionalInt.of(end + correction.getAsInt()) : OptionalInt.empty());
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
        surface.view().setSnapLine(OptionalInt.empty());
        if (!atStart && desk.preferences().laying() == Laying.RIPPLE) {
            desk.document().cancel();
            lengths.set(shot, shot.length() + by);
        } else {
            super.drop(event);
        }
    }

    @Override
    public void cancel() {
        surface.view().setSnapLine(OptionalInt.empty());
        super.cancel();
    }
}
