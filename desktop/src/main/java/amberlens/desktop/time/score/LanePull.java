package amberlens.desktop.time.score;

import amberlens.core.motion.property.Property;
import amberlens.desktop.kit.style.Gesture;
import javafx.scene.input.MouseEvent;

/** The lower border of a lane is pulled down to make it tall, and up to make it small again; a click does whichever it is not. */
final class LanePull implements Gesture {
    /** How far above the border it is taken hold of, in screen pixels. */
    static final double GRIP = 6;

    private static final double FAR = 12;

    private final ScoreView view;
    private final Property<?> property;
    private final double pressY;
    private final boolean before;

    LanePull(ScoreView view, Property<?> property, MouseEvent press) {
        this.view = view;
        this.property = property;
        pressY = press.getY();
        before = view.isTall(property);
    }

    @Override
    public void drag(MouseEvent event) {
        double pulled = event.getY() - pressY;
        if (Math.abs(pulled) > FAR) {
            view.setTall(property, pulled > 0);
        }
    }

    @Override
    public void click(MouseEvent event) {
        view.toggleTall(property);
    }

    @Override
    public void cancel() {
        view.setTall(property, before);
    }
}
