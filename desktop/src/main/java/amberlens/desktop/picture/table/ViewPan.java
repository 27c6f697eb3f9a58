package amberlens.desktop.picture.table;

import amberlens.desktop.kit.style.Gesture;
import javafx.scene.input.MouseEvent;

/** The view of the Table dragged about; the project stays as it is. */
final class ViewPan implements Gesture {
    private final TableSurface surface;
    private double lastX;
    private double lastY;

    ViewPan(TableSurface surface, MouseEvent press) {
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
