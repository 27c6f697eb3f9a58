package amberlens.desktop.handling;

import amberlens.core.edit.CameraEdits;
import amberlens.core.geometry.FramePoint;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Scale;
import amberlens.desktop.store.Store;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.scene.input.ScrollEvent;
import javafx.util.Duration;

/** Zooming a pose by wheel or pinch. A run of turns is one step of the history: it ends when the wheel rests. */
public final class WheelZoom {
    private static final double PER_PIXEL = 1.0012;
    private static final double LEAST = 0.01;
    private static final Duration REST = Duration.millis(500);

    private final Store store;
    private final PauseTransition resting = new PauseTransition(REST);

    public WheelZoom(Store store) {
        this.store = store;
        resting.setOnFinished(_ -> store.commit());
    }

    /** How much larger a turn of the wheel makes things. */
    public static double factor(ScrollEvent event) {
        return Math.pow(PER_PIXEL, event.getDeltaY());
    }

    /** Zooms the pose at the playhead about a frame point. */
    public void by(double factor, FramePoint about, String name) {
        store.enterShot();
        Pose pose = store.pose().orElseThrow();
        double larger = Math.max(pose.scale().x(), pose.scale().y());
        if (larger * factor <= Scale.LARGEST && larger * factor >= LEAST) {
            Pose zoomed = pose.zoomedAbout(about, factor);
            store.selectedShot()
                    .ifPresent(shot -> store.show(CameraEdits.setFraming(name, shot.id(), store.shotFrame(), zoomed)));
            resting.playFromStart();
        }
    }

    /** Ends a run that goes on. */
    public void rest() {
        if (resting.getStatus() == Animation.Status.RUNNING) {
            resting.stop();
            store.commit();
        }
    }
}
