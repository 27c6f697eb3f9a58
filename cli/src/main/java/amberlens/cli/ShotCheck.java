package amberlens.cli;

import amberlens.core.edges.EdgeReport;
import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import amberlens.core.motion.Take;
import amberlens.core.pace.Pace;
import amberlens.core.sharpness.Enlargement;
import java.util.Comparator;
import java.util.stream.IntStream;

/**
 * All that is measured of one shot.
 *
 * @param fastest the greatest pace between two of its frames
 * @param fastestFrame the first of those two frames
 */
record ShotCheck(Shot shot, Take take, EdgeReport edges, Enlargement enlargement, Pace fastest, int fastestFrame) {

    static ShotCheck of(Project project, Shot shot) {
        Take take = project.take(shot);
        int fastest = IntStream.range(0, Math.max(1, shot.lastFrame()))
                .boxed()
                .max(Comparator.comparingDouble(
                        frame -> Pace.at(shot.camera(), frame, take.frame()).centrePx()))
                .orElse(0);
        return new ShotCheck(
                shot,
                take,
                EdgeReport.of(take),
                Enlargement.greatest(take),
                Pace.at(shot.camera(), fastest, take.frame()),
                fastest);
    }

    /** Whether no judged edge is open; a shot that is not meant to fill the frame is not judged. */
    boolean sealed() {
        return !shot.fillsFrame() || edges.isSealed();
    }
}
