package amberlens.desktop.follow;

import amberlens.core.follow.Tracked;
import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import java.util.Optional;
import java.util.stream.IntStream;

/** From frames of footage to those of a shot. */
public final class FollowPlaces {
    private FollowPlaces() {}

    /** The first frame of a shot that shows a frame of its footage; empty where it does not. */
    public static Optional<Integer> frameOf(Project project, Shot shot, int source) {
        return IntStream.range(0, shot.length())
                .filter(frame -> Tracked.sourceFrame(project, shot, frame) == source)
                .boxed()
                .findFirst();
    }
}
