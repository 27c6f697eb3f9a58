package amberlens.desktop.commands;

import amberlens.desktop.look.Gesture;
import amberlens.desktop.store.Store;
import javafx.scene.input.MouseEvent;

/** A drag that shows an edit while it goes on: dropped it is a step of the history, cancelled it never was. */
public abstract class EditDrag implements Gesture {
    /** What the edit is shown in. */
    protected final Store store;

    protected EditDrag(Store store) {
        this.store = store;
    }

    @Override
    public void drop(MouseEvent event) {
        store.commit();
    }

    @Override
    public void cancel() {
        store.cancel();
    }
}
