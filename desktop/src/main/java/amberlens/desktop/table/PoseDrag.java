package amberlens.desktop.table;

import amberlens.core.edit.CameraEdits;
import amberlens.core.model.Shot;
import amberlens.core.motion.Pose;
import amberlens.desktop.commands.EditDrag;
import amberlens.desktop.store.Selection;
import amberlens.desktop.store.Store;
import java.util.Optional;
import javafx.scene.input.MouseEvent;

/** A drag that changes the pose of one frame: the gate at the playhead, or a stored framing wherever the playhead is. */
final class PoseDrag extends EditDrag {
    private final TableSurface surface;
    private final GateGesture change;
    private final Optional<Integer> framing;

    /**
     * @param framing the frame of a stored framing; empty for the frame at the playhead
     */
    PoseDrag(Store store, TableSurface surface, GateGesture change, Optional<Integer> framing) {
        super(store);
        this.surface = surface;
        this.change = change;
        this.framing = framing;
    }

    @Override
    public void drag(MouseEvent event) {
        if (framing.isEmpty()) {
            store.enterShot();
        }
        TableView view = surface.view().orElseThrow();
        Shot shot = store.selectedShot().orElseThrow();
        Pose pose = change.at(view.toPicture(event.getX(), event.getY()), event.isShiftDown());
        String name = framing.isPresent() ? "move of a framing" : change.name();
        store.show(CameraEdits.setFraming(name, shot.id(), framing.orElse(store.shotFrame()), pose));
    }

    @Override
    public void click(MouseEvent event) {
        framing.ifPresent(frame -> {
            store.select(new Selection.Framing(frame));
            store.seekInShot(frame);
        });
    }
}
