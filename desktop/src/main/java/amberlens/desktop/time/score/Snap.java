package amberlens.desktop.time.score;

import amberlens.core.model.project.Marker;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.keys.KeySet;
import amberlens.desktop.desk.state.Desk;
import java.util.List;
import java.util.OptionalInt;
import java.util.TreeSet;

/** The frames that something dragged in time catches on: other keys, beats, markers, the playhead, first and last frame. */
final class Snap {
    private static final double REACH = 7;

    private final Desk desk;
    private final TreeSet<Integer> frames = new TreeSet<>();

    /**
     * @param moved keys that are dragged, which do not catch on themselves
     * @param beats frames of the shot
     */
    Snap(Desk desk, Shot shot, CameraTrack camera, KeySet moved, List<Integer> beats) {
        this.desk = desk;
        frames.addAll(beats);
        KeySet.where(camera, key -> !moved.contains(key)).stream().forEach(key -> frames.add(key.at()));
        shot.markers().stream().map(Marker::at).forEach(frames::add);
        frames.add(0);
        frames.add(shot.lastFrame());
        if (desk.cursor().insideShot()) {
            frames.add(desk.cursor().shotFrame());
        }
    }

    /** The frame caught near a moment; empty when none is near or snapping is off. */
    OptionalInt near(double time, double perFrame) {
        if (!desk.preferences().snapping()) {
            return OptionalInt.empty();
        }
        return frames.stream()
                .mapToInt(frame -> frame)
                .filter(frame -> Math.abs(frame - time) * perFrame <= REACH)
                .boxed()
                .min((a, b) -> Double.compare(Math.abs(a - time), Math.abs(b - time)))
                .map(OptionalInt::of)
                .orElse(OptionalInt.empty());
    }
}
