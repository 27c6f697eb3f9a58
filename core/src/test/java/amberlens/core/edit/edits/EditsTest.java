package amberlens.core.edit.edits;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.Refit;
import amberlens.core.model.lineup.Laying;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.keys.KeyEases;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.keys.Neighbours;
import amberlens.core.motion.keys.Retiming;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Lane;
import amberlens.core.motion.property.PoseProperty;
import amberlens.core.motion.property.Properties;
import java.util.Set;
import org.junit.jupiter.api.Test;

class EditsTest {
    private static final Media PLAN = Media.photo("m1", "/archive/plan.jpg", new Size(6000, 4000));
    private static final Project EMPTY = MediaEdits.add(PLAN).apply(Project.empty("Fernhollow"));

    private static Project with(int shots) {
        Project project = EMPTY;
        for (int i = 0; i < shots; i++) {
            project = ShotEdits.add(PLAN, Refit.FILL, i).apply(project);
        }
        return project;
    }

    private static Shot first(Project project) {
        return project.shot("s1").orElseThrow();
    }

    @Test
    void new_shots_stand_in_a_row_and_fill_the_frame() {
        Project project = with(3);
        assertThat(LineUp.inTime(project)).extracting(Shot::start).containsExactly(0, 125, 250);
        assertThat(first(project).camera().at(0).scale()).isEqualTo(Scale.uniform(32));
        assertThat(first(project).name()).isEqualTo("Plan");
    }

    @Test
    void another_length_moves_later_shots_and_keeps_keys_beyond_the_cut() {
        Project keyed = FramingEdits.add("s1", 124).apply(with(2));
        Project shorter = ShotEdits.setLength("s1", 100, ShotEdits.Timing.KEEP).apply(keyed);
        assertThat(shorter.shot("s2").orElseThrow().start()).isEqualTo(100);
        assertThat(first(shorter).camera().keyFrames()).containsExactly(124);
        assertThat(ShotEdits.setLength("s1", 125, ShotEdits.Timing.KEEP).apply(shorter))
                .isEqualTo(keyed);
    }

    @Test
    void a_deleted_shot_closes_its_gap() {
        Project project = LineUpEdits.delete(Set.of("s2"), Laying.RIPPLE).apply(with(3));
        assertThat(LineUp.inTime(project)).extracting(Shot::start).containsExactly(0, 125);
    }

    @Test
    void a_pose_changes_constants_as_a_whole_and_keys_where_it_is_set() {
        Project project = with(1);
        Pose pose = first(project).camera().at(0);
        Project constant = CameraEdits.setPose("zoom", "s1", 60, pose.withScale(Scale.uniform(50)))
                .apply(project);
        assertThat(first(constant).camera().scale().animated()).isFalse();
        assertThat(first(constant).camera().at(0).scale()).isEqualTo(Scale.uniform(50));

        Project framed = FramingEdits.add("s1", 0).apply(project);
        Project keyed = CameraEdits.setPose("zoom", "s1", 60, pose.withScale(Scale.uniform(50)))
                .apply(framed);
        assertThat(first(keyed).camera().scale().keys()).extracting(Key::at).containsExactly(0, 60);
        assertThat(first(keyed).camera().position().keys()).extracting(Key::at).containsExactly(0);
    }

    @Test
    void a_framing_moves_with_all_its_keys_and_stops_beside_its_neighbour_and_in_the_shot() {
        Project project =
                FramingEdits.add("s1", 60).apply(FramingEdits.add("s1", 10).apply(with(1)));
        assertThat(moved(first(project), 60, 5).camera().keyFrames()).containsExactly(10, 11);
        assertThat(moved(first(project), 60, 999).camera().keyFrames()).containsExactly(10, 124);
        assertThat(moved(first(project), 10, -4).keys().first()).isZero();
    }

    private static Retiming.Moved moved(Shot shot, int from, int to) {
        KeySet framing = KeySet.at(shot.camera(), from);
        return new Retiming(shot.camera(), framing, shot.lastFrame(), Neighbours.STOP).shifted(to - from);
    }

    @Test
    void a_framing_counts_where_the_camera_is_set_up_not_where_one_property_has_a_key() {
        Project project =
                FramingEdits.add("s1", 60).apply(FramingEdits.add("s1", 0).apply(with(1)));
        Pose pose = first(project).camera().at(30);
        Project patched =
                CameraEdits.setPose("turn", "s1", 30, pose.withDegrees(4)).apply(project);
        assertThat(first(patched).camera().keyFrames()).containsExactly(0, 30, 60);
        assertThat(Framings.of(first(patched).camera())).containsExactly(0, 60);
    }

    @Test
    void an_ease_is_set_on_every_key_of_the_framing() {
        Project project =
                FramingEdits.add("s1", 60).apply(FramingEdits.add("s1", 0).apply(with(1)));
        Project eased = Edit.ofShot(
                        "ease",
                        "s1",
                        shot -> shot.withCamera(
                                KeyEases.withLeg(shot.camera(), KeySet.at(shot.camera(), 0), Ease.GENTLE_BOTH.leg())))
                .apply(project);
        for (PoseProperty<?> property : Properties.OF_POSE) {
            assertThat(first(eased)
                            .camera()
                            .get(property)
                            .keyAt(0)
                            .orElseThrow()
                            .leg())
                    .isEqualTo(Ease.GENTLE_BOTH.leg());
        }
    }

    @Test
    void turning_animation_off_keeps_the_value_at_the_frame() {
        Project project = FramingEdits.add("s1", 0).apply(with(1));
        project =
                project.mapShot("s1", shot -> shot.withSettings(shot.settings().withKeepInside(false)));
        Pose pose = first(project).camera().at(0);
        project = CameraEdits.setPose("turn", "s1", 100, pose.withDegrees(10)).apply(project);
        Project off =
                CameraEdits.makeConstant("s1", Lane.of(Properties.ROTATION), 50).apply(project);
        assertThat(first(off).camera().rotation().animated()).isFalse();
        assertThat(first(off).camera().at(0).degrees()).isEqualTo(5);
    }

    @Test
    void undo_gives_back_what_was_and_redo_makes_it_again() {
        var history = new History<String>(EMPTY);
        history.apply(ShotEdits.add(PLAN, Refit.FILL, 0), "line-up");
        history.apply(FramingEdits.add("s1", 0), "frame 0");
        Project done = history.present();
        assertThat(history.unsaved()).isTrue();
        assertThat(history.undoName()).contains("add framing");
        assertThat(history.undo().orElseThrow().place()).isEqualTo("frame 0");
        assertThat(history.names()).containsExactly("add shot", "add framing");
        assertThat(history.position()).isEqualTo(1);
        history.undo();
        assertThat(history.present()).isEqualTo(EMPTY);
        assertThat(history.unsaved()).isFalse();
        assertThat(history.undo()).isEmpty();
        history.redo();
        history.redo();
        assertThat(history.present()).isEqualTo(done);
    }

    @Test
    void an_edit_that_changes_nothing_leaves_no_step() {
        var history = new History<String>(with(1));
        assertThat(history.apply(ShotEdits.rename("s1", "Plan"), "")).isFalse();
        assertThat(history.apply(LineUpEdits.delete(Set.of("nobody"), Laying.RIPPLE), ""))
                .isFalse();
        assertThat(history.undoName()).isEmpty();
    }

    @Test
    void removing_a_picture_takes_its_shots_along() {
        assertThat(MediaEdits.remove("m1").apply(with(3)).shots()).isEmpty();
    }
}
