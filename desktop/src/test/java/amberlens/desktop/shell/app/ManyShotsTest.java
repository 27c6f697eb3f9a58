package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.colour.Colour;
import amberlens.core.edit.edits.LayeringEdits;
import amberlens.core.material.footage.Source;
import amberlens.core.material.layering.BlendMode;
import amberlens.core.model.lineup.Laying;
import amberlens.core.model.project.LineUp;
import amberlens.core.motion.property.Properties;
import amberlens.desktop.time.lineup.LineUpProbe;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Footage, the Line-up, layers and transitions, by mouse and keyboard in a real window. */
@EnabledIfSystemProperty(named = "amber.window", matches = "true", disabledReason = "needs a real window: ./amber test")
class ManyShotsTest extends ThreeShotsInteraction {
    @Test
    void films_are_imported_and_retimed_and_slipped() throws Exception {
        files.pictures = List.of(Files.copy(film(), folder.resolve("again-" + System.nanoTime() + ".mp4")));
        clickOn("#media-add");
        waitUntil("the film on the shelf", () -> project().media().size() == 4);
        assertThat(project().media().getLast().footage().orElseThrow().frames()).isEqualTo(FILM_FRAMES);
        select("s3");
        seek(160);
        keys(KeyCode.T, KeyCode.CONTROL);
        fill("#footage-speed", "-50");
        fill("#footage-in", "40");
        clickOn("#footage-conversion").clickOn("blend of two frames");
        type(KeyCode.ENTER);
        assertThat(shot("s3").source()).isEqualTo(new Source(40, Source.Conversion.BLEND, false));
        assertThat(project().sourceFrames(shot("s3"), 10).first()).isEqualTo(35);
        keys(KeyCode.PERIOD, KeyCode.ALT);
        assertThat(shot("s3").source().in()).isEqualTo(41);
        undo();
        clickOn("#group-layer");
        toggleKey("speed");
        doubleClickOn("#camera-speed");
        keys(KeyCode.A, KeyCode.CONTROL);
        write("200\n");
        waitUntil(
                "a key of speed",
                () -> shot("s3").camera().get(Properties.SPEED).animated());
        assertThat(shot("s3").camera().get(Properties.SPEED).at(10)).isEqualTo(200);
        Point2D middle = middle("s3");
        dragWith(KeyCode.ALT, middle, middle.add(-frames(8), 0));
        assertThat(shot("s3").source().in()).isCloseTo(48, within(1.5));
    }

    @Test
    void broken_and_foreign_files_are_named_and_left_out() throws Exception {
        Path broken = Files.writeString(folder.resolve("broken.mov"), "nothing");
        files.pictures = List.of(broken);
        clickOn("#media-add");
        waitUntil("the words", () -> lookup("A file was left out").tryQuery().isPresent());
        assertThat(project().media()).hasSize(3);
        clickOn("Close");
    }

    @Test
    void shots_are_split_joined_trimmed_and_laid_on_tracks() {
        seek(30);
        keys(KeyCode.J, KeyCode.CONTROL, KeyCode.SHIFT);
        assertThat(lying(1)).containsExactly("s1 0+30", "s4 30+70", "s2 100+50", "s3 150+60");
        select("s1");
        keys(KeyCode.J, KeyCode.CONTROL);
        assertThat(lying(1)).containsExactly("s1 0+100", "s2 100+50", "s3 150+60");
        Point2D start = at(() -> LineUpProbe.start(bench.scene(), bench.desk(), "s2"));
        dragTo(start, start.add(frames(10) + 1, 0));
        assertThat(shot("s2").length()).isBetween(38, 42);
        assertThat(shot("s2").start()).isEqualTo(100);
        undo();
        keys(KeyCode.R, KeyCode.CONTROL);
        assertThat(bench.desk().preferences().laying()).isEqualTo(Laying.OVERWRITE);
        Point2D from = middle("s2");
        dragTo(from, from.add(-frames(60), -40));
        assertThat(shot("s2").track()).isEqualTo(2);
        assertThat(shot("s2").start()).isBetween(35, 45);
        assertThat(lying(1)).containsExactly("s1 0+100", "s3 150+60");
        keys(KeyCode.DOWN, KeyCode.CONTROL, KeyCode.ALT);
        assertThat(shot("s2").track()).isEqualTo(1);
        assertThat(LineUp.track(project(), 1)).hasSize(4);
        undo();
        keys(KeyCode.D, KeyCode.CONTROL);
        assertThat(LineUp.track(project(), 2)).hasSize(2);
        assertThat(bench.desk().document().undoName()).contains("copy shot");
    }

    @Test
    void many_lengths_are_set_at_once() {
        keys(KeyCode.A, KeyCode.CONTROL, KeyCode.SHIFT);
        keys(KeyCode.L, KeyCode.CONTROL, KeyCode.SHIFT);
        clickOn("#lengths-by").clickOn("in total");
        fill("#lengths-time", "420");
        type(KeyCode.ENTER);
        assertThat(LineUp.length(project())).isEqualTo(420);
        seek(410);
        type(KeyCode.HOME);
        assertThat(bench.desk().cursor().shotFrame()).isZero();
        type(KeyCode.END);
        assertThat(bench.desk().cursor().playhead()).isEqualTo(419);
    }

    @Test
    void a_picture_takes_the_place_of_another_and_the_move_stays() {
        type(KeyCode.A);
        select("s1");
        rightClickOn("#media-m2");
        clickOn("#replace-m2");
        clickOn("Same look");
        assertThat(shot("s1").media()).isEqualTo("m2");
        assertThat(shot("s1").camera().keyFrames()).containsExactly(0);
        assertThat(bench.desk().document().undoName()).contains("replace picture");
    }

    @Test
    void a_picture_dropped_on_the_middle_of_a_shot_takes_its_place_and_beside_it_becomes_a_shot() {
        drag("#media-m2").dropTo(middle("s1"));
        waitUntil("the question", () -> lookup("Same numbers").tryQuery().isPresent());
        clickOn("Same numbers");
        assertThat(shot("s1").media()).isEqualTo("m2");
        undo();
        Point2D start = at(() -> LineUpProbe.start(bench.scene(), bench.desk(), "s2"));
        drag("#media-m2").dropTo(start.add(4, 0));
        waitUntil("a new shot", () -> project().shots().size() == 4);
        assertThat(shot("s1").media()).isEqualTo("m1");
    }

    @Test
    void an_inset_lies_over_with_opacity_and_blending() {
        select("s2");
        keys(KeyCode.UP, KeyCode.CONTROL, KeyCode.ALT);
        assertThat(shot("s2").track()).isEqualTo(2);
        clickOn("#group-layer");
        doubleClickOn("#camera-opacity");
        keys(KeyCode.A, KeyCode.CONTROL);
        write("40\n");
        waitUntil(
                "the opacity", () -> shot("s2").camera().get(Properties.OPACITY).constant() == 40);
        doubleClickOn("#camera-opacity");
        keys(KeyCode.A, KeyCode.CONTROL);
        write("140\n");
        assertThat(shot("s2").camera().get(Properties.OPACITY).constant()).isEqualTo(40);
        type(KeyCode.ESCAPE);
        onFx(() -> bench.scene().lookup("#lineup-surface").requestFocus());
        keys(KeyCode.B, KeyCode.CONTROL, KeyCode.ALT);
        clickOn("#blend-mode").clickOn("screen");
        clickOn("#blend-inset");
        type(KeyCode.ENTER);
        assertThat(shot("s2").layering().blend()).isEqualTo(BlendMode.SCREEN);
        assertThat(shot("s2").fillsFrame()).isFalse();
    }

    @Test
    void neighbours_dissolve_and_dip() {
        select("s2");
        keys(KeyCode.J, KeyCode.CONTROL, KeyCode.ALT);
        clickOn("#transition-enter").clickOn("dissolve with its neighbour");
        fill("#transition-enter-length", "20");
        type(KeyCode.ENTER);
        assertThat(lying(1)).containsExactly("s1 0+100", "s2 80+50", "s3 130+60");
        assertThat(LayeringEdits.overlap(project(), shot("s2"))).isEqualTo(20);
        keys(KeyCode.J, KeyCode.CONTROL, KeyCode.ALT);
        fill("#transition-enter-length", "5000");
        type(KeyCode.ENTER);
        assertThat(text("#form-note")).contains("1 to 50");
        clickOn("#transition-enter").clickOn("dip: both through a colour");
        fill("#transition-enter-length", "10");
        fill("#transition-colour", "#203040");
        type(KeyCode.ENTER);
        assertThat(lying(1)).containsExactly("s1 0+100", "s2 100+50", "s3 150+60");
        assertThat(shot("s1").layering().leave().orElseThrow().through()).contains(new Colour(0x203040));
        assertThat(bench.desk().document().steps()).hasSize(2);
    }

    @Test
    void several_shots_are_deleted_together_by_a_key_and_come_back_together() {
        select("s1", "s3");
        type(KeyCode.DELETE);
        assertThat(lying(1)).containsExactly("s2 0+50");
        undo();
        assertThat(lying(1)).containsExactly("s1 0+100", "s2 100+50", "s3 150+60");
        keys(KeyCode.R, KeyCode.CONTROL);
        select("s1", "s3");
        type(KeyCode.DELETE);
        assertThat(lying(1)).containsExactly("s2 100+50");
    }
}
