package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.Size;
import amberlens.core.edit.delivery.DeliveryEdits;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.desktop.work.queue.ExportQueue;
import amberlens.media.export.ExportFormat;
import amberlens.media.footage.FilmInfo;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** The export dialog answered for a use, by mouse and keyboard in a real window. */
@EnabledIfSystemProperty(named = "amber.window", matches = "true", disabledReason = "needs a real window: ./amber test")
class ExportUsesTest extends ThreeShotsInteraction {
    private ExportFormat format() {
        return lookup("#export-format").<ComboBox<ExportFormat>>query().getValue();
    }

    private String typed(String id) {
        return lookup(id).<TextField>query().getText();
    }

    @Test
    void a_use_answers_all_questions_and_own_answers_are_kept_by_name() {
        onFx(() -> bench.desk().cursor().seek(30));
        clickOn("#project-export");
        clickOn("#export-preset").clickOn("For the edit");
        assertThat(format()).isEqualTo(ExportFormat.PRORES_HQ);
        assertThat(typed("#export-destination")).endsWith(".mov");
        clickOn("#export-preset").clickOn("Still at the playhead");
        assertThat(format()).isEqualTo(ExportFormat.PNG_SEQUENCE);
        assertThat(typed("#export-from")).isEqualTo(typed("#export-to")).isEqualTo("00:00:01:05");
        waitUntil("one frame", () -> text("#export-film").startsWith("1 frame"));

        clickOn("#export-preset").clickOn("For the web");
        clickOn("#export-format").clickOn("WebM film (VP9)");
        clickOn("#export-size").clickOn("160 × 90");
        clickOn("#export-preset-keep");
        fill("#export-preset-name", "Small for letters");
        clickOn("#export-preset-keep");
        clickOn("#export-cancel");

        clickOn("#project-export");
        assertThat(format()).isEqualTo(ExportFormat.MP4_H264);
        clickOn("#export-preset").clickOn("Small for letters");
        assertThat(format()).isEqualTo(ExportFormat.WEBM_VP9);
        assertThat(lookup("#export-size").<ComboBox<Size>>query().getValue()).isEqualTo(new Size(160, 90));
        clickOn("#export-preset-forget");
        assertThat(bench.desk().preferences().exportPresets()).isEmpty();
        clickOn("#export-cancel");
    }

    @Test
    void an_upright_clip_is_made_of_the_upright_delivery() throws Exception {
        clickOn("#project-export");
        clickOn("#export-preset").clickOn("Upright clip");
        waitUntil("that there is none", () -> lookup(
                        node -> node instanceof Label label && label.getText().startsWith("no upright delivery"))
                .tryQuery()
                .isPresent());
        clickOn("#export-cancel");
        onFx(() -> bench.desk().document().applyToWhole(DeliveryEdits.add("Upright", new Size(180, 320))));
        clickOn("#project-export");
        clickOn("#export-preset").clickOn("Upright clip");
        assertThat(lookup("#export-shape-film").<CheckBox>query().isSelected()).isFalse();
        List<CheckBox> chosen = lookup(node -> node instanceof CheckBox box
                        && String.valueOf(box.getId()).startsWith("export-shape-")
                        && box.isSelected())
                .<CheckBox>queryAll()
                .stream()
                .toList();
        assertThat(chosen).extracting(CheckBox::getText).containsExactly("Upright  180 × 320");
        clickOn("#export-cancel");
    }

    @Test
    void edges_are_sealed_before_anybody_presses_export() throws Exception {
        openAnEdge();
        select("s2");
        clickOn("#project-export");
        clickOn("#export-range").clickOn("The selected shot");
        clickOn("#export-size").clickOn("160 × 90");
        Path film = folder.resolve("sealed first.mp4");
        fill("#export-destination", film.toString());
        waitUntil("it is told before", () -> text("#export-findings").contains("open edge"));
        clickOn("#export-seal");
        waitUntil(
                "the export",
                () -> !bench.services().exports().entries().isEmpty()
                        && bench.services().exports().entries().stream().allMatch(ExportQueue.Entry::ended));
        assertThat(EdgeReport.of(project().take(shot("s2"))).isSealed()).isTrue();
        assertThat(Files.exists(film)).isTrue();
        assertThat(FilmInfo.of(film).footage().frames()).isPositive();
        clickOn("#queue-close");
    }
}
