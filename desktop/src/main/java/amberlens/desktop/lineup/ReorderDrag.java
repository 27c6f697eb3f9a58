package amberlens.desktop.lineup;

import amberlens.core.edit.ShotEdits;
import amberlens.core.model.Shot;
import amberlens.desktop.look.Gesture;
import amberlens.desktop.store.Store;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.input.MouseEvent;

/** A shot dragged to another place among those of its track. A double-click goes to its first frame. */
final class ReorderDrag implements Gesture {
    private final Store store;
    private final LineUpSurface surface;
    private final Shot shot;

    ReorderDrag(Store store, LineUpSurface surface, Shot shot) {
        this.store = store;
        this.surface = surface;
        this.shot = shot;
    }

    @Override
    public void drag(MouseEvent event) {
        surface.showDrop(OptionalDouble.of(event.getX()));
    }

    @Override
    public void drop(MouseEvent event) {
        surface.showDrop(OptionalDouble.empty());
        int place = surface.plan().place(event.getX(), shot.track(), Optional.of(shot.id()));
        store.apply(ShotEdits.reorder(shot.id(), place));
    }

    @Override
    public void click(MouseEvent event) {
        if (event.getClickCount() == 2) {
            store.seek(shot.start());
        }
    }

    @Override
    public void cancel() {
        surface.showDrop(OptionalDouble.empty());
    }
}
