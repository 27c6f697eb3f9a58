package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.CameraEdits;
import amberlens.core.edit.edits.FramingEdits;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.edit.edits.SettingsEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.judge.edges.Refit;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.property.Group;
import amberlens.core.motion.property.Properties;
import amberlens.desktop.desk.actions.Action;
import amberlens.desktop.desk.actions.Needs;
import amberlens.desktop.desk.state.Selection;
import amberlens.files.Folders;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.util.WaitForAsyncUtils;

/** The bench without mouse and keyboard; runs offscreen too. */
class BenchSceneTest {
    @TempDir
    static Path folder;

    @BeforeAll
    static void startToolkit() {
        try {
            Platform.startup(AmberLens::dress);
        } catch (IllegalStateException alreadyRunning) {
            assertThat(alreadyRunning).hasMessageContaining("already");
        }
        if (!Boolean.getBoolean("amber.window")) {
            System.out.println(
                    "Left out: the interaction tests (FirstMoveTest). They need a real window; run ./amber test.");
        }
    }

    private static <T> T onInterface(java.util.concurrent.Callable<T> work) {
        return WaitForAsyncUtils.waitForAsyncFx(120_000, work);
    }

    private static Bench opened() {
        return onInterface(() -> {
            var bench = new Bench(new AnsweredFiles(), Folders.below(folder), 1280, 800);
            bench.scene().getRoot().applyCss();
            bench.scene().getRoot().layout();
            return bench;
        });
    }

    private static Project oneShot() {
        Media plan = Media.photo("m1", folder.resolve("not-there.png").toString(), new Size(6000, 4000));
        Project project = MediaEdits.add(plan).apply(Project.empty("Fernhollow"));
        return FramingEdits.add("s1", 0)
                .apply(ShotEdits.add(plan, Refit.FILL, 0).apply(project));
    }

    @Test
    void a_closed_bench_leaves_no_listener_behind() {
        Bench bench = opened();
        onInterface(() -> {
            assertThat(bench.desk().listeners()).isPositive();
            bench.close();
            assertThat(bench.desk().listeners()).isZero();
            return null;
        });
    }

    @Test
    void every_action_has_a_name_and_no_two_share_their_keys() {
        Bench bench = opened();
        var shortcuts = bench.actions().all().stream()
                .map(Action::shortcut)
                .flatMap(Optional::stream)
                .toList();
        assertThat(shortcuts).doesNotHaveDuplicates();
        assertThat(bench.actions().all())
                .allSatisfy(action -> assertThat(action.name()).isNotBlank());
        onInterface(() -> {
            bench.close();
            return null;
        });
    }

    @Test
    void a_drag_is_shown_at_once_and_becomes_one_step_or_none() {
        Bench bench = opened();
        onInterface(() -> {
            var desk = bench.desk();
            desk.document().load(oneShot(), Optional.empty());
            desk.document().show(ShotEdits.setLength("s1", 50, ShotEdits.Timing.KEEP));
            desk.document().show(ShotEdits.setLength("s1", 60, ShotEdits.Timing.KEEP));
            assertThat(desk.document().project().shot("s1").orElseThrow().length())
                    .isEqualTo(60);
            assertThat(desk.document().undoName()).isEmpty();
            desk.document().cancel();
            assertThat(desk.document().project().shot("s1").orElseThrow().length())
                    .isEqualTo(125);
            desk.document().show(ShotEdits.setLength("s1", 70, ShotEdits.Timing.KEEP));
            desk.document().commit();
            assertThat(bench.actions().get("edit.undo").menuText().get()).isEqualTo("Undo change shot length");
            desk.document().undo();
            assertThat(desk.document().project()).isEqualTo(oneShot());
            bench.close();
            return null;
        });
    }

    /** Told at every movement of the mouse is only who shows what moves. */
    @Test
    void a_drag_asks_neither_buttons_nor_hidden_rows() {
        Bench bench = opened();
        onInterface(() -> {
            var asked = new AtomicInteger();
            var counted = Needs.of("never", () -> asked.incrementAndGet() < 0);
            bench.actions().add(Action.Menu.SHOT, "counted", "Counted", "", counted, () -> {});
            bench.actions().bind(new Button(), "counted");
            var desk = bench.desk();
            desk.document().load(SettingsEdits.setKeepInside("s1", false).apply(oneShot()), Optional.empty());
            desk.tools().show(Group.DEPTH);
            var hidden = new AtomicInteger();
            var pitch = (TextInputControl) bench.scene().lookup("#camera-pitch");
            desk.tools().show(Group.POSE);
            pitch.textProperty().addListener((_, _, _) -> hidden.incrementAndGet());
            asked.set(0);
            Shot shot = desk.document().project().shot("s1").orElseThrow();
            for (int step = 1; step <= 20; step++) {
                desk.document().show(CameraEdits.setValue("pitch", shot, Properties.PITCH, 0, (double) step));
            }
            assertThat(desk.document().showing()).isTrue();
            assertThat(asked).as("buttons").hasValue(0);
            assertThat(hidden).as("rows that nobody sees").hasValue(0);
            desk.document().commit();
            assertThat(asked.get()).as("buttons, once it is done").isPositive();
            desk.tools().show(Group.DEPTH);
            assertThat(pitch.getText()).startsWith("20");
            bench.close();
            return null;
        });
    }

    @Test
    void what_was_done_to_another_shot_is_not_saved_either() {
        Bench bench = opened();
        onInterface(() -> {
            var desk = bench.desk();
            Project two =
                    ShotEdits.add(oneShot().media().getFirst(), Refit.FIT, 1).apply(oneShot());
            desk.document().load(two, Optional.of(folder.resolve("two.amber")));
            desk.cursor().select(Selection.shot("s1"));
            assertThat(text(bench, "#saved")).startsWith("Saved");
            desk.document().apply(ShotEdits.rename("s2", "Pond"));
            assertThat(text(bench, "#saved")).startsWith("Unsaved changes");
            bench.close();
            return null;
        });
    }

    @Test
    void what_will_happen_is_said_before_it_happens() {
        Bench bench = opened();
        onInterface(() -> {
            var desk = bench.desk();
            desk.document().load(oneShot(), Optional.empty());
            assertThat(text(bench, "#will-do")).isEqualTo("sets framing 1");
            desk.cursor().seek(2);
            assertThat(text(bench, "#will-do")).isEqualTo("adds a framing or key at 0:02");
            assertThat(text(bench, "#go-to-key")).isEqualTo("go to key at 0:00");
            assertThat(bench.scene().lookup("#go-to-key").isVisible()).isTrue();
            desk.cursor().seek(60);
            assertThat(bench.scene().lookup("#go-to-key").isVisible()).isFalse();
            bench.close();
            return null;
        });
    }

    @Test
    void selecting_a_shot_moves_nothing_and_changing_it_goes_there_first() {
        Bench bench = opened();
        onInterface(() -> {
            var desk = bench.desk();
            Project two =
                    ShotEdits.add(oneShot().media().getFirst(), Refit.FIT, 1).apply(oneShot());
            desk.document().load(two, Optional.empty());
            desk.cursor().select(Selection.shot("s2"));
            assertThat(desk.cursor().playhead()).isZero();
            assertThat(text(bench, "#will-do")).isEqualTo("goes to 0:00, then changes the constant");
            desk.cursor().enterShot();
            assertThat(desk.cursor().playhead()).isEqualTo(125);
            desk.cursor().seek(10);
            assertThat(desk.cursor().selection()).isEqualTo(Selection.shot("s1"));
            bench.close();
            return null;
        });
    }

    private static String text(Bench bench, String query) {
        return ((Labeled) bench.scene().lookup(query)).getText();
    }
}
