package amberlens.desktop.time.lineup;

import amberlens.desktop.desk.state.Preferences;
import javafx.geometry.Pos;
import javafx.scene.Cursor;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;

/** The lower border of the Line-up: dragged, it makes all its rows higher or lower, and that is remembered. */
final class HeightGrip extends Region {
    private static final double THICK = 5;
    private static final double LEAST = 0.7;
    private static final double MOST = 4;
    private static final String SEAM = "line-up";

    private final Preferences preferences;
    private final Runnable changed;
    private double times;
    private double pressedAt;
    private double pressedTimes;

    /** @param changed is called when the rows are to have another height */
    HeightGrip(Preferences preferences, Runnable changed) {
        this.preferences = preferences;
        this.changed = changed;
        times = Math.clamp(preferences.seam(SEAM).orElse(1), LEAST, MOST);
        setId("line-up-grip");
        getStyleClass().add("height-grip");
        setCursor(Cursor.V_RESIZE);
        setMinHeight(THICK);
        setMaxHeight(THICK);
        StackPane.setAlignment(this, Pos.BOTTOM_CENTER);
        addEventHandler(MouseEvent.MOUSE_PRESSED, event -> {
            pressedAt = event.getScreenY();
            pressedTimes = times;
            event.consume();
        });
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        addEventHandler(MouseEvent.MOUSE_RELEASED, event -> {
            preferences.setSeam(SEAM, times);
            event.consume();
        });
    }

    /** How many times as high as usual rows are. */
    double times() {
        if (!isPressed()) {
            times = Math.clamp(preferences.seam(SEAM).orElse(1), LEAST, MOST);
        }
        return times;
    }

    private void drag(MouseEvent event) {
        double usual = ((Region) getParent()).getHeight() / times;
        times = Math.clamp(pressedTimes + (event.getScreenY() - pressedAt) / usual, LEAST, MOST);
        changed.run();
        event.consume();
    }
}
