package amberlens.desktop.picture.handling;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.motion.pose.Pose;
import amberlens.desktop.desk.commands.KeptInside;
import amberlens.desktop.desk.state.Desk;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.scene.input.ScrollEvent;
import javafx.util.Duration;

/** Zooming a pose by wheel or pinch. A run of turns is one step of the history: it ends when the wheel rests. */
public final class WheelZoom {
    private static final double PER_PIXEL = 1.0012;
    private static final double LEAST = 0.01;
    private static final Duration REST = Duration.millis(500);

    private final Desk desk;
    private final PauseTransition resting = new PauseTransition(REST);

    public WheelZoom(Desk desk) {
        this.desk = desk;
        resting.setOnFinished(_ -> desk.document().settle());
    }

    /** How much larger a turn of the wheel makes things. */
    public static double factor(ScrollEvent event) {
        return Math.pow(PER_PIXEL, event.getDeltaY());
    }

    /** Zooms the pose at the playhead about a frame point. */
    public void by(double factor, FramePoint about, String name) {
        desk.cursor().enterShot();
        Pose pose = desk.cursor().pose().orElseThrow();
        double larger = Math.max(pose.scale().x(), pose.scale().y());
        if (larger * factor <= Scale.LARGEST && larger * factor >= LEAST) {
            Pose zoomed = pose.zoomedAbout(about, factor);
            desk.cursor().selectedShot().ifPresent(shot -> desk.document()
                    .showKept(desk.setFraming(name, shot.id(), desk.cursor().shotFrame(), zoomed)));
            KeptInside.tellWhenStopped(desk, zoomed, "the picture");
            resting.playFromStart();
        }
    }

    /** Ends a run that goes on. */
    public void rest() {
        if (resting.getStatus() == Animation.Status.RUNNING) {
            resting.stop();
            desk.document().settle();
        }
    }
}
