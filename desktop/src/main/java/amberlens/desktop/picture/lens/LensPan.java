package amberlens.desktop.picture.lens;

import amberlens.desktop.kit.style.Gesture;
import javafx.scene.input.MouseEvent;

/** The close view of the Lens dragged about; the project stays as it is. */
final class LensPan implements Gesture {
    private final LensSurface surface;
    private double lastX;
    private double lastY;

    LensPan(LensSurface surface, MouseEvent press) {
        this.surface = surface;
        lastX = press.getX();
        lastY = press.getY();
    }

    @Override
    public void drag(MouseEvent event) {
        surface.pan(event.getX() - lastX, event.getY() - lastY);
        lastX = event.getX();
        lastY = event.getY();
    }
}
