package amberlens.core.edit.edits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.BeatEdits.Cuts;
import amberlens.core.edit.edits.ShotEdits.Timing;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class BeatEditsTest {
    private static final Size SIZE = new Size(1920, 1080);
    private static final Set<String> ALL = Set.of("s1", "s2", "s3");

    /** Every 20 frames. */
    private static final List<Integer> BEATS =
            List.of(0, 20, 40, 60, 80, 100, 120, 140, 160, 180, 200, 220, 240, 260, 280, 300);

    private static Project project() {
        CameraTrack still = CameraTrack.still(Pose.neutral(SIZE, SIZE));
        return Project.empty("Fernhollow")
                .withMedia(List.of(Media.photo("m1", "/plan.jpg", SIZE)))
                .withShots(List.of(
                        new Shot("s1", "One", "m1", 1, 0, 67, true, still, Extras.NONE),
                        new Shot("s2", "Two", "m1", 1, 67, 50, true, still, Extras.NONE),
                        new Shot("s3", "Three", "m1", 1, 117, 110, true, still, Extras.NONE),
                        new Shot("s4", "Four", "m1", 1, 227, 30, true, still, Extras.NONE)));
    }

    private static List<String> lying(Project project) {
        return LineUp.track(project, 1).stream()
                .map(shot -> shot.id() + " " + shot.start() + "+" + shot.length())
                .toList();
    }

    @Test
    void cuts_go_to_the_nearest_beats_and_what_comes_later_moves_along() {
        Project cut = BeatEdits.cut(ALL, BEATS, Cuts.NEAREST, Timing.KEEP).apply(project());
        assertThat(lying(cut)).containsExactly("s1 0+60", "s2 60+40", "s3 100+100", "s4 200+30");
    }

    @Test
    void cuts_come_every_so_many_beats() {
        Project cut = BeatEdits.cut(ALL, BEATS, new Cuts(4, false), Timing.KEEP).apply(project());
        assertThat(lying(cut)).containsExactly("s1 0+80", "s2 80+80", "s3 160+80", "s4 240+30");
    }

    @Test
    void keeping_the_total_the_last_shot_ends_where_it_did() {
        Project cut = BeatEdits.cut(ALL, BEATS, new Cuts(4, true), Timing.KEEP).apply(project());
        assertThat(lying(cut)).containsExactly("s1 0+80", "s2 80+80", "s3 160+67", "s4 227+30");
    }

    @Test
    void shots_behind_the_last_beat_keep_their_lengths() {
        Project cut = BeatEdits.cut(ALL, List.of(20, 40), new Cuts(2, false), Timing.KEEP)
                .apply(project());
        assertThat(lying(cut)).startsWith("s1 0+40", "s2 40+50", "s3 90+110");
        assertThatThrownBy(() -> new Cuts(-1, false)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void a_shot_ends_on_the_beat_nearest_to_its_end() {
        Project ended = BeatEdits.end(Set.of("s3"), BEATS, Timing.STRETCH).apply(project());
        assertThat(lying(ended)).containsExactly("s1 0+67", "s2 67+50", "s3 117+103", "s4 220+30");
    }

    @Test
    void the_usual_number_of_beats_is_that_nearest_to_the_lengths() {
        assertThat(BeatEdits.usualEvery(project(), ALL, BEATS)).hasValue(4);
        assertThat(BeatEdits.usualEvery(project(), ALL, List.of())).isEmpty();
    }
}
