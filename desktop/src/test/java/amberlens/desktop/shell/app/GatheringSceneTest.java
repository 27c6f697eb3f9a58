package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.desktop.desk.state.WindowLayout;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Pictures that are gathered, laid in and arranged, by mouse and keyboard in a real window. */
@EnabledIfSystemProperty(named = "amber.window", matches = "true", disabledReason = "needs a real window: ./amber test")
class GatheringSceneTest extends ThreeShotsInteraction {
    private WindowLayout arrangement() {
        return bench.desk().preferences().arrangement();
    }

    @Test
    void a_project_without_shots_opens_as_a_sheet_and_the_first_shot_puts_it_away() {
        List<Media> pictures = project().media();
        onFx(() -> bench.desk().document().load(Project.empty("Gathered"), Optional.empty()));
        assertThat(arrangement()).isNotEqualTo(WindowLayout.GATHER);
        onFx(() -> bench.desk().document().apply(MediaEdits.addAll(pictures)));
        assertThat(arrangement()).isEqualTo(WindowLayout.GATHER);
        waitUntil("the sheet", () -> text("#sheet-lay").equals("Lay in " + pictures.size()));
        keys(KeyCode.ENTER, KeyCode.CONTROL);
        assertThat(project().shots()).hasSize(pictures.size());
        assertThat(arrangement()).isEqualTo(WindowLayout.BOTH);
        keys(KeyCode.DIGIT4, KeyCode.ALT);
        assertThat(arrangement()).isEqualTo(WindowLayout.GATHER);
        clickOn("#rail-ready");
        clickOn("#ready-push-in");
        assertThat(bench.desk().document().undoName()).contains("push-in");
    }
}
