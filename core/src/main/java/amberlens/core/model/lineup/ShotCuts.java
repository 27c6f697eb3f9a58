package amberlens.core.model.lineup;

import amberlens.core.material.footage.SourceTime;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.model.project.ShotSettings;
import amberlens.core.motion.keys.KeyShift;
import java.util.Optional;
import java.util.TreeSet;

/** Shots cut at their ends or in two, and pushed over their footage. What is seen in the frames that stay does not change. */
public final class ShotCuts {
    private ShotCuts() {}

    /**
     * A shot without its first frames, or with more of them before: its keys keep their place in time, and footage begins where it
     * then is. It stays where it was on the line-up, only later by as much.
     *
     * @param by frames, less than the length; negative to begin earlier
     */
    public static Shot withoutFirst(Project project, Shot shot, int by) {
        if (by == 0) {
            return shot;
        }
        Optional<SourceTime> time = project.sourceTime(shot);
        Shot cut = shot.withStart(Math.max(0, shot.start() + by))
                .withLength(Math.clamp(shot.length() - (long) by, 1, Shot.LONGEST))
                .withCamera(KeyShift.of(shot.camera(), -by))
                .withMarkers(shot.markers().stream()
                        .filter(marker -> marker.at() >= by)
                        .map(marker -> marker.withAt(marker.at() - by))
                        .toList())
                .withSettings(shifted(shot.settings(), -by)
                        .withShake(shot.settings()
                                .shake()
                                .map(layer -> layer.later(project.frame().rate().seconds(by)))));
        return time.map(footage -> cut.withSource(shot.source().withIn(footage.place(by))))
                .orElse(cut);
    }

    /** A shot of another length; what is cut away at its end stays with it unseen. */
    public static Shot ofLength(Shot shot, int length) {
        return shot.withLength(Math.clamp(length, 1, Shot.LONGEST));
    }

    private static ShotSettings shifted(ShotSettings settings, int by) {
        var locked = new TreeSet<Integer>();
        settings.locked().stream()
                .map(frame -> frame + by)
                .filter(frame -> frame >= 0)
                .forEach(locked::add);
        return settings.withLocked(locked)
                .withAlternatives(settings.alternatives().stream()
                        .map(version -> version.withCamera(KeyShift.of(version.camera(), by)))
                        .toList());
    }

    /**
     * A shot cut in two.
     *
     * @param at the first frame of the second half, 1 … length − 1
     * @param newId of the second half
     */
    public static Halves split(Project project, Shot shot, int at, String newId) {
        if (at < 1 || at >= shot.length()) {
            throw new IllegalArgumentException(
                    "a shot is split at one of its frames 1 to " + (shot.length() - 1) + ", not at " + at);
        }
        Shot first = ofLength(shot, at).withLayering(shot.layering().withLeave(Optional.empty()));
        Shot second = withoutFirst(project, shot, at)
                .withId(newId)
                .withLayering(shot.layering().withEnter(Optional.empty()));
        return new Halves(first, second);
    }

    /** Both parts of a shot that was split. */
    public record Halves(Shot first, Shot second) {}

    /**
     * A shot with its footage moved under it. A move that is tied to the footage goes along.
     *
     * @param by frames of the footage; positive to begin later in it
     */
    public static Shot slipped(Project project, Shot shot, double by) {
        Optional<SourceTime> time = project.sourceTime(shot);
        if (time.isEmpty()) {
            return shot;
        }
        int last = time.get().footage().last();
        double in = Math.clamp(shot.source().in() + by, 0, last);
        Shot slipped = shot.withSource(shot.source().withIn(in));
        double perFrame = time.get().place(1) - time.get().place(0);
        boolean along = shot.source().tied() && perFrame != 0;
        return along
                ? slipped.withCamera(KeyShift.of(
                        shot.camera(), (int) Math.round((shot.source().in() - in) / perFrame)))
                : slipped;
    }
}
