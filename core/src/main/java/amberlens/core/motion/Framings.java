package amberlens.core.motion;

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
        long animated = camera.channels().stream().filter(Channel::animated).count();
        long needed = Math.min(2, animated);
        return camera.keyFrames().stream()
                .filter(frame -> keysAt(camera, frame) >= needed)
                .toList();
    }

    /** The number of a framing as people count, from 1; 0 when there is none at the frame. */
    public static int numberAt(CameraTrack camera, int frame) {
        return of(camera).indexOf(frame) + 1;
    }

    /** The leg that most properties take from a frame: the one a framing shows. */
    public static Optional<Leg> legAt(CameraTrack camera, int frame) {
        return camera.channels().stream()
                .flatMap(channel -> channel.keyAt(frame).stream())
                .map(Key::leg)
                .findFirst();
    }

    private static long keysAt(CameraTrack camera, int frame) {
        return camera.channels().stream()
                .filter(channel -> channel.keyAt(frame).isPresent())
                .count();
    }
}
