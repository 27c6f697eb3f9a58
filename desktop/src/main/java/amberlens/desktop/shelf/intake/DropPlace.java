package amberlens.desktop.shelf.intake;

import amberlens.core.model.project.Media;
import amberlens.core.model.project.Shot;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.DragEvent;

/** A view that takes pictures and footage that are dropped on it, from the Shelf or from another program. */
public interface DropPlace {
    /** Shows what a drop here would do. */
    void over(DragEvent event);

    /** The drag has gone away. */
    void gone();

    /** The shot that would take the move of a film here; empty where there is none. */
    default Optional<Shot> moved(double x, double y) {
        return Optional.empty();
    }

    /**
     * Takes what was dropped, in its order.
     *
     * @param x where, in the pixels of the view that was served
     * @param y likewise
     */
    void take(List<Media> media, double x, double y);
}
