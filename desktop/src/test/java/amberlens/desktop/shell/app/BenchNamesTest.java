package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.judge.edges.Refit;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.Hint;
import amberlens.files.Folders;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Control;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.SplitPane;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.util.WaitForAsyncUtils;

/** Whoever cannot see the bench hears what everything is called, and whoever sees an icon can ask what it does. */
class BenchNamesTest {
    @TempDir
    static Path folder;

    private Bench bench;

    @BeforeEach
    void open() {
        Toolkit.start();
        Media plan = Media.photo("m1", folder.resolve("plan.png").toString(), new Size(6000, 4000));
        Project empty = MediaEdits.add(plan).apply(Project.empty("Fernhollow"));
        Project project = ShotEdits.add(plan, Refit.FILL, 0).apply(empty);
        bench = WaitForAsyncUtils.waitForAsyncFx(120_000, () -> {
            var made = new Bench(new AnsweredFiles(), Folders.below(folder), 1280, 800);
            made.desk().document().load(project, Optional.empty());
            made.desk().cursor().select(Selection.shot("s1"));
            made.scene().snapshot(null);
            return made;
        });
    }

    @AfterEach
    void close() {
        WaitForAsyncUtils.waitForAsyncFx(120_000, bench::close);
    }

    private List<Node> all() {
        return WaitForAsyncUtils.waitForAsyncFx(120_000, () -> {
            List<Node> found = new ArrayList<>();
            collect(bench.scene().getRoot(), found);
            return found;
        });
    }

    private static void collect(Node node, List<Node> into) {
        if (!node.isVisible()) {
            return;
        }
        into.add(node);
        boolean skin = node instanceof Control && !(node instanceof ScrollPane) && !(node instanceof SplitPane);
        if (node instanceof Parent parent && (!skin || node instanceof ListView)) {
            parent.getChildrenUnmodifiable().forEach(child -> collect(child, into));
        }
    }

    private static String name(Node node) {
        String own = node.getAccessibleText() == null ? "" : node.getAccessibleText();
        return own.isEmpty() && node instanceof Labeled labeled ? labeled.getText() : own;
    }

    @Test
    void everything_that_takes_the_focus_has_a_name() {
        List<Node> takers = all().stream()
                .filter(Node::isFocusTraversable)
                .filter(node -> !(node instanceof MenuBar))
                .toList();
        assertThat(takers).hasSizeGreaterThan(60);
        assertThat(takers)
                .allSatisfy(node -> assertThat(name(node)).as(node.toString()).isNotBlank());
    }

    @Test
    void every_icon_says_what_it_does_and_with_which_keys() {
        List<ButtonBase> icons = all().stream()
                .filter(ButtonBase.class::isInstance)
                .map(ButtonBase.class::cast)
                .filter(button -> button.getText() == null || button.getText().isEmpty())
                .filter(button -> button.getGraphic() != null)
                .toList();
        assertThat(icons).hasSizeGreaterThan(20);
        assertThat(icons)
                .allSatisfy(
                        icon -> assertThat(Hint.text(icon)).as(icon.toString()).isNotEmpty());
        assertThat(icons)
                .filteredOn(icon -> "play-toggle".equals(icon.getId()))
                .singleElement()
                .satisfies(play -> assertThat(Hint.text(play)).contains("Space"));
    }
}
