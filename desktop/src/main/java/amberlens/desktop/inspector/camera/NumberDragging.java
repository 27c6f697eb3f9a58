package amberlens.desktop.inspector.camera;

import amberlens.core.edit.edits.CameraEdits;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.property.Property;
import amberlens.desktop.desk.state.Desk;
import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import org.jspecify.annotations.Nullable;

/** Changing a property by dragging its name sideways; with shift the vertical number, with alt ten times finer. */
final class NumberDragging<V> {
    private static final double THRESHOLD = 3;
    private static final double FINE = 0.1;

    private final Desk desk;
    private final Property<V> property;
    private @Nullable Shot start;
    private double pressX;
    private boolean dragging;

    NumberDragging(Desk desk, Label handle, Property<V> property) {
        this.desk = desk;
        this.property = property;
        handle.setOnMousePressed(this::pressed);
        handle.setOnMouseDragged(this::dragged);
        handle.setOnMouseReleased(_ -> released());
    }

    private void pressed(MouseEvent event) {
        start = desk.cursor().selectedShot().orElse(null);
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
        int frame = desk.cursor().shotFrame();
        double step = property.step() * (event.isAltDown() ? FINE : 1);
        int part = event.isShiftDown() && property.paired() && !property.proportional() ? 1 : 0;
        double before = property.kind().part(start.camera().seen(property, frame), part);
        double number = property.range().clamp(before + Math.round(way) * step);
        V value = CameraEdits.withNumber(start, property, frame, part, number);
        desk.document().show(desk.setValue("change " + property.lowerWord(), start, property, frame, value));
    }

    private void released() {
        if (dragging) {
            desk.document().commit();
        }
        dragging = false;
        start = null;
    }
}
