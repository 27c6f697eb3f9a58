package amberlens.core.edit.ready;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.edits.MarkerEdits;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.edit.edits.ReadyEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.edges.Refit;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

class JoltsTest {
    private static final Media PLAN = Media.photo("m1", "/archive/plan.jpg", new Size(6000, 4000));
    private static final Size FRAME = new Size(1920, 1080);
    private static final FrameRate RATE = FrameRate.of(25);

    private static CameraTrack pushed() {
        var stage = new Stage(PLAN.size(), FRAME, 125, RATE, 110, Optional.empty(), Rhythm.NONE);
        return ReadyMoves.make(ReadyMove.PUSH_IN, stage, MoveWish.USUAL)
                .camera()
                .orElseThrow();
    }

    private static double off(CameraTrack shaken, CameraTrack calm, int frame) {
        FramePoint one = shaken.at(frame).toFrame(shaken.at(frame).anchor());
        return one.distance(calm.at(frame).toFrame(calm.at(frame).anchor()));
    }

    @Test
    void a_hit_begins_on_its_frame_dies_away_and_leaves_the_rest_of_the_move_alone() {
        CameraTrack calm = pushed();
        CameraTrack hit = Jolts.USUAL.hit(calm, new TreeSet<>(List.of(40)), 125, RATE, FRAME);
        for (int frame = 0; frame < 125; frame++) {
            if (frame <= 40 || frame >= 60) { // 0.8 s
                assertThat(off(hit, calm, frame)).as("frame %d", frame).isLessThan(1e-6);
            }
        }
        double early = 0;
        double late = 0;
        for (int frame = 41; frame < 60; frame++) {
            double off = off(hit, calm, frame);
            early = frame < 46 ? Math.max(early, off) : early;
            late = frame >= 54 ? Math.max(late, off) : late;
        }
        assertThat(early).as("0.6 % of the width at most").isBetween(3.0, 11.6);
        assertThat(late).isLessThan(early / 4);
    }

    private static CameraTrack hit(Jolts jolts, CameraTrack calm, int fps) {
        return jolts.hit(calm, new TreeSet<>(List.of(0)), 4 * fps + 1, FrameRate.of(fps), FRAME);
    }

    @Test
    void it_goes_to_and_fro_as_often_as_it_is_told_at_every_rate() {
        for (int fps : new int[] {25, 50}) {
            CameraTrack calm = CameraTrack.still(Refit.FILL.pose(PLAN.size(), FRAME));
            CameraTrack shaken = hit(new Jolts(5, 100, 3.9, 3), calm, fps);
            int turns = 0;
            for (int frame = 1; frame < 2 * fps; frame++) {
                double before = shaken.at(frame).position().x()
                        - shaken.at(frame - 1).position().x();
                double after = shaken.at(frame + 1).position().x()
                        - shaken.at(frame).position().x();
                turns += before * after < 0 ? 1 : 0;
            }
            assertThat(turns / 2.0 / 2).as("to and fro in a second at %d", fps).isBetween(3.0, 6.5);
            assertThat(off(shaken, calm, 0)).isZero();
            assertThat(off(shaken, calm, 4 * fps)).isLessThan(1e-9);
        }
    }

    @Test
    void the_same_seed_shakes_the_same_and_twice_the_strength_twice_as_far() {
        CameraTrack calm = CameraTrack.still(Refit.FILL.pose(PLAN.size(), FRAME));
        CameraTrack one = hit(new Jolts(6, 100, 3.9, 1), calm, 25);
        assertThat(hit(new Jolts(6, 100, 3.9, 1), calm, 25)).isEqualTo(one);
        assertThat(hit(new Jolts(6, 100, 3.9, 2), calm, 25)).isNotEqualTo(one);
        CameraTrack twice = hit(new Jolts(6, 200, 3.9, 1), calm, 25);
        assertThat(off(twice, calm, 30))
                .isCloseTo(2 * off(one, calm, 30), org.assertj.core.api.Assertions.within(1e-6));
    }

    @Test
    void shaken_shots_are_sealed_and_one_without_a_marker_says_that_it_has_none() {
        Project project = ShotEdits.add(PLAN, Refit.FILL, 1)
                .apply(ShotEdits.add(PLAN, Refit.FILL, 0)
                        .apply(MediaEdits.add(PLAN).apply(Project.empty("Hit"))));
        project = MarkerEdits.set(Optional.of("s1"), 50).apply(project);
        ReadyEdits.Plan plan = ReadyEdits.jolts(project, Set.of("s1", "s2"), Jolts.USUAL, 110);
        assertThat(plan.remarks()).containsOnlyKeys("s2");
        Project shaken = plan.edit().apply(project);
        Shot shot = shaken.shot("s1").orElseThrow();
        assertThat(shot.camera().position().animated()).isTrue();
        assertThat(EdgeReport.of(shaken.take(shot)).isSealed()).isTrue();
        assertThat(shaken.shot("s2")).isEqualTo(project.shot("s2"));
    }

    @Test
    void numbers_out_of_their_ranges_are_refused() {
        assertThatThrownBy(() -> new Jolts(0, 100, 1, 1)).hasMessageContaining("0.25 and 15.0 times a second, not 0");
        assertThatThrownBy(() -> new Jolts(6, Double.NaN, 1, 1)).hasMessageContaining("not NaN");
    }
}
