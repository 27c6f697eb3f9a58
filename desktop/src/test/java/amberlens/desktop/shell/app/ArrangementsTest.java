package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.FramingEdits;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.judge.edges.Refit;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.desk.state.Tools;
import amberlens.desktop.desk.state.WindowLayout;
import java.nio.file.Path;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.stage.Window;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** What stands large, the seams between, and the Lens in a window of its own. */
@EnabledIfSystemProperty(
        named = "amber.window",
        matches = "true",
        disabledReason = "needs a real window with modifier keys; run ./amber test")
class ArrangementsTest extends BenchInteraction {
    @BeforeEach
    void load() throws Exception {
        Path picture = DrawnPictures.quarters(folder, "four-beds.png", 3000, 2000);
        Media plan = Media.photo("m1", picture.toString(), new Size(3000, 2000));
        Project project = MediaEdits.add(plan).apply(Project.empty("Fernhollow"));
        Project shot = ShotEdits.add(plan, Refit.FILL, 0).apply(project);
        Project moved =
                FramingEdits.add("s1", 80).apply(FramingEdits.add("s1", 0).apply(shot));
        at(() -> {
            bench.desk().document().load(moved, Optional.empty());
            bench.desk().cursor().select(Selection.shot("s1"));
            return null;
        });
        settle();
    }

    private double width(String id) {
        return at(() -> lookup(id).<Region>query().getWidth());
    }

    private void arrange(KeyCode key, WindowLayout wanted) {
        keys(key, KeyCode.ALT);
        waitUntil("arrangement " + wanted, () -> bench.desk().preferences().arrangement() == wanted);
        settle();
    }

    @Test
    void three_arrangements_are_one_key_away_and_the_words_in_the_top_bar() {
        arrange(KeyCode.DIGIT1, WindowLayout.TABLE);
        assertThat(width("#table-surface")).isGreaterThan(1.2 * width("#lens-surface"));
        arrange(KeyCode.DIGIT3, WindowLayout.LENS);
        assertThat(width("#lens-surface")).isGreaterThan(1.2 * width("#table-surface"));
        clickOn("#arrange-both");
        waitUntil("both", () -> bench.desk().preferences().arrangement() == WindowLayout.BOTH);
        settle();
        assertThat(width("#lens-surface")).isCloseTo(width("#table-surface"), within(12.0));
    }

    @Test
    void several_frames_at_once_take_the_room_of_the_table_while_the_lens_is_small() {
        arrange(KeyCode.DIGIT1, WindowLayout.TABLE);
        double small = width("#lens-surface");
        type(KeyCode.W);
        waitUntil("the ends", () -> bench.desk().tools().lensShow() == Tools.LensShow.ENDS);
        settle();
        assertThat(width("#lens-surface")).isGreaterThan(1.2 * small);
        type(KeyCode.W);
        settle();
        assertThat(width("#lens-surface")).isCloseTo(small, within(2.0));
    }

    @Test
    void the_shelf_folds_to_its_rail_and_the_views_take_its_room() {
        double before = width("#table-surface");
        clickOn("#rail-shelf");
        waitUntil("the fold", () -> !bench.desk().preferences().shelfOpen());
        settle();
        assertThat(width("#table-surface")).isGreaterThan(before + 40);
        clickOn("#rail-ready");
        waitUntil("the ready moves", () -> bench.desk().preferences().shelfOpen());
        assertThat(lookup("#ready-scroll").query().isVisible()).isTrue();
        keys(KeyCode.Y, KeyCode.SHIFT);
        assertThat(bench.desk().preferences().shelfOpen()).isFalse();
    }

    @Test
    void a_seam_that_is_dragged_stays_where_it_was_put() {
        Point2D divider = at(() -> {
            Node table = lookup("#table-surface").query();
            return table.localToScreen(table.getLayoutBounds().getMaxX() + 1.5, 120);
        });
        dragTo(divider, divider.add(90, 0));
        double wide = width("#table-surface");
        assertThat(wide).isGreaterThan(width("#lens-surface") + 100);
        arrange(KeyCode.DIGIT3, WindowLayout.LENS);
        arrange(KeyCode.DIGIT2, WindowLayout.BOTH);
        assertThat(width("#table-surface")).isCloseTo(wide, within(3.0));
    }

    @Test
    void the_lens_plays_in_a_window_of_its_own_and_comes_back() {
        keys(KeyCode.F11, KeyCode.SHIFT);
        waitUntil("a second window", () -> lensScene() != bench.scene());
        Scene own = at(this::lensScene);
        assertThat(own.getWindow()).isNotEqualTo(bench.scene().getWindow());
        at(() -> {
            own.getWindow().requestFocus();
            return null;
        });
        type(KeyCode.SPACE);
        waitUntil("playing", () -> bench.desk().cursor().transport().playing());
        type(KeyCode.SPACE);
        waitUntil("standing", () -> !bench.desk().cursor().transport().playing());
        type(KeyCode.ESCAPE);
        waitUntil("the Lens at home", () -> lensScene() == bench.scene());
        assertThat(Window.getWindows()).hasSize(1);
    }

    /** The scene in which the Lens stands now. */
    private Scene lensScene() {
        return Window.getWindows().stream()
                .map(Window::getScene)
                .filter(scene -> scene.lookup("#lens-surface") != null)
                .findFirst()
                .orElse(bench.scene());
    }
}
