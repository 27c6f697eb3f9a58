package amberlens.desktop.store;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.edges.Conform;
import amberlens.core.edit.CameraEdits;
import amberlens.core.edit.LineUpEdits;
import amberlens.core.edit.MediaEdits;
import amberlens.core.edit.SettingsEdits;
import amberlens.core.edit.ShotEdits;
import amberlens.core.geometry.Size;
import amberlens.core.lineup.Laying;
import amberlens.core.model.Media;
import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import amberlens.core.seal.SealResult;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class StoreTest {
    private static final Media PLAN = Media.photo("m1", "/archive/plan.jpg", new Size(6000, 4000));
    private final Store store = new Store();
    private final List<Set<Change>> told = new ArrayList<>();

    @BeforeEach
    void load() {
        Project project = MediaEdits.add(PLAN).apply(Project.empty("Fernhollow"));
        project = ShotEdits.add(PLAN, Conform.FILL, 1)
                .apply(ShotEdits.add(PLAN, Conform.FILL, 0).apply(project));
        store.load(project, Optional.empty());
        store.subscribe(changes -> told.add(EnumSet.copyOf(changes)));
    }

    private Shot shot(String id) {
        return store.project().shot(id).orElseThrow();
    }

    @Test
    void a_loaded_project_starts_at_its_first_shot() {
        assertThat(store.selection()).isEqualTo(Selection.shot("s1"));
        assertThat(store.playhead()).isZero();
        assertThat(store.unsaved()).isFalse();
    }

    @Test
    void the_playhead_never_leaves_the_line_up() {
        store.seek(9999);
        assertThat(store.playhead()).isEqualTo(249);
        store.seek(-4);
        assertThat(store.playhead()).isZero();
        assertThat(told).allMatch(changes -> changes.contains(Change.PLAYHEAD));
    }

    @Test
    void seeking_where_it_is_tells_nobody() {
        store.seek(0);
        store.select(Selection.shot("s1"));
        store.say("");
        assertThat(told).isEmpty();
    }

    @Test
    void when_the_selected_shot_goes_the_one_under_the_playhead_is_selected() {
        store.seek(10);
        store.apply(LineUpEdits.delete(Set.of("s1"), Laying.RIPPLE));
        assertThat(store.selection()).isEqualTo(Selection.shot("s2"));
        store.apply(LineUpEdits.delete(Set.of("s2"), Laying.RIPPLE));
        assertThat(store.selection()).isEqualTo(Selection.NONE);
        assertThat(store.playhead()).isZero();
        store.undo();
        assertThat(store.selection()).isEqualTo(Selection.shot("s2"));
    }

    @Test
    void saving_marks_the_project_and_undo_past_it_is_a_change_again() {
        store.apply(ShotEdits.rename("s1", "The plan"));
        assertThat(store.unsaved()).isTrue();
        store.saved(Path.of("film.amber"));
        assertThat(store.unsaved()).isFalse();
        assertThat(store.file()).contains(Path.of("film.amber"));
        store.undo();
        assertThat(store.unsaved()).isTrue();
        store.redo();
        assertThat(store.unsaved()).isFalse();
    }

    @Test
    void undo_during_a_gesture_first_forgets_the_gesture() {
        store.apply(ShotEdits.setLength("s1", 100, ShotEdits.Timing.KEEP));
        store.show(ShotEdits.setLength("s1", 40, ShotEdits.Timing.KEEP));
        store.undo();
        assertThat(shot("s1").length()).isEqualTo(125);
        assertThat(store.redoName()).contains("length of a shot");
    }

    @Test
    void facts_are_those_of_the_shot_as_it_is_now() {
        var facts = new ShotFacts();
        assertThat(facts.open(store.project(), shot("s1"))).isFalse();
        var turned = shot("s1").camera().at(0).withDegrees(10);
        store.apply(SettingsEdits.setKeepInside("s1", false));
        store.apply(CameraEdits.setPose("turn", "s1", 0, turned));
        assertThat(facts.open(store.project(), shot("s1"))).isTrue();
        assertThat(facts.seal(store.project(), shot("s1"))).isInstanceOf(SealResult.Sealed.class);
        store.undo();
        assertThat(facts.open(store.project(), shot("s1"))).isFalse();
        assertThat(facts.enlargement(store.project(), shot("s1")).percent()).isEqualTo(32);
    }
}
