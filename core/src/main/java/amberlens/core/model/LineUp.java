package amberlens.core.model;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Questions about all shots of a project in time. */
public final class LineUp {
    private LineUp() {}

    /** The number of frames up to the end of the last shot; 0 when there is none. */
    public static int length(Project project) {
        return project.shots().stream()
                .mapToInt(shot -> shot.start() + shot.length())
                .max()
                .orElse(0);
    }

    /** The shots seen at a line-up frame, the lowest track first, on one track the earlier first. */
    public static List<Shot> at(Project project, int frame) {
        return project.shots().stream()
                .filter(shot -> shot.onLineUp().contains(frame))
                .sorted(Comparator.comparingInt(Shot::track).thenComparingInt(Shot::start))
                .toList();
    }

    /** The uppermost shot at a line-up frame. */
    public static Optional<Shot> topAt(Project project, int frame) {
        return at(project, frame).stream().reduce((_, upper) -> upper);
    }

    /** The shots of a track in order of time. */
    public static List<Shot> track(Project project, int track) {
        return ShotIndex.of(project.shots()).track(track);
    }

    /** All shots in order of time, lower tracks first where they start together. */
    public static List<Shot> inTime(Project project) {
        return project.shots().stream()
                .sorted(Comparator.comparingInt(Shot::start).thenComparingInt(Shot::track))
                .toList();
    }

    /** The highest track in use; 1 when there is no shot. */
    public static int tracks(Project project) {
        return ShotIndex.of(project.shots()).tracks();
    }
}
