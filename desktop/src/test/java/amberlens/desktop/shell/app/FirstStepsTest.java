package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Framings;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.testfx.util.WaitForAsyncUtils;

/** The first minutes: ways in on an empty bench, and the first move by keyboard alone while its five steps watch. */
@EnabledIfSystemProperty(
        named = "amber.window",
        matches = "true",
        disabledReason = "needs a real window with modifier keys; run ./amber test")
class FirstStepsTest extends BenchInteraction {
    private static final int MOST_TABS = 80;

    private void awaitStep(String title) {
        waitUntil("the step \"" + title + "\"", () -> text("#first-move-title").equals(title));
    }

    private void tabTo(String id) {
        for (int i = 0; i < MOST_TABS && !id.equals(at(this::focused)); i++) {
            type(KeyCode.TAB);
        }
        assertThat(at(this::focused)).isEqualTo(id);
    }

    private String focused() {
        Node owner = bench.scene().getFocusOwner();
        return owner == null || owner.getId() == null ? "" : owner.getId();
    }

    @Test
    void an_empty_bench_offers_ways_in_and_stops_when_there_is_a_picture() throws Exception {
        assertThat(lookup("#ways-in").query().isVisible()).isTrue();
        files.pictures = List.of(DrawnPictures.quarters(folder, "beds.png", 3000, 2000));
        clickOn("#way-add");
        waitUntil("the picture", () -> !project().media().isEmpty());
        assertThat(lookup("#ways-in").tryQuery().filter(Node::isVisible)).isEmpty();
        clickOn("#media-m1");
    }

    @Test
    void a_folder_becomes_a_film_that_can_be_changed() throws Exception {
        Path beds = Files.createDirectory(folder.resolve("beds"));
        DrawnPictures.quarters(beds, "bed 2.png", 1200, 900);
        DrawnPictures.quarters(beds, "bed 10.png", 900, 1400);
        Files.writeString(beds.resolve("bed 2.txt"), "Fern round");
        Files.writeString(beds.resolve("broken.png"), "no picture");
        files.folder = Optional.of(beds);
        WaitForAsyncUtils.asyncFx(() -> bench.actions().run("project.film"));
        settle();
        doubleClickOn("#film-seconds").write("none\n");
        assertThat(text("#form-note")).isNotEmpty();
        assertThat(project().shots()).isEmpty();
        doubleClickOn("#film-seconds").write("2\n");
        waitUntil("the film", () -> project().shots().size() == 3);
        assertThat(project().name()).isEqualTo("beds");
        assertThat(LineUp.track(project(), 1)).extracting(Shot::name).containsExactly("Bed 2", "Bed 10");
        assertThat(LineUp.track(project(), 1))
                .allMatch(shot -> EdgeReport.of(project().take(shot)).isSealed());
        waitUntil("what is to be known", () -> lookup(".label").queryAllAs(Label.class).stream()
                .anyMatch(label -> label.getText().contains("broken.png")));
        clickOn("Close");
        assertThat(bench.desk().document().file()).isEmpty();
    }

    @Test
    void the_whole_first_move_goes_by_keyboard_alone_and_the_steps_follow() throws Exception {
        files.pictures = List.of(DrawnPictures.quarters(folder, "beds.png", 3000, 2000));
        keys(KeyCode.F1);
        write("five steps\n");
        awaitStep("Add a picture");
        keys(KeyCode.P, KeyCode.CONTROL, KeyCode.ALT);
        awaitStep("Make a shot of it");
        keys(KeyCode.ENTER, KeyCode.CONTROL);
        awaitStep("Frame the beginning");
        tabTo("camera-scale");
        keys(KeyCode.A, KeyCode.CONTROL);
        write("80\n");
        assertThat(shot().camera().at(0).scale().x()).isEqualTo(80);
        tabTo("table-surface");
        keys(KeyCode.RIGHT, KeyCode.CONTROL, KeyCode.SHIFT);
        type(KeyCode.A);
        awaitStep("Frame the end");
        type(KeyCode.END);
        keys(KeyCode.LEFT, KeyCode.CONTROL, KeyCode.SHIFT);
        type(KeyCode.A);
        assertThat(Framings.of(shot().camera())).containsExactly(0, shot().lastFrame());
        awaitStep("View");
        type(KeyCode.SPACE);
        awaitStep("That is a move");
        type(KeyCode.SPACE);
        clickOn("#first-move-leave");
        assertThat(lookup("#first-move").query().isVisible()).isFalse();
    }

    @Test
    void the_steps_can_be_left_at_any_moment() {
        clickOn("#way-first-move");
        awaitStep("Add a picture");
        clickOn("#first-move-leave");
        assertThat(lookup("#first-move").query().isVisible()).isFalse();
    }
}
