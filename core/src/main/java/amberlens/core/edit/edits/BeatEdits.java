package amberlens.core.edit.edits;

import amberlens.core.material.sound.BeatGrid;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/** Beats corrected, and shots brought to them. Beats are frames of the line-up, ascending. */
public final class BeatEdits {
    private BeatEdits() {}

    /** Sets the beats of a sound by hand, or lets them be found again. */
    public static Edit set(String mediaId, Optional<BeatGrid> beats) {
        return Edit.of(
                "beats",
                project -> project.withMedia(project.media().stream()
                        .map(media -> media.id().equals(mediaId) ? media.withBeats(beats) : media)
                        .toList()));
    }

    /**
     * How cuts go by beats.
     *
     * @param every so many beats from cut to cut; 0 for the beat nearest to where each cut is
     * @param keepTotal whether the last shot ends where it did
     */
    public record Cuts(int every, boolean keepTotal) {
        public static final Cuts NEAREST = new Cuts(0, false);

        public Cuts {
            if (every < 0) {
                throw new IllegalArgumentException("cuts are every 1 beat or more, not every " + every);
            }
        }
    }

    /**
     * Cuts shots on beats, in order of time: each ends on one, the first keeps its start. Shots for which no beat is left keep their
     * length.
     */
    public static Edit cut(Set<String> shotIds, List<Integer> beats, Cuts cuts, ShotEdits.Timing timing) {
        return Edit.of("cut on beats", project -> {
            Project fitted = project;
            List<Shot> shots = LineUpEdits.chosen(project, shotIds);
            for (int i = 0; i < shots.size(); i++) {
                Shot before = shots.get(i);
                Shot now = fitted.shot(before.id()).orElseThrow();
                boolean ends = cuts.keepTotal() && i == shots.size() - 1;
                int whole = before.start() + before.length();
                int end = ends && whole > now.start() ? whole : end(now, beats, cuts.every());
                fitted =
                        ShotEdits.setLength(now.id(), end - now.start(), timing).apply(fitted);
            }
            return fitted;
        });
    }

    private static int end(Shot shot, List<Integer> beats, int every) {
        int now = shot.start() + shot.length();
        List<Integer> later = beats.stream().filter(beat -> beat > shot.start()).toList();
        if (every == 0) {
            return later.stream()
                    .min(Comparator.comparingInt(beat -> Math.abs(beat - now)))
                    .orElse(now);
        }
        return later.size() < every ? now : later.get(every - 1);
    }

    /** Ends shots on the beat nearest to their end; what comes later on their track moves along. */
    public static Edit end(Set<String> shotIds, List<Integer> beats, ShotEdits.Timing timing) {
        return Edit.of("end on the beat", project -> {
            Project ended = project;
            for (Shot shot : LineUpEdits.chosen(project, shotIds)) {
                Shot now = ended.shot(shot.id()).orElseThrow();
                ended = ShotEdits.setLength(now.id(), end(now, beats, 0) - now.start(), timing)
                        .apply(ended);
            }
            return ended;
        });
    }

    /** The number of beats from cut to cut that changes the lengths of shots least; empty without beats. */
    public static OptionalInt usualEvery(Project project, Set<String> shotIds, List<Integer> beats) {
        List<Shot> shots = LineUpEdits.chosen(project, shotIds);
        double perBeat = beats.size() < 2 ? 0 : (double) (beats.getLast() - beats.getFirst()) / (beats.size() - 1);
        if (perBeat <= 0 || shots.isEmpty()) {
            return OptionalInt.empty();
        }
        double length = shots.stream().mapToInt(Shot::length).average().orElse(0);
        return OptionalInt.of((int) Math.max(1, Math.round(length / perBeat)));
    }
}
