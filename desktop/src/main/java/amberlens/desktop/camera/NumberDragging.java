package amberlens.desktop.camera;

import amberlens.core.edit.CameraEdits;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Property;
import amberlens.desktop.desk.Desk;
import java.util.Locale;
import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import org.jspecify.annotations.Nullable;

/** Changing a property by dragging its name sideways; with shift the vertical number, with alt ten times finer. */
final class NumberDragging {
    private static final double THRESHOLD = 3;

    private final Desk desk;
    private final Property property;
    private @Nullable Pose start;
    private double pressX;
    private boolean dragging;

    NumberDragging(Desk desk, Label handle, Property property) {
        this.desk = desk;
        this.property = property;
        handle.setOnMousePressed(this::pressed);
        handle.setOnMouseDragged(this::dragged);
        handle.setOnMouseReleased(_ -> released());
    }

    private void pressed(MouseEvent event) {
        start = desk.cursor().pose().orElse(null);
        pressX = event.getScreenX();
    }

    private void dragged(MouseEvent event) {
        double way = event.getScreenX() - pressX;
        if (start == null || (!dragging && Math.abs(way) < THRESHOLD)) {
            return;
        }
        if (!dragging) {
            desk.cursor().enterShot();
            dragging = true;
        }
        double step =
                (property == Property.SCALE || property == Property.ROTATION ? 0.1 : 1) * (event.isAltDown() ? 0.1 : 1);
        int part = event.isShiftDown() && (property == Property.POSITION || property == Property.ANCHOR) ? 1 : 0;
        double value = PropertyNumbers.of(start, property, part) + Math.round(way) * step;
        if (property == Property.SCALE) {
            value = Math.max(0.1, value);
        }
        boolean linked = desk.cursor()
                .selectedShot()
                .map(shot -> shot.camera().channel(property).axes().isEmpty())
                .orElse(true);
        Pose pose = CameraEdits.withNumber(start, property, part, value, linked);
        String name = "change of " + property.word().toLowerCase(Locale.ROOT);
        desk.cursor().selectedShot().ifPresent(shot -> desk.document()
                .show(CameraEdits.setPose(name, shot.id(), desk.cursor().shotFrame(), pose)));
    }

    private void released() {
        if (dragging) {
            desk.document().commit();
        }
        dragging = false;
        start = null;
    }
}
