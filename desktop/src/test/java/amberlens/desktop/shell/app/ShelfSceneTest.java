package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.SplitPane;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Many pictures at once: selected, ordered, found, and laid into the Line-up. */
@EnabledIfSystemProperty(
        named = "amber.window",
        matches = "true",
        disabledReason = "needs a real window with modifier keys; run ./amber test")
class ShelfSceneTest extends BenchInteraction {
    @BeforeEach
    void fillTheShelf() throws Exception {
        Path picture = DrawnPictures.quarters(folder, "bed.png", 600, 400);
        List<Media> media = IntStream.rangeClosed(1, 12)
                .mapToObj(i -> Media.photo(
                        "m" + i,
                        i == 1
                                ? picture.toString()
                                : folder.resolve("bed " + (13 - i) + ".png").toString(),
                        new Size(600, 400)))
                .toList();
        at(() -> {
            bench.desk().prefer(to -> to.setShelfOpen(true));
            bench.desk().preferences().setSeam("both-shelf.0", 420);
            bench.desk().document().load(Project.empty("Fernhollow").withMedia(media), Optional.empty());
            return null;
        });
        keys(KeyCode.DIGIT1, KeyCode.ALT);
        keys(KeyCode.DIGIT2, KeyCode.ALT); // the seam is read when an arrangement is shown
        at(() -> {
            lookup("#seam-score").<SplitPane>query().setDividerPositions(0.72);
            return null;
        });
        waitUntil("cards", () -> lookup("#media-m3").tryQuery().isPresent());
    }

    private List<String> media() {
        return project().shots().stream().map(Shot::media).toList();
    }

    private void lay() {
        keys(KeyCode.ENTER, KeyCode.CONTROL);
    }

    @Test
    void selected_pictures_are_laid_in_their_order_and_moves_are_offered() {
        clickOn("#media-m2");
        press(KeyCode.SHIFT).clickOn("#media-m4").release(KeyCode.SHIFT);
        press(KeyCode.CONTROL).clickOn("#media-m1").release(KeyCode.CONTROL);
        assertThat(text("#shelf-lay")).isEqualTo("4 to the Line-up");
        clickOn("#shelf-lay");
        assertThat(media()).containsExactly("m1", "m2", "m3", "m4");
        assertThat(bench.desk().cursor().selection().shots()).hasSize(4);
        assertThat(text("#status")).isEqualTo("4 shots added to the Line-up.");
        clickOn("#status-action");
        assertThat(bench.scene().lookup(".dialog-title")).isNotNull();
        type(KeyCode.ESCAPE);
        keys(KeyCode.Z, KeyCode.CONTROL);
        assertThat(media()).as("one step").isEmpty();
    }

    @Test
    void all_are_selected_from_a_card_and_arrows_go_from_card_to_card() {
        clickOn("#media-m1");
        type(KeyCode.RIGHT);
        keys(KeyCode.RIGHT, KeyCode.SHIFT);
        lay();
        assertThat(media()).containsExactly("m2", "m3");
        keys(KeyCode.Z, KeyCode.CONTROL);
        clickOn("#media-m1");
        keys(KeyCode.A, KeyCode.CONTROL);
        lay();
        assertThat(media()).hasSize(12);
    }

    @Test
    void a_lasso_catches_what_it_touches() {
        Node fourth = lookup("#media-m4").query();
        Node cards = lookup("#shelf-cards").query();
        clickOn("#media-m3");
        dragTo(at(() -> cards.localToScreen(1.5, 1.5)), at(() -> fourth.localToScreen(30, 20)));
        lay();
        assertThat(media()).contains("m1", "m4").doesNotContain("m9");
    }

    @Test
    void pictures_are_found_by_name_and_ordered_as_people_count() {
        clickOn("#shelf-filter");
        write("bed 1");
        clickOn("#shelf-order").clickOn("#order-name");
        waitUntil("fewer cards", () -> lookup("#media-m5").tryQuery().isEmpty());
        clickOn("#media-m12");
        keys(KeyCode.A, KeyCode.CONTROL);
        lay();
        assertThat(media()).containsExactly("m12", "m3", "m2"); // bed 1, bed 10, bed 11
    }
}
