package amberlens.desktop.lineup;

import amberlens.core.model.LineUp;
import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import java.util.List;
import java.util.Optional;

/**
 * Where the shots lie in the Line-up band, in its own pixels.
 *
 * @param width of the band
 * @param height of the band
 */
record LineUpLayout(Project project, double width, double height) {
    static final double LEFT = 88;
    static final double RIGHT = 28;
    static final double AIR = 5;

    double perFrame() {
        return Math.max(1, width - LEFT - RIGHT) / Math.max(1, LineUp.length(project));
    }

    double x(double frame) {
        return LEFT + frame * perFrame();
    }

    int frame(double x) {
        return (int) Math.floor((x - LEFT) / perFrame());
    }

    /** The top of a shot: higher tracks lie above. */
    double top(Shot shot) {
        int fromAbove = LineUp.tracks(project) - shot.track();
        return AIR + fromAbove * rowHeight();
    }

    double rowHeight() {
        return (height - 2 * AIR) / LineUp.tracks(project);
    }

    /** The uppermost shot at a place. */
    Optional<Shot> shotAt(double x, double y) {
        List<Shot> here = LineUp.at(project, frame(x)).reversed();
        return here.stream()
                .filter(shot -> y >= top(shot) && y < top(shot) + rowHeight())
                .findFirst();
    }

    /** The place among the shots of a track that a drop at x means, leaving one shot out. */
    int place(double x, int track, Optional<String> without) {
        int place = 0;
        for (Shot shot : LineUp.track(project, track)) {
            boolean counted = without.map(id -> !id.equals(shot.id())).orElse(true);
            if (counted && x(shot.start() + shot.length() / 2.0) < x) {
                place++;
            }
        }
        return place;
    }
}
