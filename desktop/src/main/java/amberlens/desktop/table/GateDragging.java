package amberlens.desktop.table;

import amberlens.core.edit.CameraEdits;
import amberlens.core.geometry.Corner;
import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.PicturePoint;
import amberlens.core.geometry.Size;
import amberlens.core.model.Shot;
import amberlens.core.motion.Pose;
import amberlens.desktop.store.Store;
import java.util.Optional;
import javafx.scene.Cursor;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import org.jspecify.annotations.Nullable;

/** The drag on the Table's gate: shows while it goes on, commits once on release, Escape takes it back. */
final class GateDragging {
    private static final double REACH = 9;
    private static final double THRESHOLD = 3;

    private enum State {
        IDLE,
        PRESSED,
        DRAGGING
    }

    private final Store store;
    private final TableSurface surface;
    private State state = State.IDLE;
    private @Nullable GateGesture gesture;
    private double pressX;
    private double pressY;

    GateDragging(Store store, TableSurface surface) {
        this.store = store;
        this.surface = surface;
        surface.addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        surface.addEventHandler(MouseEvent.MOUSE_DRAGGED, this::dragged);
        surface.addEventHandler(MouseEvent.MOUSE_RELEASED, _ -> released());
        surface.addEventHandler(MouseEvent.MOUSE_MOVED, event -> surface.setCursor(cursor(event)));
        surface.addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE && state == State.DRAGGING) {
                state = State.IDLE;
                store.cancel();
                event.consume();
            }
        });
    }

    private void pressed(MouseEvent event) {
        surface.requestFocus();
        if (event.getButton() != MouseButton.PRIMARY || surface.gate().isEmpty()) {
            return;
        }
        gesture = gestureAt(event.getX(), event.getY()).orElse(null);
        pressX = event.getX();
        pressY = event.getY();
        state = gesture == null ? State.IDLE : State.PRESSED;
    }

    private void dragged(MouseEvent event) {
        boolean far = Math.hypot(event.getX() - pressX, event.getY() - pressY) >= THRESHOLD;
        if (state == State.PRESSED && far) {
            store.enterShot();
            state = State.DRAGGING;
        }
        if (state == State.DRAGGING && gesture != null) {
            TableView view = surface.view().orElseThrow();
            Shot shot = store.selectedShot().orElseThrow();
            Pose pose = gesture.at(view.toPicture(event.getX(), event.getY()), event.isShiftDown());
            store.show(CameraEdits.setFraming(gesture.name(), shot.id(), store.shotFrame(), pose));
        }
    }

    private void released() {
        if (state == State.DRAGGING) {
            store.commit();
        }
        state = State.IDLE;
    }

    private Optional<GateGesture> gestureAt(double x, double y) {
        GateShape gate = surface.gate().orElseThrow();
        TableView view = surface.view().orElseThrow();
        Pose pose = store.pose().orElseThrow();
        Size frame = store.project().frameSize();
        PicturePoint pointer = view.toPicture(x, y);
        if (near(gate.turnHandle(), x, y)) {
            return Optional.of(GateGesture.Turn.from(pose, frame, pointer));
        }
        for (Corner corner : Corner.values()) {
            if (near(gate.corners().get(corner.ordinal()), x, y)) {
                return Optional.of(new GateGesture.Resize(pose, frame, corner));
            }
        }
        return gate.contains(x, y) ? Optional.of(new GateGesture.Move(pose, pointer)) : Optional.empty();
    }

    private Cursor cursor(MouseEvent event) {
        if (surface.gate().isEmpty()) {
            return Cursor.DEFAULT;
        }
        return gestureAt(event.getX(), event.getY())
                .map(found -> switch (found) {
                    case GateGesture.Move _ -> Cursor.MOVE;
                    case GateGesture.Resize _ -> Cursor.CROSSHAIR;
                    case GateGesture.Turn _ -> Cursor.HAND;
                })
                .orElse(Cursor.DEFAULT);
    }

    private static boolean near(FramePoint point, double x, double y) {
        return Math.hypot(point.x() - x, point.y() - y) <= REACH;
    }
}
