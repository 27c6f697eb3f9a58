package amberlens.desktop.lens;

import amberlens.core.edit.CameraEdits;
import amberlens.core.geometry.FramePoint;
import amberlens.core.model.Shot;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Scale;
import amberlens.desktop.look.Gesture;
import amberlens.desktop.look.Gestures;
import amberlens.desktop.path.PathGrip;
import amberlens.desktop.path.PathGripDrag;
import amberlens.desktop.store.Store;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.util.Duration;

/**
 * Dragging the picture or a handle of its path in the Lens, and zooming it with the wheel about the pointer. A run of wheel
 * turns is one step of the history: it ends when the wheel rests.
 */
final class LensHands {
    private static final double REACH = 8;
    private static final double ZOOM_PER_PIXEL = 1.0012;
    private static final Duration WHEEL_REST = Duration.millis(350);

    private final Store store;
    private final LensSurface surface;
    private final PauseTransition wheelRest = new PauseTransition(WHEEL_REST);

    LensHands(Store store, LensSurface surface) {
        this.store = store;
        this.surface = surface;
        new Gestures(surface, this::choose);
        surface.addEventHandler(ScrollEvent.SCROLL, this::scrolled);
        wheelRest.setOnFinished(_ -> store.commit());
    }

    private Optional<? extends Gesture> choose(MouseEvent press) {
        finishWheel();
        Optional<Shot> shot = store.selectedShot();
        if (shot.isEmpty()) {
            return Optional.empty();
        }
        Optional<PathGrip> grip = surface.showsPath()
                ? PathGrip.of(store, shot.get()).stream()
                        .filter(found -> near(surface.place(shot.get(), found), press))
                        .findFirst()
                : Optional.empty();
        if (grip.isPresent()) {
            FramePoint key = shot.get().camera().position().at(grip.get().frame());
            return Optional.of(
                    new PathGripDrag(store, shot.get(), grip.get(), event -> surface.toFrame(event.getX(), event.getY())
                            .minus(key)));
        }
        return Optional.of(new PictureDrag(store, surface, press));
    }

    private static boolean near(FramePoint point, MouseEvent press) {
        return Math.hypot(point.x() - press.getX(), point.y() - press.getY()) <= REACH;
    }

    private void scrolled(ScrollEvent event) {
        if (event.getDeltaY() == 0 || store.pose().isEmpty()) {
            return;
        }
        store.enterShot();
        Pose pose = store.pose().orElseThrow();
        double factor = Math.pow(ZOOM_PER_PIXEL, event.getDeltaY());
        double larger = Math.max(pose.scale().x(), pose.scale().y());
        if (larger * factor <= Scale.LARGEST && larger * factor >= 0.01) {
            Pose zoomed = pose.zoomedAbout(surface.toFrame(event.getX(), event.getY()), factor);
            store.selectedShot()
                    .ifPresent(shot -> store.show(
                            CameraEdits.setFraming("zoom of the picture", shot.id(), store.shotFrame(), zoomed)));
            wheelRest.playFromStart();
        }
        event.consume();
    }

    private void finishWheel() {
        if (wheelRest.getStatus() == Animation.Status.RUNNING) {
            wheelRest.stop();
            store.commit();
        }
    }
}
