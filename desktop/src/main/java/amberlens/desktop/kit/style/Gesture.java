package amberlens.desktop.kit.style;

import javafx.scene.input.MouseEvent;

/** What a hand does between pressing and releasing the mouse button on a {@link Surface}. */
public interface Gesture {
    /** The pointer has moved, after it has left the place of the press by a few pixels. */
    void drag(MouseEvent event);

    /** The button was released after a drag. */
    default void drop(MouseEvent event) {}

    /** The button was released where it was pressed. */
    default void click(MouseEvent event) {}

    /** Escape was pressed during the drag: everything is as before it. */
    default void cancel() {}
}
