package amberlens.desktop.time.lineup;

import amberlens.desktop.desk.commands.EditDrag;
import amberlens.desktop.desk.state.Desk;
import java.util.OptionalInt;
import java.util.Set;
import javafx.scene.input.MouseEvent;

/** A drag in the Line-up whose ends catch on cuts, sounds, beats and markers; a line shows on which. */
abstract class SnapDrag extends EditDrag {
    /** What is dragged over. */
    protected final LineUpSurface surface;

    /** As it was when the drag began. */
    protected final LineUpLayout plan;

    private final CutSnap snap;

    /** @param moved shots and clips of sound that do not catch on themselves */
    SnapDrag(Desk desk, LineUpSurface surface, Set<String> moved) {
        super(desk);
        this.surface = surface;
        plan = surface.plan();
        snap = surface.snap(moved);
    }

    /** How far a frame of the line-up has to go on to catch; 0 where nothing is near. */
    protected final int caught(int frame) {
        return caught(frame, frame);
    }

    /** Likewise for whichever of two frames is nearer to something. */
    protected final int caught(int first, int second) {
        OptionalInt by = snap.correction(first, second, plan.perFrame());
        surface.view().setSnapLine(by.isPresent() ? OptionalInt.of(first + by.getAsInt()) : OptionalInt.empty());
        return by.orElse(0);
    }

    /** Whether something has been caught. */
    protected final boolean isCaught() {
        return surface.view().snapLine().isPresent();
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
