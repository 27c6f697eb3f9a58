package amberlens.desktop.lens;

import amberlens.core.edit.CameraEdits;
import amberlens.core.geometry.FramePoint;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Scale;
import amberlens.desktop.store.Store;
import javafx.animation.PauseTransition;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.util.Duration;
import org.jspecify.annotations.Nullable;

/**
 * Dragging the picture in the Lens, and zooming it with the wheel about the pointer. A run of wheel turns is one step of
 * the history: it ends when the wheel rests.
 */
final class PictureDragging {
    private static final double THRESHOLD = 3;
    private static final double ZOOM_PER_PIXEL = 1.0012;
    private static final Duration WHEEL_REST = Duration.millis(350);

    private final Store store;
    private final LensSurface surface;
    private final PauseTransition wheelRest = new PauseTransition(WHEEL_REST);
    private @Nullable Pose start;
    private FramePoint grabbed = FramePoint.ZERO;
    private double pressX;
    private double pressY;
    private boolean dragging;

    PictureDragging(Store store, LensSurface surface) {
        this.store = store;
        this.surface = surface;
        surface.addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        surface.addEventHandler(MouseEvent.MOUSE_DRAGGED, this::dragged);
        surface.addEventHandler(MouseEvent.MOUSE_RELEASED, _ -> released());
        surface.addEventHandler(ScrollEvent.SCROLL, this::scrolled);
        surface.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        wheelRest.setOnFinished(_ -> store.commit());
    }

    private void pressed(MouseEvent event) {
        surface.requestFocus();
        finishWheel();
        if (event.getButton() != MouseButton.PRIMARY) {
            return;
        }
        start = store.pose().orElse(null);
        grabbed = surface.toFrame(event.getX(), event.getY());
        pressX = event.getX();
        pressY = event.getY();
    }

    private void dragged(MouseEvent event) {
        if (start == null) {
            return;
        }
        if (!dragging && Math.hypot(event.getX() - pressX, event.getY() - pressY) >= THRESHOLD) {
            store.enterShot();
            dragging = true;
        }
        if (dragging) {
            FramePoint moved = surface.toFrame(event.getX(), event.getY()).minus(grabbed);
            if (event.isShiftDown()) {
                boolean across = Math.abs(moved.x()) >= Math.abs(moved.y());
                moved = across ? new FramePoint(moved.x(), 0) : new FramePoint(0, moved.y());
            }
            show("move of the picture", start.withPosition(start.position().plus(moved)));
        }
    }

    private void released() {
        if (dragging) {
            store.commit();
        }
        dragging = false;
        start = null;
    }

    private void scrolled(ScrollEvent event) {
        if (dragging || event.getDeltaY() == 0 || store.pose().isEmpty()) {
            return;
        }
        store.enterShot();
        Pose pose = store.pose().orElseThrow();
        double factor = Math.pow(ZOOM_PER_PIXEL, event.getDeltaY());
        double larger = Math.max(pose.scale().x(), pose.scale().y());
        if (larger * factor <= Scale.LARGEST && larger * factor >= 0.01) {
            show("zoom of the picture", pose.zoomedAbout(surface.toFrame(event.getX(), event.getY()), factor));
            wheelRest.playFromStart();
        }
        event.consume();
    }

    private void finishWheel() {
        if (wheelRest.getStatus() == javafx.animation.Animation.Status.RUNNING) {
            wheelRest.stop();
            store.commit();
        }
    }

    private void key(KeyEvent event) {
        if (event.getCode() == KeyCode.ESCAPE && dragging) {
            dragging = false;
            start = null;
            store.cancel();
            event.consume();
        }
    }

    private void show(String name, Pose pose) {
        store.selectedShot()
                .ifPresent(shot -> store.show(CameraEdits.setFraming(name, shot.id(), store.shotFrame(), pose)));
    }
}
