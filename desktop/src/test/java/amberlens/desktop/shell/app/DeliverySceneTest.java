package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.desktop.work.queue.ExportQueue;
import amberlens.media.footage.FilmInfo;
import amberlens.project.ProjectFile;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** One film in several shapes, by mouse and keyboard in a real window. */
@EnabledIfSystemProperty(named = "amber.window", matches = "true", disabledReason = "needs a real window: ./amber test")
class DeliverySceneTest extends ThreeShotsInteraction {
    private Project whole() {
        return bench.desk().document().whole();
    }

    private Shot own(String id) {
        return whole().shot(id).orElseThrow();
    }

    private void addUpright() {
        keys(KeyCode.D, KeyCode.CONTROL, KeyCode.ALT);
        clickOn("#delivery-usual").clickOn("9:16 upright");
        fill("#delivery-width", "90");
        fill("#delivery-height", "160");
        clickOn("#delivery-add");
        waitUntil("what was found", () -> text("#delivery-found-d1").equals("sealed"));
    }

    @Test
    void a_shape_is_added_reframed_looked_at_and_worked_on_while_the_film_stays() throws Exception {
        CameraTrack film = shot("s1").camera();
        addUpright();
        assertThat(whole().deliveries()).extracting(Delivery::name).containsExactly("9x16");
        clickOn("#delivery-reframe-d1");
        waitUntil("the framings", () -> text("#delivery-found-d1").equals("sealed · 3 shots framed for it"));
        clickOn("#delivery-look-d1");
        clickOn("#delivery-close");
        assertThat(project().frameSize()).isEqualTo(new Size(90, 160));
        select("s1");
        seek(0);
        double before = shot("s1").camera().at(0).scale().x();
        enter("#camera-scale", String.valueOf(2 * before));
        assertThat(shot("s1").camera().at(0).scale().x()).isEqualTo(2 * before);
        assertThat(own("s1").camera()).isEqualTo(film);
        type(KeyCode.ESCAPE);
        keys(KeyCode.Z, KeyCode.CONTROL);
        assertThat(shot("s1").camera().at(0).scale().x()).isEqualTo(before);
        fromMenu("project", "deliveries", "delivery-give-back");
        assertThat(own("s1").settings().deliveries()).isEmpty();
        assertThat(own("s2").settings().deliveries()).containsKey("d1");
        clickOn("#shape").clickOn("Film  640 × 360");
        assertThat(project()).isSameAs(whole());
        assertThat(shot("s1").camera()).isEqualTo(film);
        assertThat(EdgeReport.of(project().take(shot("s1"))).isSealed()).isTrue();
    }

    @Test
    void all_are_exported_in_one_go_named_by_their_shapes() throws Exception {
        addUpright();
        clickOn("#delivery-close");
        onFx(() -> bench.desk().document().apply(ShotEdits.setLength("s2", 5, ShotEdits.Timing.KEEP)));
        select("s2");
        clickOn("#project-export");
        clickOn("#export-range").clickOn("The selected shot");
        clickOn("#export-size").clickOn("160 × 90");
        clickOn("#export-format").clickOn("WebM film (VP9)");
        clickOn("#export-shape-d1");
        Path film = folder.resolve("beds.webm");
        fill("#export-destination", film.toString());
        clickOn("#export-start");
        waitUntil(
                "both",
                () -> bench.services().exports().entries().size() == 2
                        && bench.services().exports().entries().stream().allMatch(ExportQueue.Entry::ended));
        assertThat(FilmInfo.of(folder.resolve("beds-16x9.webm")).size()).isEqualTo(new Size(160, 90));
        assertThat(FilmInfo.of(folder.resolve("beds-9x16.webm")).size()).isEqualTo(new Size(22, 40));
        clickOn("#queue-close");
    }

    @Test
    void what_cannot_be_is_told_and_the_project_is_saved_in_its_own_frame() throws Exception {
        addUpright();
        enter("#delivery-name-d1", "up/right");
        assertThat(text("#delivery-note")).contains("files are named");
        enter("#delivery-name-d1", "Hall");
        assertThat(whole().deliveries()).extracting(Delivery::name).containsExactly("Hall");
        fill("#delivery-width", "wide");
        clickOn("#delivery-add");
        assertThat(text("#delivery-note")).contains("whole numbers");
        clickOn("#delivery-look-d1");
        clickOn("#delivery-close");
        Path file = folder.resolve("film.amber");
        files.save = Optional.of(file);
        keys(KeyCode.S, KeyCode.CONTROL);
        waitUntil("the file", () -> !bench.desk().document().unsaved());
        assertThat(ProjectFile.open(file).frameSize()).isEqualTo(FRAME);
        assertThat(project().frameSize()).isEqualTo(new Size(90, 160));
    }
}
