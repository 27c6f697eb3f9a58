package amberlens.desktop.desk.colours;

import amberlens.core.base.colour.Colour;
import amberlens.desktop.kit.style.Overlay;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.event.EventHandler;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.SnapshotParameters;
import javafx.scene.image.WritableImage;
import javafx.scene.input.InputEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;

/** Takes the colour of one pixel that the next click means. The dialog that asked steps aside meanwhile; Escape leaves all as it is. */
final class Eyedropper {
    private final Scene scene;
    private final Optional<Overlay> overlay;
    private final Consumer<Colour> taken;
    private final EventHandler<InputEvent> handler = this::heard;
    private boolean pressed;

    private Eyedropper(Scene scene, Optional<Overlay> overlay, Consumer<Colour> taken) {
        this.scene = scene;
        this.overlay = overlay;
        this.taken = taken;
    }

    /** @param asking stands in the dialog that asks */
    static void take(Node asking, Consumer<Colour> taken) {
        Optional<Overlay> overlay = Optional.empty();
        for (Node above = asking; above != null; above = above.getParent()) {
            if (above instanceof Overlay found) {
                overlay = Optional.of(found);
            }
        }
        new Eyedropper(asking.getScene(), overlay, taken).begin();
    }

    private void begin() {
        overlay.ifPresent(Overlay::stepAside);
        scene.setCursor(Cursor.CROSSHAIR);
        scene.addEventFilter(MouseEvent.ANY, handler);
        scene.addEventFilter(KeyEvent.ANY, handler);
    }

    private void heard(InputEvent event) {
        boolean away = event instanceof KeyEvent key && key.getCode() == KeyCode.ESCAPE;
        pressed |= event.getEventType() == MouseEvent.MOUSE_PRESSED; // the click that began it goes on after it
        boolean click = pressed && event.getEventType() == MouseEvent.MOUSE_CLICKED;
        event.consume();
        if (away || click) {
            scene.removeEventFilter(MouseEvent.ANY, handler);
            scene.removeEventFilter(KeyEvent.ANY, handler);
            scene.setCursor(null);
            Optional<Colour> colour = event instanceof MouseEvent mouse && click ? at(mouse) : Optional.empty();
            overlay.ifPresent(Overlay::stepBack);
            colour.ifPresent(taken);
        }
    }

    /** What is painted at a place, when that is on the Table or in the Lens. */
    private Optional<Colour> at(MouseEvent event) {
        for (String view : new String[] {"#table-surface", "#lens-surface"}) {
            Node surface = scene.lookup(view);
            if (surface != null) {
                Point2D local = surface.sceneToLocal(event.getSceneX(), event.getSceneY());
                if (surface.contains(local)) {
                    return Optional.of(pixel(surface, local));
                }
            }
        }
        return Optional.empty();
    }

    private static Colour pixel(Node surface, Point2D at) {
        var only = new SnapshotParameters();
        Point2D inParent = surface.localToParent(at);
        only.setViewport(new Rectangle2D(Math.floor(inParent.getX()), Math.floor(inParent.getY()), 1, 1));
        WritableImage image = surface.snapshot(only, null);
        return ColourField.read(image.getPixelReader().getColor(0, 0));
    }
}
