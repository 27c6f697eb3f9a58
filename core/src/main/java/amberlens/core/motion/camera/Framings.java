package amberlens.core.motion.camera;

import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.property.Properties;
import java.util.List;
import java.util.Optional;

/**
 * The framings of a camera: the frames at which the camera is set up, not only one of its properties. A frame counts
 * when at least two properties have a key there, or the only animated one.
 */
public final class Framings {
    private Framings() {}

    /** The frames of all framings, ascending. */
    public static List<Integer> of(CameraTrack camera) {
        return KeyTimes.of(camera).framings();
    }

    /** The last framing at or before a frame. */
    public static Optional<Integer> before(CameraTrack camera, int frame) {
        return of(camera).stream().filter(at -> at <= frame).reduce((_, later) -> later);
    }

    /** The number of a framing as people count, from 1; 0 when there is none at the frame. */
    public static int numberAt(CameraTrack camera, int frame) {
        return of(camera).indexOf(frame) + 1;
    }

    /** The leg that most properties take from a frame: the one a framing shows. */
    public static Optional<Leg> legAt(CameraTrack camera, int frame) {
        return Properties.OF_MOVE.stream()
                .flatMap(property -> camera.get(property).keyAt(frame).stream())
                .map(Key::leg)
                .findFirst();
    }
}
