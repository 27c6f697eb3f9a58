package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.FramingEdits;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.judge.edges.Refit;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.property.Lane;
import amberlens.core.motion.property.Properties;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.ThemeChoice;
import amberlens.desktop.picture.table.TableProbe;
import amberlens.desktop.time.lineup.LineUpProbe;
import amberlens.desktop.time.score.ScoreProbe;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Menus above the bench and where one points, the settings, the guide. */
@EnabledIfSystemProperty(
        named = "amber.window",
        matches = "true",
        disabledReason = "needs a real window with modifier keys; run ./amber test")
class FindingThingsTest extends BenchInteraction {
    @BeforeEach
    void openTwoShots() throws Exception {
        String plan = DrawnPictures.quarters(folder, "plan.png", 1500, 1000).toString();
        Media media = Media.photo("m1", plan, new Size(1500, 1000));
        Project project = MediaEdits.add(media).apply(Project.empty("Fernhollow"));
        project = ShotEdits.add(media, Refit.FILL, 0).apply(project);
        project = ShotEdits.add(media, Refit.FILL, 1).apply(project);
        Project moved =
                FramingEdits.add("s1", 80).apply(FramingEdits.add("s1", 0).apply(project));
        at(() -> {
            bench.desk().document().load(moved, Optional.empty());
            bench.desk().cursor().select(Selection.shot("s1"));
            return null;
        });
        settle();
    }

    @Test
    void a_right_click_asks_what_can_be_done_with_a_shot() {
        Point2D second =
                at(() -> LineUpProbe.end(bench.scene(), bench.desk(), "s2")).subtract(60, 0);
        rightClickOn(second);
        assertThat(bench.desk().cursor().selection().includes("s2")).isTrue();
        clickOn("#item-shot-delete");
        assertThat(project().shots()).extracting(shot -> shot.id()).containsExactly("s1");
    }

    @Test
    void a_right_click_asks_what_can_be_done_with_a_key_a_leg_and_the_gate() {
        rightClickOn(at(() -> ScoreProbe.bead(bench.scene(), bench.desk(), Lane.of(Properties.SCALE), 80, 0)));
        assertThat(bench.desk().cursor().selectedKeys().size()).isOne();
        clickOn("#item-edit-delete");
        assertThat(shot().camera().get(Properties.SCALE).keys()).hasSize(1);
        keys(KeyCode.Z, KeyCode.CONTROL);
        Point2D bead = at(() -> ScoreProbe.bead(bench.scene(), bench.desk(), Lane.of(Properties.SCALE), 80, 0));
        double framings =
                at(() -> lookup("#score-surface").query().localToScreen(0, 55).getY());
        rightClickOn(new Point2D(bead.getX() - 200, framings));
        clickOn("#item-ease-gentle_both");
        assertThat(shot().camera().get(Properties.SCALE).keys().getFirst().leg())
                .isEqualTo(Ease.GENTLE_BOTH.leg());
        type(KeyCode.HOME);
        rightClickOn(at(() -> TableProbe.centre(bench.scene())));
        clickOn("#item-edges-lock");
        assertThat(shot().settings().locked()).containsExactly(0);
    }

    @Test
    void menus_inside_menus_and_what_cannot_be_done_says_why() {
        at(() -> {
            bench.desk().cursor().select(bench.desk().cursor().selection().with(new Selection.LegFrom(0)));
            return null;
        });
        fromMenu("move", "ease", "ease-smooth");
        assertThat(shot().camera().get(Properties.SCALE).keys().getFirst().leg())
                .isEqualTo(Ease.SMOOTH.leg());
        fromMenu("move", "from-another-shot", "move-free");
        assertThat(text("#status")).startsWith("\"Stop following another shot\" needs a shot that follows");
    }

    @Test
    void settings_hold_at_once() {
        double before =
                at(() -> lookup("#project-name").<Labeled>query().getFont().getSize());
        keys(KeyCode.I, KeyCode.CONTROL);
        clickOn("#tab-settings-appearance").clickOn("#setting-text");
        type(KeyCode.END, KeyCode.ENTER);
        waitUntil(
                "larger text",
                () -> lookup("#project-name").<Labeled>query().getFont().getSize() > 1.4 * before);
        clickOn("#setting-appearance");
        type(KeyCode.END, KeyCode.ENTER);
        waitUntil("the light appearance", () -> bench.desk().preferences().appearance() == ThemeChoice.LIGHT);
        type(KeyCode.ESCAPE);
        Region bar = lookup(".top-bar").query();
        assertThat(at(() -> bar.getBackground().getFills().getFirst().getFill()))
                .isEqualTo(javafx.scene.paint.Color.web("#FAF7F1"));
        Point2D ruler = at(() -> ScoreProbe.bead(bench.scene(), bench.desk(), Lane.of(Properties.SCALE), 80, 0));
        clickOn(ruler);
        assertThat(bench.desk().cursor().selectedKeys().size())
                .as("larger views hear of the mouse where it is")
                .isOne();
        at(() -> {
            bench.desk().prefer(to -> {
                to.setAppearance(ThemeChoice.DARK);
                to.setTextPercent(100);
            });
            return null;
        });
    }

    @Test
    void the_guide_opens_without_a_network_and_leads_from_page_to_page() {
        keys(KeyCode.F1, KeyCode.SHIFT);
        assertThat(lookup("#guide").query().isVisible()).isTrue();
        clickOn("#guide-edges-and-seal");
        assertThat(lookup(".guide-table").query().isVisible()).isTrue();
        type(KeyCode.ESCAPE);
        assertThat(lookup("#guide").tryQuery()).isEmpty();
        assertThat(Framings.of(shot().camera())).containsExactly(0, 80);
    }

    @Test
    void a_colour_is_taken_from_the_lens_while_the_dialog_steps_aside() {
        waitUntil("the picture in the Lens", () -> {
            var image = lookup("#lens-surface").query().snapshot(null, null);
            int middle = image.getPixelReader().getArgb((int) image.getWidth() / 5, (int) image.getHeight() * 2 / 5);
            return (middle & 0xFFFFFF) != 0;
        });
        keys(KeyCode.F, KeyCode.CONTROL);
        clickOn("#frame-background-drop");
        assertThat(lookup(".dialog-panel").query().getParent().isVisible()).isFalse();
        Point2D quarter = at(() -> {
            Node lens = lookup("#lens-surface").query();
            var bounds = lens.getBoundsInLocal();
            return lens.localToScreen(bounds.getWidth() * 0.2, bounds.getHeight() * 0.4);
        });
        clickOn(quarter);
        assertThat(lookup(".dialog-panel").query().getParent().isVisible()).isTrue();
        String taken = lookup("#frame-background").<TextField>query().getText();
        // the upper left quarter of the picture that is drawn is #B0603C
        assertThat(taken).isIn("#B0603C", "#AF603C", "#B0613C", "#B0603B");
        clickOn("Set the frame");
        assertThat(project().frame().background().toString()).isEqualTo(taken);
        assertThat(bench.desk().preferences().recentColours().getFirst().toString())
                .isEqualTo(taken);
    }

    @Test
    void rates_are_chosen_and_written_as_people_say_them() {
        keys(KeyCode.F, KeyCode.CONTROL);
        assertThat(lookup("#frame-rate").<ComboBox<String>>query().getValue()).isEqualTo("25");
        clickOn(lookup("#frame-rate").query().lookup(".text-field"));
        keys(KeyCode.A, KeyCode.CONTROL);
        write("29.97");
        clickOn("Set the frame");
        assertThat(project().frame().rate().written()).isEqualTo("30000/1001");
    }

    @Test
    void keys_of_menus_rest_while_a_dialog_is_open() {
        clickOn("#menu-move");
        type(KeyCode.ESCAPE);
        int steps = bench.desk().document().steps().size();
        keys(KeyCode.I, KeyCode.CONTROL);
        type(KeyCode.A);
        keys(KeyCode.N, KeyCode.CONTROL);
        assertThat(bench.desk().document().steps()).hasSize(steps);
        assertThat(project().shots()).hasSize(2);
        assertThat(lookup("#settings").query().isVisible()).isTrue();
        type(KeyCode.ENTER);
        assertThat(lookup("#settings").tryQuery()).isEmpty();
    }
}
