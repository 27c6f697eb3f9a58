package amberlens.core.edit.edits;

import amberlens.core.material.layering.BlendMode;
import amberlens.core.material.layering.Fade;
import amberlens.core.model.lineup.Row;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Changes of how shots lie over each other and pass into each other. */
public final class LayeringEdits {
    private LayeringEdits() {}

    public static Edit setBlend(String shotId, BlendMode mode) {
        return Edit.ofShot(
                "blending", shotId, shot -> shot.withLayering(shot.layering().withBlend(mode)));
    }

    /** Lets a shot fade in from what lies below or from a colour, or come with a cut. */
    public static Edit setEnter(String shotId, Optional<Fade> fade) {
        return Edit.ofShot(
                fade.isPresent() ? "fade in" : "remove fade",
                shotId,
                shot -> shot.withLayering(shot.layering().withEnter(fade)));
    }

    /** Lets a shot fade out to what lies below or to a colour, or go with a cut. */
    public static Edit setLeave(String shotId, Optional<Fade> fade) {
        return Edit.ofShot(
                fade.isPresent() ? "fade out" : "remove fade",
                shotId,
                shot -> shot.withLayering(shot.layering().withLeave(fade)));
    }

    /** The shot that ends where another begins, or overlaps its beginning, on the same track. */
    public static Optional<Shot> neighbourBefore(Project project, Shot shot) {
        return LineUp.track(project, shot.track()).stream()
                .filter(other -> other.start() < shot.start() && other.start() + other.length() >= shot.start())
                .reduce((_, later) -> later);
    }

    /** How many frames a shot overlaps its neighbour before it. */
    public static int overlap(Project project, Shot shot) {
        return neighbourBefore(project, shot)
                .map(before -> before.start() + before.length() - shot.start())
                .orElse(0);
    }

    /**
     * Lets a shot's neighbour dissolve into it. The shot, and all that follow on its track, begin earlier by as much, so that both moves
     * run through; without frames the dissolve is taken back.
     *
     * @param frames at least 0; at most a frame less than the shorter of both lasts
     * @throws IllegalArgumentException by the edit, when no shot ends where this one begins
     */
    public static Edit dissolve(String shotId, int frames) {
        return Edit.of(frames > 0 ? "dissolve" : "remove dissolve", project -> project.shot(shotId)
                .map(shot -> dissolved(project, shot, frames))
                .orElse(project));
    }

    private static Project dissolved(Project project, Shot shot, int frames) {
        Shot before = neighbourBefore(project, shot)
                .orElseThrow(() ->
                        new IllegalArgumentException("nothing on its track ends where \"" + shot.name() + "\" begins"));
        int most = Math.min(before.length(), shot.length()) - 1;
        int wanted = Math.clamp(frames, 0, Math.max(0, most));
        int now = before.start() + before.length() - shot.start();
        Project shifted = Row.shifted(project, shot.track(), shot.start(), now - wanted, Set.of(before.id()));
        Shot moved = shifted.shot(shot.id()).orElseThrow();
        Optional<Fade> fade = wanted == 0
                ? Optional.empty()
                : Optional.of(shot.layering()
                        .enter()
                        .filter(old -> old.through().isEmpty())
                        .map(old -> old.withFrames(wanted))
                        .orElseGet(() -> Fade.over(wanted)));
        return Row.with(shifted, List.of(moved.withLayering(moved.layering().withEnter(fade))));
    }

    /** Takes the way from one shot to its follower through a colour: the first fades out to it, the second in from it. */
    public static Edit dip(String shotId, Fade fade) {
        return Edit.of("dip to a colour", project -> project.shot(shotId)
                .map(shot -> {
                    Project out = neighbourBefore(project, shot)
                            .map(before ->
                                    setLeave(before.id(), Optional.of(fade)).apply(project))
                            .orElse(project);
                    return setEnter(shotId, Optional.of(fade)).apply(out);
                })
                .orElse(project));
    }
}
