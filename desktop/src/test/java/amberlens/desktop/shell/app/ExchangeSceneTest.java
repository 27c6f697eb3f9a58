package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Moves and edits to other programs and from them, by mouse in a real window. */
@EnabledIfSystemProperty(named = "amber.window", matches = "true", disabledReason = "needs a real window: ./amber test")
class ExchangeSceneTest extends ThreeShotsInteraction {
    private boolean told(String words) {
        return lookup(".label").queryAllAs(Label.class).stream()
                .anyMatch(label -> label.getText().contains(words));
    }

    @Test
    void a_move_is_handed_on_in_the_chosen_format_and_taken_in_by_another_shot() throws Exception {
        Path table = folder.resolve("sheet.csv");
        files.handedOn = Optional.of(table);
        seek(0);
        select("s1");
        onFx(() -> {
            Shot shot = shot("s1");
            CameraTrack moved =
                    shot.camera().withRotation(shot.camera().rotation().withValueAt(0, 3.0));
            bench.desk().document().load(project().mapShot("s1", s -> s.withCamera(moved)), Optional.empty());
        });
        select("s1");
        fromMenu("move", "files", "move-out");
        clickOn("#move-format").clickOn("CSV: pose and map of every frame");
        clickOn("Choose the file…");
        waitUntil("the table", () -> Files.exists(table));
        assertThat(Files.readAllLines(table)).hasSize(101);
        files.edit = Optional.of(table);
        select("s2");
        fromMenu("move", "files", "move-in");
        waitUntil("the move", () -> shot("s2").camera().rotation().at(10) == 3);
        assertThat(shot("s2").name()).isEqualTo("Tall");
        onFx(() -> bench.actions().run("edit.undo"));
        assertThat(shot("s2").camera().rotation().at(10)).isZero();
    }

    @Test
    void an_edit_list_begins_a_project_and_says_what_it_could_not_take() throws Exception {
        Path list = Files.writeString(folder.resolve("spring.edl"), """
                TITLE: Spring
                001  AX  V  C         00:00:00:00 00:00:02:00 01:00:00:00 01:00:02:00
                * FROM CLIP NAME: sheet.png
                002  AX  V  W003 010  00:00:00:00 00:00:03:00 01:00:02:00 01:00:05:00
                * FROM CLIP NAME: tall.png
                """);
        files.edit = Optional.of(list);
        fromMenu("project", "start-from", "project-take");
        waitUntil(
                "the question about unsaved work, or the remark",
                () -> told("wipe") || lookup("Discard").tryQuery().isPresent());
        if (!told("wipe")) {
            clickOn("Discard");
        }
        waitUntil("the remark", () -> told("Event 002 is a wipe"));
        clickOn("Close");
        assertThat(project().name()).isEqualTo("Spring");
        assertThat(project().shots()).extracting(Shot::length).isEqualTo(List.of(50 + 10, 75));
        assertThat(project().media()).extracting(media -> media.fileName()).containsExactly("sheet.png", "tall.png");
    }

    @Test
    void the_line_up_is_handed_on_as_a_timeline() throws Exception {
        Path timeline = folder.resolve("three.otio");
        files.handedOn = Optional.of(timeline);
        onFx(() -> bench.actions().run("lineup.timeline"));
        waitUntil("the timeline", () -> Files.exists(timeline));
        assertThat(Files.readString(timeline)).contains("Timeline.1", "lighter.mp4", "Tall");
    }
}
