package amberlens.desktop.desk.state;

import amberlens.core.model.project.Shot;
import java.util.Comparator;
import java.util.Optional;

/** The key that a person probably means when the playhead stands beside it. */
public final class NearKey {
    private static final int FRAMES = 3;

    private NearKey() {}

    /** The nearest key inside the shot, at most three frames away; empty when the frame has a key itself. */
    public static Optional<Integer> of(Shot shot, int frame) {
        var keys = shot.camera().keyFrames();
        return keys.contains(frame)
                ? Optional.empty()
                : keys.stream()
                        .filter(at -> Math.abs(at - frame) <= FRAMES && at >= 0 && at <= shot.lastFrame())
                        .min(Comparator.comparingInt(at -> Math.abs(at - frame)));
    }
}
