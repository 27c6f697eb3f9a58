package amberlens.desktop.picture.handling;

import amberlens.desktop.kit.style.Gesture;
import javafx.scene.input.MouseEvent;

/** The view of a picture dragged about; the project stays as it is. */
public final class ViewPan implements Gesture {
    /** Moves a view by so many screen pixels. */
    @FunctionalInterface
    public interface Pan {
        void by(double x, double y);
    }

    private final Pan pan;
    private double lastX;
    private double lastY;

    public ViewPan(Pan pan, MouseEvent press) {
        this.pan = pan;
        lastX = press.getX();
        lastY = press.getY();
    }

    @Override
    public void drag(MouseEvent event) {
        pan.by(event.getX() - lastX, event.getY() - lastY);
        lastX = event.getX();
        lastY = event.getY();
    }
}
