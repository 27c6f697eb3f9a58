package amberlens.desktop.time.lineup;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.judge.edges.Refit;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class LineUpLayoutTest {
    private static LineUpLayout threeShots() {
        Media plan = Media.photo("m1", "/archive/plan.jpg", new Size(6000, 4000));
        Project project = MediaEdits.add(plan).apply(Project.empty("Fernhollow"));
        for (int i = 0; i < 3; i++) {
            project = ShotEdits.add(plan, Refit.FILL, i).apply(project);
        }
        return new LineUpLayout(project, 1280, 62);
    }

    @Test
    void a_press_finds_the_shot_under_it() {
        LineUpLayout plan = threeShots();
        assertThat(plan.shotAt(plan.x(130), 30).orElseThrow().id()).isEqualTo("s2");
        assertThat(plan.shotAt(plan.x(130), 1)).isEmpty();
        assertThat(plan.shotAt(plan.x(400), 30)).isEmpty();
    }

    @Test
    void a_drop_goes_before_the_shot_whose_middle_lies_behind_it() {
        LineUpLayout plan = threeShots();
        assertThat(plan.place(plan.x(10), 1, Optional.empty())).isZero();
        assertThat(plan.place(plan.x(70), 1, Optional.empty())).isEqualTo(1);
        assertThat(plan.place(plan.x(374), 1, Optional.empty())).isEqualTo(3);
        assertThat(plan.place(plan.x(374), 1, Optional.of("s1"))).isEqualTo(2);
    }

    @Test
    void a_drop_on_the_middle_half_of_a_shot_means_that_shot_and_beside_it_none() {
        LineUpLayout plan = threeShots();
        double quarter = plan.shotAt(plan.x(130), 30).orElseThrow().length() / 4.0;
        double start = plan.shotAt(plan.x(130), 30).orElseThrow().start();
        assertThat(plan.replacedBy(plan.x(start + 2 * quarter), 30)
                        .orElseThrow()
                        .id())
                .isEqualTo("s2");
        assertThat(plan.replacedBy(plan.x(start + 0.5 * quarter), 30)).isEmpty();
        assertThat(plan.replacedBy(plan.x(start + 3.5 * quarter), 30)).isEmpty();
    }

    @Test
    void higher_tracks_lie_above() {
        Project project = threeShots().project();
        var raised = project.withShots(project.shots().stream()
                .map(shot -> shot.id().equals("s3")
                        ? new amberlens.core.model.project.Shot(
                                shot.id(), shot.name(), shot.media(), 2, 0, 50, true, shot.camera(), shot.extras())
                        : shot)
                .toList());
        LineUpLayout plan = new LineUpLayout(raised, 1280, 62);
        assertThat(plan.top(raised.shot("s3").orElseThrow()))
                .isLessThan(plan.top(raised.shot("s1").orElseThrow()));
        assertThat(plan.shotAt(plan.x(10), 10).orElseThrow().id()).isEqualTo("s3");
        assertThat(plan.shotAt(plan.x(10), 50).orElseThrow().id()).isEqualTo("s1");
    }
}
