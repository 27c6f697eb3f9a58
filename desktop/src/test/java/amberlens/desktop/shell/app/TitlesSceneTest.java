package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.edit.edits.TitleEdits;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.title.Align;
import amberlens.core.material.title.Title;
import amberlens.core.material.title.Weight;
import amberlens.core.model.project.Shot;
import amberlens.desktop.picture.lens.LensProbe;
import amberlens.desktop.shelf.panes.ShelfTab;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

class TitlesSceneTest extends ThreeShotsInteraction {
    private void begin() {
        select("s1");
        onFx(() -> bench.actions().run("arrange.lens"));
    }

    private Title title() {
        return project().mediaOf(shot()).title().orElseThrow();
    }

    private void addTitle() {
        onFx(() -> bench.actions().run("title.add"));
        waitUntil(
                "the field in the Lens",
                () -> lensField().isVisible() && lensField().isFocused());
    }

    private Node lensField() {
        return bench.scene().lookup("#lens-title");
    }

    private void wordsInLens(String words) {
        write(words);
        waitUntil("the words", () -> title().text().equals(words));
    }

    private int steps() {
        return at(() -> bench.desk().document().steps().size());
    }

    @Test
    void a_title_is_added_written_in_the_lens_and_one_undo_takes_the_writing_back() {
        begin();
        seek(20);
        addTitle();
        Shot shot = shot();
        assertThat(shot.start()).isEqualTo(20);
        assertThat(shot.track()).isGreaterThan(1);
        assertThat(shot.fillsFrame()).isFalse();
        int before = steps();
        TextInputControl field = (TextInputControl) lensField();
        onFx(() -> "The mill pond".chars().forEach(letter -> field.replaceSelection(Character.toString(letter))));
        keys(KeyCode.ENTER, KeyCode.CONTROL);
        waitUntil("the end", () -> !lensField().isVisible());
        assertThat(steps()).isEqualTo(before + 1);
        assertThat(shot().name()).isEqualTo("The mill pond");
        undo();
        assertThat(title().text()).isEqualTo("Title");
        undo();
        assertThat(project().shots()).hasSize(3);
    }

    @Test
    void a_double_click_on_a_title_lets_it_be_written_and_escape_takes_that_back() {
        begin();
        addTitle();
        wordsInLens("Pond");
        keys(KeyCode.ENTER, KeyCode.CONTROL);
        select("s1");
        Point2D middle = at(() -> LensProbe.centre(bench.scene()));
        doubleClickOn(middle);
        waitUntil("the field", () -> lensField().isVisible());
        assertThat(title().text()).isEqualTo("Pond");
        write("Meadow");
        waitUntil("the words", () -> title().text().equals("Meadow"));
        type(KeyCode.ESCAPE);
        waitUntil("the end", () -> !lensField().isVisible());
        assertThat(title().text()).isEqualTo("Pond");
    }

    @Test
    void a_title_is_dragged_in_the_lens_with_the_safe_areas_shown() {
        begin();
        addTitle();
        keys(KeyCode.ENTER, KeyCode.CONTROL);
        double zoom = at(() -> LensProbe.zoom(bench.scene()));
        FramePoint before = shot().camera().at(0).position();
        Point2D middle = at(() -> LensProbe.centre(bench.scene()));
        dragTo(middle.add(12, 6), middle.add(-88, 66));
        FramePoint after = shot().camera().at(0).position();
        assertThat(after.x()).isCloseTo(before.x() - 100 / zoom, within(10 / zoom));
        assertThat(after.y()).isCloseTo(before.y() + 60 / zoom, within(10 / zoom));
    }

    @Test
    void the_camera_sets_font_size_weight_lines_colour_outline_and_box() {
        begin();
        addTitle();
        keys(KeyCode.ENTER, KeyCode.CONTROL);
        onFx(() -> bench.actions().run("arrange.both"));
        ComboBox<String> font = lookup("#title-font").query();
        onFx(() -> font.setValue("Barlow"));
        assertThat(title().font()).isEqualTo("Barlow");
        ComboBox<Weight> weight = lookup("#title-weight").query();
        onFx(() -> weight.setValue(Weight.BOLD));
        ComboBox<Align> align = lookup("#title-align").query();
        onFx(() -> align.setValue(Align.RIGHT));
        clickOn("#title-italic");
        number("#title-size", "64");
        number("#title-letters", "4");
        number("#title-lines", "1.5");
        assertThat(title().size()).isEqualTo(64);
        assertThat(title().letterSpacing()).isEqualTo(4);
        assertThat(title().lineSpacing()).isEqualTo(1.5);
        assertThat(title().weight()).isEqualTo(Weight.BOLD);
        assertThat(title().align()).isEqualTo(Align.RIGHT);
        assertThat(title().italic()).isTrue();
        number("#title-size", "9000");
        assertThat(title().size()).isEqualTo(64);
        type(KeyCode.ESCAPE);
        toggle("#title-outlined");
        toggle("#title-boxed");
        assertThat(title().outline()).isPresent();
        assertThat(title().box()).isPresent();
        onFx(() -> ((TextField) lookup("#title-colour").query()).setText("#10A0B0"));
        assertThat(title().colour()).isEqualTo(new Colour(0x10A0B0));
    }

    private void number(String field, String number) {
        doubleClickOn(field);
        keys(KeyCode.A, KeyCode.CONTROL);
        write(number + "\n");
    }

    private void toggle(String box) {
        onFx(() -> ((CheckBox) lookup(box).query()).fire());
    }

    @Test
    void a_font_that_is_missing_is_named_under_the_words() {
        begin();
        addTitle();
        keys(KeyCode.ENTER, KeyCode.CONTROL);
        onFx(() -> bench.desk()
                .document()
                .apply(TitleEdits.change("font", shot().id(), title().withFont("Nowhere Sans"))));
        Label notes = lookup("#title-notes").query();
        assertThat(notes.isVisible()).isTrue();
        assertThat(notes.getText()).contains("Nowhere Sans").contains("EB Garamond");
    }

    @Test
    void titles_have_ready_moves_of_their_own_which_pictures_are_not_offered() {
        begin();
        onFx(() -> bench.show(ShelfTab.MOVES));
        assertThat(bench.scene().lookup("#ready-drift-apart")).isNull();
        addTitle();
        keys(KeyCode.ENTER, KeyCode.CONTROL);
        waitUntil("the moves", () -> bench.scene().lookup("#ready-drift-apart") != null);
        onFx(() -> ((ScrollPane) lookup("#ready-scroll").query()).setVvalue(0));
        clickOn("#ready-drift-apart");
        waitUntil("the look", () -> !shot().looks().isEmpty());
        assertThat(shot().looks()).singleElement().satisfies(look -> assertThat(look.kind())
                .isEqualTo(LookKinds.LETTERING));
        assertThat(shot().layering().enter()).isPresent();
    }

    @Test
    void looks_of_letters_are_offered_for_titles_only() {
        begin();
        assertThat(at(() -> bench.actions().get("look.add-ink").isPossible())).isFalse();
        assertThat(at(() -> bench.actions().get("look.add-ground").isPossible()))
                .isFalse();
        addTitle();
        keys(KeyCode.ENTER, KeyCode.CONTROL);
        for (String kind : List.of("ink", "lettering", "shadow")) {
            onFx(() -> bench.actions().run("look.add-" + kind));
        }
        assertThat(shot().looks()).hasSize(3);
    }
}
