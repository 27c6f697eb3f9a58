package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.desktop.work.queue.ExportQueue;
import amberlens.media.footage.FilmInfo;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** The table of all shots and the export queue, by mouse and keyboard in a real window. */
@EnabledIfSystemProperty(named = "amber.window", matches = "true", disabledReason = "needs a real window: ./amber test")
class CheckAndExportTest extends ThreeShotsInteraction {
    @Test
    void all_shots_are_checked_sealed_and_gone_to_from_one_table() {
        openAnEdge();
        clickOn("#edges-check-all");
        waitUntil("the outcome", () -> text("#check-note").startsWith("1 of 3 shots"));
        clickOn("#check-listed").clickOn("with an open edge");
        clickOn(from(lookup("#check-table")).lookup("Tall").<Node>query());
        clickOn("#check-go");
        assertThat(bench.desk().cursor().selection().shotId()).contains("s2");
        clickOn("#edges-check-all");
        waitUntil("the outcome", () -> text("#check-note").startsWith("1 of 3 shots"));
        clickOn("#check-seal");
        waitUntil("the seal", () -> EdgeReport.of(project().take(shot("s2"))).isSealed());
        waitUntil("the words", () -> text("#check-note").contains("every frame of each is sealed"));
        clickOn("#check-close");
    }

    @Test
    void a_proof_is_written_of_what_is_on_the_bench() throws Exception {
        Path page = folder.resolve("proof.html");
        files.proof = Optional.of(page);
        onFx(() -> bench.actions().run("project.proof"));
        waitUntil("the verdict", () -> lookup(".label").queryAllAs(Label.class).stream()
                .anyMatch(label -> label.getText().startsWith("Every shot is sealed. Saved to ")));
        assertThat(page)
                .content()
                .contains("Every shot is sealed.", "none: the project has changes that are not saved");
        clickOn("Close");
        assertThat(lookup("#proof-words").tryQuery()).isEmpty();
    }

    @Test
    void one_file_for_each_shot_is_exported_while_work_goes_on_and_only_what_changed_again() throws Exception {
        Path film = folder.resolve("queue.webm");
        export(film, false);
        type(KeyCode.M);
        assertThat(project().shots().stream().anyMatch(shot -> !shot.markers().isEmpty()))
                .isTrue();
        waitUntil("all three", this::allEnded);
        Path tall = folder.resolve("queue-02-tall.webm");
        assertThat(FilmInfo.of(tall).footage().frames()).isEqualTo(50);
        assertThat(FilmInfo.of(tall).size()).isEqualTo(new Size(160, 90));
        onFx(() -> bench.services().exports().clear());
        seek(120);
        select("s2");
        export(film, true);
        waitUntil("all three", this::allEnded);
        assertThat(bench.services().exports().entries())
                .extracting(ExportQueue.Entry::state)
                .contains(ExportQueue.State.SKIPPED);
    }

    private boolean allEnded() {
        return bench.services().exports().entries().stream().allMatch(ExportQueue.Entry::ended);
    }

    private void export(Path film, boolean onlyChanged) {
        clickOn("#project-export");
        clickOn("#export-range").clickOn("One file for each shot");
        clickOn("#export-size").clickOn("160 × 90");
        clickOn("#export-format").clickOn("WebM film (VP9)");
        if (onlyChanged) {
            CheckBox box = lookup("#export-only-changed").query();
            clickOn(box, MouseButton.PRIMARY);
        }
        fill("#export-destination", film.toString());
        clickOn("#export-start");
        waitUntil("the queue", () -> lookup("#queue-close").tryQuery().isPresent());
        onFx(() -> lookup("#queue-close").<Button>query().fire()); // it moves as files are added above it
        waitUntil("the bench", () -> lookup("#queue-close").tryQuery().isEmpty());
    }

    /** Whole frames are sealed; at twice the rate the places between them are not, and the dialog says so before it starts. */
    @Test
    void an_export_whose_times_open_an_edge_is_sealed_from_the_dialog() throws Exception {
        onFx(() -> {
            List<Key<Double>> turns = new ArrayList<>();
            for (int frame = 0; frame <= 100; frame++) {
                turns.add(Key.of(frame, 180.0 * frame, Leg.LINEAR));
            }
            CameraTrack tumbling = shot("s1").camera().withRotation(Channel.keyed(ValueKinds.NUMBER, turns));
            bench.desk().document().load(project().mapShot("s1", shot -> shot.withCamera(tumbling)), Optional.empty());
        });
        select("s1");
        assertThat(EdgeReport.of(project().take(shot("s1"))).isSealed()).isTrue();
        double before = shot("s1").camera().at(0).scale().x();
        clickOn("#project-export");
        clickOn("#export-range").clickOn("The selected shot");
        clickOn("#export-size").clickOn("160 × 90");
        clickOn("#export-rate").clickOn("50 fps");
        clickOn("#export-format").clickOn("WebM film (VP9)");
        Path film = folder.resolve("sealed.webm");
        fill("#export-destination", film.toString());
        waitUntil("it is told before", () -> text("#export-findings").contains("open edge"));
        assertThat(text("#export-film")).isEqualTo("200 frames, 4.0 s");
        waitUntil(
                "its first frame",
                () -> lookup("#export-picture").<ImageView>query().getImage() != null);
        clickOn("#export-start");
        waitUntil("the edges", () -> text("#export-note").contains("\"Sheet\" shows"));
        assertThat(text("#export-note")).contains("between two frames");
        assertThat(film).doesNotExist();
        clickOn("#export-seal");
        waitUntil("the export", () -> !bench.services().exports().entries().isEmpty() && allEnded());
        assertThat(shot("s1").camera().at(0).scale().x()).isGreaterThan(1.4 * before);
        assertThat(FilmInfo.of(film).footage().frames()).isEqualTo(200);
        clickOn("Show in folder");
        assertThat(files.shown).contains(film);
        clickOn("#queue-close");
    }
}
