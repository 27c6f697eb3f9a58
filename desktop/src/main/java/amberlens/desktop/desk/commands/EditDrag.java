package amberlens.desktop.desk.commands;

import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Gesture;
import javafx.scene.input.MouseEvent;

/** A drag that shows an edit while it goes on: dropped it is a step of the history, cancelled it never was. */
public abstract class EditDrag implements Gesture {
    /** What the edit is shown in. */
    protected final Desk desk;

    protected EditDrag(Desk desk) {
        this.desk = desk;
    }

    @Override
    public void drop(MouseEvent event) {
        desk.document().commit();
    }

    @Override
    public void cancel() {
        desk.document().cancel();
    }
}
