package amberlens.desktop.desk.state;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.CameraEdits;
import amberlens.core.edit.edits.LineUpEdits;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.edit.edits.ProjectEdits;
import amberlens.core.edit.edits.SettingsEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.judge.edges.Refit;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.model.lineup.Laying;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.work.facts.ShotFacts;
import amberlens.files.FileStamp;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class DeskTest {
    private static final FileStamp STAMP = new FileStamp(1, FileTime.fromMillis(0), "");
    private static final Media PLAN = Media.photo("m1", "/archive/plan.jpg", new Size(6000, 4000));
    private final Desk desk = new Desk();
    private final List<Changes> told = new ArrayList<>();

    @BeforeEach
    void load() {
        Project project = MediaEdits.add(PLAN).apply(Project.empty("Fernhollow"));
        project = ShotEdits.add(PLAN, Refit.FILL, 1)
                .apply(ShotEdits.add(PLAN, Refit.FILL, 0).apply(project));
        desk.document().load(project, Optional.empty());
        desk.subscribe(told::add);
    }

    private Shot shot(String id) {
        return desk.document().project().shot(id).orElseThrow();
    }

    @Test
    void a_loaded_project_starts_at_its_first_shot() {
        assertThat(desk.cursor().selection()).isEqualTo(Selection.shot("s1"));
        assertThat(desk.cursor().playhead()).isZero();
        assertThat(desk.document().unsaved()).isFalse();
    }

    /** As a gate that is being dragged while pictures come in. */
    @Test
    void an_edit_from_the_background_leaves_a_gesture_under_way() {
        Document document = desk.document();
        document.show(ProjectEdits.rename("Half way"));
        document.applyBeside(MediaEdits.add(Media.photo("m2", "/archive/bed.jpg", new Size(600, 400))));
        assertThat(document.showing()).isTrue();
        assertThat(document.project().name()).isEqualTo("Half way");
        assertThat(document.project().media()).hasSize(2);
        assertThat(document.settled().name()).isEqualTo("Fernhollow");
        document.show(ProjectEdits.rename("All the way"));
        document.commit();
        assertThat(document.project().name()).isEqualTo("All the way");
        assertThat(document.steps()).hasSize(2);
        document.undo();
        assertThat(document.project().name()).isEqualTo("Fernhollow");
        assertThat(document.project().media()).hasSize(2);
    }

    @Test
    void going_to_a_step_keeps_what_was_being_typed() {
        desk.document().apply(ProjectEdits.rename("One"));
        desk.document().showKept(ProjectEdits.rename("Typed"));
        desk.document().goToStep(0);
        assertThat(desk.document().steps()).hasSize(2);
        desk.document().goToStep(2);
        assertThat(desk.document().project().name()).isEqualTo("Typed");
    }

    @Test
    void the_playhead_never_leaves_the_line_up() {
        desk.cursor().seek(9999);
        assertThat(desk.cursor().playhead()).isEqualTo(249);
        desk.cursor().seek(-4);
        assertThat(desk.cursor().playhead()).isZero();
        assertThat(told).allMatch(changes -> changes.contains(Change.PLAYHEAD));
    }

    @Test
    void seeking_where_it_is_tells_nobody() {
        desk.cursor().seek(0);
        desk.cursor().select(Selection.shot("s1"));
        desk.say("");
        assertThat(told).isEmpty();
    }

    @Test
    void when_the_selected_shot_goes_the_one_under_the_playhead_is_selected() {
        desk.cursor().seek(10);
        desk.document().apply(LineUpEdits.delete(Set.of("s1"), Laying.RIPPLE));
        assertThat(desk.cursor().selection()).isEqualTo(Selection.shot("s2"));
        desk.document().apply(LineUpEdits.delete(Set.of("s2"), Laying.RIPPLE));
        assertThat(desk.cursor().selection()).isEqualTo(Selection.NONE);
        assertThat(desk.cursor().playhead()).isZero();
        desk.document().undo();
        assertThat(desk.cursor().selection()).isEqualTo(Selection.shot("s2"));
    }

    @Test
    void saving_marks_the_project_and_undo_past_it_is_a_change_again() {
        desk.document().apply(ShotEdits.rename("s1", "The plan"));
        assertThat(desk.document().unsaved()).isTrue();
        desk.document().saved(desk.document().snapshot(), Path.of("film.amber"), STAMP);
        assertThat(desk.document().unsaved()).isFalse();
        assertThat(desk.document().file()).contains(Path.of("film.amber"));
        desk.document().undo();
        assertThat(desk.document().unsaved()).isTrue();
        desk.document().redo();
        assertThat(desk.document().unsaved()).isFalse();
    }

    @Test
    void an_edit_made_while_a_snapshot_is_written_is_not_saved_with_it() {
        desk.document().apply(ShotEdits.rename("s1", "The plan"));
        var written = desk.document().snapshot();
        desk.document().apply(ShotEdits.rename("s1", "The planting plan"));
        assertThat(desk.document().saved(written, Path.of("film.amber"), STAMP)).isTrue();
        assertThat(desk.document().unsaved()).isTrue();
        desk.document().undo();
        assertThat(desk.document().unsaved()).isFalse();
    }

    @Test
    void the_answer_of_a_save_for_a_document_that_is_not_open_any_more_is_passed_over() {
        var written = desk.document().snapshot();
        desk.document().load(Project.empty("Another"), Optional.of(Path.of("another.amber")));
        desk.document().apply(ProjectEdits.rename("Another one"));
        assertThat(desk.document().saved(written, Path.of("film.amber"), STAMP)).isFalse();
        assertThat(desk.document().file()).contains(Path.of("another.amber"));
        assertThat(desk.document().unsaved()).isTrue();
    }

    @Test
    void what_was_restored_is_unsaved_from_the_start_and_stays_so_when_everything_is_undone() {
        desk.document().restore(Project.empty("Pond"), Optional.of(Path.of("pond.amber")), Optional.empty(), 12);
        assertThat(desk.document().unsaved()).isTrue();
        assertThat(desk.document().edits()).isEqualTo(12);
        desk.document().apply(ProjectEdits.rename("The pond"));
        desk.document().undo();
        assertThat(desk.document().unsaved()).isTrue();
        desk.document().saved(desk.document().snapshot(), Path.of("pond.amber"), STAMP);
        assertThat(desk.document().edits()).isZero();
    }

    @Test
    void changes_name_the_shots_they_touch() {
        desk.document().apply(ShotEdits.rename("s2", "Again"));
        assertThat(told.getLast().shots()).contains(Set.of("s2"));
        desk.document().show(ShotEdits.rename("s1", "The plan"));
        assertThat(told.getLast().what()).containsExactly(Change.PROJECT);
        assertThat(told.getLast().concern(Optional.of("s1"))).isTrue();
        assertThat(told.getLast().concern(Optional.of("s2"))).isFalse();
        desk.document().cancel();
        desk.document().apply(MediaEdits.add(PLAN.withId("m2")));
        assertThat(told.getLast().concern(Optional.of("s2"))).isTrue();
    }

    @Test
    void undo_during_a_gesture_first_forgets_the_gesture() {
        desk.document().apply(ShotEdits.setLength("s1", 100, ShotEdits.Timing.KEEP));
        desk.document().show(ShotEdits.setLength("s1", 40, ShotEdits.Timing.KEEP));
        desk.document().undo();
        assertThat(shot("s1").length()).isEqualTo(125);
        assertThat(desk.document().redoName()).contains("change shot length");
    }

    @Test
    void what_goes_on_by_itself_is_a_step_before_anything_else_is_done() {
        desk.document().showKept(ShotEdits.rename("s1", "The pl"));
        desk.document().showKept(ShotEdits.rename("s1", "The plan"));
        desk.document().apply(ShotEdits.rename("s2", "Again"));
        assertThat(shot("s1").name()).isEqualTo("The plan");
        desk.document().undo();
        assertThat(shot("s1").name()).isEqualTo("The plan");
        desk.document().showKept(ShotEdits.rename("s1", "A plan"));
        desk.document().undo();
        assertThat(shot("s1").name()).as("one step for the run alone").isEqualTo("The plan");
        desk.document().show(ShotEdits.rename("s1", "Held"));
        desk.document().settle();
        assertThat(desk.document().settled().shot("s1").orElseThrow().name())
                .as("a hand's own gesture is not ended")
                .isEqualTo("The plan");
    }

    @Test
    void facts_are_those_of_the_shot_as_it_is_now() {
        var facts = new ShotFacts();
        assertThat(facts.open(desk.document().project(), shot("s1"))).isFalse();
        var turned = shot("s1").camera().at(0).withDegrees(10);
        desk.document().apply(SettingsEdits.setKeepInside("s1", false));
        desk.document().apply(CameraEdits.setPose("turn", "s1", 0, turned));
        assertThat(facts.open(desk.document().project(), shot("s1"))).isTrue();
        assertThat(facts.seal(desk.document().project(), shot("s1"))).isInstanceOf(SealResult.Sealed.class);
        desk.document().undo();
        assertThat(facts.open(desk.document().project(), shot("s1"))).isFalse();
        assertThat(facts.enlargement(desk.document().project(), shot("s1")).percent())
                .isEqualTo(32);
    }
}
