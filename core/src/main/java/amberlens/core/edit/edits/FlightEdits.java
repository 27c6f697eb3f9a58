package amberlens.core.edit.edits;

import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.keys.Flights;
import java.util.Set;
import java.util.function.UnaryOperator;

/** Flights of shots. Where keep inside is on they rise no higher than the picture allows, as far as that can be. */
public final class FlightEdits {
    private FlightEdits() {}

    /** Turns the legs that begin at some framings into flights, see {@link Flights#fly}. */
    public static Edit fly(String shotId, Set<Integer> from, double rho) {
        return Edit.of(
                "flight",
                project -> changed(project, shotId, camera -> Flights.fly(camera, from, project.frameSize(), rho)));
    }

    /** Flies higher or lower on the legs that begin at some frames. */
    public static Edit high(String shotId, Set<Integer> from, double rho) {
        return Edit.of(
                "change flight height", project -> changed(project, shotId, camera -> Flights.high(camera, from, rho)));
    }

    private static Project changed(Project project, String shotId, UnaryOperator<CameraTrack> change) {
        Project flown = project.mapShot(shotId, shot -> shot.withCamera(change.apply(shot.camera())));
        Shot shot = flown.shot(shotId).orElseThrow();
        if (!shot.settings().keepInside() || !flown.judges(shot)) {
            return flown;
        }
        return SealEdits.underRoof(flown, shot)
                .map(camera -> flown.mapShot(shotId, one -> one.withCamera(camera)))
                .orElse(flown);
    }
}
