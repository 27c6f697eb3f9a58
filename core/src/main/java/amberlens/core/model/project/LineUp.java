package amberlens.core.model.project;

import amberlens.core.base.time.FrameSpan;
import amberlens.core.material.layering.Fade;
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

    /**
     * The frames of a shot, counted from its first, in which it still dissolves although the shot that it dissolves from has ended and
     * nothing below fills the frame. Empty for none, and for a fade that comes from no shot.
     */
    public static Optional<FrameSpan> dissolvingOverNothing(Project project, Shot shot) {
        int frames = shot.layering()
                .enter()
                .filter(fade -> fade.through().isEmpty())
                .map(Fade::frames)
                .orElse(0);
        if (frames == 0) {
            return Optional.empty();
        }
        int overlap = track(project, shot.track()).stream()
                .filter(before -> before.start() < shot.start())
                .mapToInt(before -> before.start() + before.length() - shot.start())
                .max()
                .orElse(0);
        int last = Math.min(frames, shot.length()) - 1;
        if (overlap <= 0 || overlap > last) {
            return Optional.empty();
        }
        boolean filled = project.shots().stream()
                .anyMatch(below -> below.track() < shot.track()
                        && project.judges(below)
                        && below.start() <= shot.start() + overlap
                        && below.start() + below.length() > shot.start() + last);
        return filled ? Optional.empty() : Optional.of(new FrameSpan(overlap, last));
    }

    /** The highest track in use; 1 when there is no shot. */
    public static int tracks(Project project) {
        return ShotIndex.of(project.shots()).tracks();
    }
}
