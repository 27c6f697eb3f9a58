package amberlens.desktop.kit.style;

import java.util.Optional;
import java.util.function.Function;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import org.jspecify.annotations.Nullable;

/** Runs the gestures of a surface: a press chooses one, movement drags it, release drops it, Escape takes it back. */
public final class Gestures {
    private static final double THRESHOLD = 3;

    private final Surface surface;
    private final Function<MouseEvent, Optional<? extends Gesture>> choose;
    private @Nullable Gesture gesture;
    private boolean dragging;
    private double pressX;
    private double pressY;

    /**
     * @param choose which gesture a press of the first button begins, if any
     */
    public Gestures(Surface surface, Function<MouseEvent, Optional<? extends Gesture>> choose) {
        this.surface = surface;
        this.choose = choose;
        surface.addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        surface.addEventHandler(MouseEvent.MOUSE_DRAGGED, this::dragged);
        surface.addEventHandler(MouseEvent.MOUSE_RELEASED, this::released);
        surface.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    private void pressed(MouseEvent event) {
        surface.requestFocus();
        dragging = false;
        pressX = event.getX();
        pressY = event.getY();
        gesture = event.getButton() == MouseButton.PRIMARY ? choose.apply(event).orElse(null) : null;
    }

    private void dragged(MouseEvent event) {
        boolean far = Math.hypot(event.getX() - pressX, event.getY() - pressY) >= THRESHOLD;
        if (gesture != null && (dragging || far)) {
            dragging = true;
            gesture.drag(event);
        }
    }

    private void released(MouseEvent event) {
        Gesture ended = gesture;
        gesture = null;
        if (ended != null && dragging) {
            ended.drop(event);
        } else if (ended != null) {
            ended.click(event);
        }
        dragging = false;
    }

    private void key(KeyEvent event) {
        if (event.getCode() == KeyCode.ESCAPE && gesture != null) {
            Gesture ended = gesture;
            gesture = null;
            if (dragging) {
                ended.cancel();
            }
            event.consume();
        }
    }
}
