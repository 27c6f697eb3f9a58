package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.model.project.Project;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.property.Properties;
import amberlens.core.render.frame.FrameRaster;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.picture.table.TableProbe;
import amberlens.desktop.time.score.ScoreProbe;
import amberlens.media.WorkPool;
import amberlens.media.export.FrameSource;
import amberlens.media.pixels.PixelCache;
import amberlens.project.ProjectFile;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.bytedeco.javacv.FFmpegFrameGrabber;
import org.bytedeco.javacv.Frame;
import org.bytedeco.javacv.Java2DFrameConverter;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** The whole first move by mouse and keyboard in the real bench. */
@EnabledIfSystemProperty(
        named = "amber.window",
        matches = "true",
        disabledReason = "needs a real window with modifier keys; run ./amber test")
class FirstMoveTest extends BenchInteraction {
    @Test
    void a_picture_becomes_a_sealed_move_and_a_film() throws Exception {
        importAndMakeShot();
        frameTheStart();
        frameTheEndAndTurnIt();
        seeTheOpenEdgeAndSealIt();
        play();
        undoEverythingAndRedoIt();
        saveAndReopen();
        exportAndReadBack();
    }

    private void importAndMakeShot() throws Exception {
        files.pictures = List.of(DrawnPictures.quarters(folder, "four-beds.png", 3000, 2000));
        assertThat(text("#status")).contains("adding pictures");
        clickOn("#media-add");
        waitUntil("the picture on the shelf", () -> !project().media().isEmpty());
        assertThat(project().media().getFirst().size()).isEqualTo(new Size(3000, 2000));
        doubleClickOn("#media-m1");
        waitUntil("the shot", () -> !project().shots().isEmpty());
        assertThat(shot().camera().at(0).scale().x()).isEqualTo(64);
        assertThat(text("#will-do")).isEqualTo("changes the constant");
    }

    private void frameTheStart() {
        bench.actions().get("framing.add");
        type(KeyCode.A);
        waitUntil("framing 1", () -> Framings.of(shot().camera()).equals(List.of(0)));
        assertThat(text("#will-do")).isEqualTo("sets framing 1");
    }

    private void frameTheEndAndTurnIt() {
        type(KeyCode.END);
        waitUntil("the last frame", () -> bench.desk().cursor().playhead() == shot().lastFrame());
        assertThat(text("#will-do")).isEqualTo("adds a framing or key at 4:24");
        Point2D corner = at(() -> TableProbe.corner(bench.scene(), Corner.LOWER_RIGHT));
        Point2D centre = at(() -> TableProbe.centre(bench.scene()));
        Point2D smaller = centre.add(corner.subtract(centre).multiply(0.97));
        dragTo(corner, smaller);
        waitUntil("the end framing", () -> Framings.of(shot().camera()).equals(List.of(0, 124)));
        assertThat(shot().camera().at(124).scale().x()).isBetween(65.0, 67.5);
        dragTo(
                at(() -> TableProbe.centre(bench.scene())),
                at(() -> TableProbe.centre(bench.scene())).add(6, 0));
        Point2D handle = at(() -> TableProbe.turnHandle(bench.scene()));
        dragTo(handle, handle.add(40, 12));
        assertThat(shot().camera().at(124).degrees()).isLessThan(-3);
        assertThat(shot().camera().rotation().keys()).extracting(Key::at).containsExactly(0, 124);
    }

    private void seeTheOpenEdgeAndSealIt() {
        assertThat(text("#status")).startsWith("Edge opens").contains("corner").contains("px at worst");
        assertThat(text("#open-edges")).contains("Open edge");
        assertThat(text("#status-action")).startsWith("Seal, +");
        double before = shot().camera().at(124).scale().x();
        clickOn("#status-action");
        waitUntil("no open edge", () -> EdgeReport.of(project().take(shot())).isSealed());
        assertThat(shot().camera().at(124).scale().x()).isGreaterThan(before);
        assertThat(text("#status")).startsWith("Every frame of this shot is sealed.");
    }

    private void play() {
        type(KeyCode.HOME);
        waitUntil("the first frame", () -> bench.desk().cursor().playhead() == 0);
        type(KeyCode.SPACE);
        waitUntil("playing", () -> bench.desk().cursor().playhead() > 8);
        type(KeyCode.SPACE);
        waitUntil("a pause", () -> !bench.desk().cursor().transport().playing());
    }

    private void undoEverythingAndRedoIt() {
        Project done = project();
        for (int i = 0; i < 20 && bench.desk().document().undoName().isPresent(); i++) {
            press(KeyCode.CONTROL).type(KeyCode.Z).release(KeyCode.CONTROL);
            settle();
        }
        assertThat(project().media()).isEmpty();
        for (int i = 0; i < 20 && bench.desk().document().redoName().isPresent(); i++) {
            press(KeyCode.CONTROL, KeyCode.SHIFT).type(KeyCode.Z).release(KeyCode.SHIFT, KeyCode.CONTROL);
            settle();
        }
        assertThat(project()).isEqualTo(done);
    }

    private void saveAndReopen() throws Exception {
        Path file = folder.resolve("first-move.amber");
        files.save = Optional.of(file);
        files.open = Optional.of(file);
        assertThat(bench.title()).startsWith("•");
        press(KeyCode.CONTROL).type(KeyCode.S).release(KeyCode.CONTROL);
        waitUntil("the saved file", () -> !bench.desk().document().unsaved());
        assertThat(bench.title()).isEqualTo("first-move.amber – Amber Lens");
        Project saved = project();
        assertThat(ProjectFile.open(file)).isEqualTo(saved);
        press(KeyCode.CONTROL).type(KeyCode.N).release(KeyCode.CONTROL);
        waitUntil("an empty project", () -> project().media().isEmpty());
        press(KeyCode.CONTROL).type(KeyCode.O).release(KeyCode.CONTROL);
        waitUntil("the project again", () -> project().equals(saved));
    }

    private void exportAndReadBack() throws Exception {
        Path film = folder.resolve("first-move.mp4");
        clickOn("#project-export");
        clickOn("#export-size").clickOn("480 × 270");
        TextField destination = lookup("#export-destination").query();
        onFx(() -> destination.setText(film.toString()));
        clickOn("#export-start");
        waitUntil("the film", () -> text("#status").startsWith("Exported"));
        clickOn("#queue-close");
        try (var reader = new FFmpegFrameGrabber(film.toFile());
                var converter = new Java2DFrameConverter();
                var rows = WorkPool.of(1)) {
            reader.start();
            assertThat(reader.getImageWidth()).isEqualTo(480);
            assertThat(reader.getImageHeight()).isEqualTo(270);
            assertThat(reader.getVideoFrameRate()).isEqualTo(25);
            var source = new FrameSource(project(), new PixelCache(1 << 30, Runnable::run, rows), rows);
            int count = 0;
            BufferedImage last = null;
            for (Frame frame = reader.grabImage(); frame != null; frame = reader.grabImage()) {
                last = converter.convert(frame);
                if (count == 0) {
                    assertSame(last, source.frame(0, new Size(480, 270)));
                }
                count++;
            }
            assertThat(count).isEqualTo(125);
            assertSame(last, source.frame(124, new Size(480, 270)));
        }
        try (var left = Files.list(folder)) {
            assertThat(left.map(Path::toString)).noneMatch(name -> name.endsWith(".part"));
        }
    }

    private static void assertSame(BufferedImage film, FrameRaster wanted) {
        double sum = 0;
        for (int y = 0; y < 270; y++) {
            for (int x = 0; x < 480; x++) {
                for (int shift = 0; shift <= 16; shift += 8) {
                    sum += Math.abs((film.getRGB(x, y) >> shift & 0xFF) - (wanted.rgb(x, y) >> shift & 0xFF));
                }
            }
        }
        assertThat(sum / (480 * 270 * 3)).isLessThan(6);
    }

    @Test
    void framings_are_moved_eased_and_deleted_in_the_score() throws Exception {
        importAndMakeShot();
        type(KeyCode.A);
        type(KeyCode.END);
        Point2D corner = at(() -> TableProbe.corner(bench.scene(), Corner.UPPER_LEFT));
        Point2D centre = at(() -> TableProbe.centre(bench.scene()));
        dragTo(corner, centre.add(corner.subtract(centre).multiply(0.7)));
        waitUntil("two framings", () -> Framings.of(shot().camera()).size() == 2);

        clickOn(at(() -> ScoreProbe.leg(bench.scene(), 30)));
        waitUntil("the leg", () -> bench.desk().cursor().selection().part().equals(new Selection.LegFrom(0)));
        clickOn("#ease-gentle-both");
        assertThat(shot().camera().scale().keyAt(0).orElseThrow().leg()).isEqualTo(Ease.GENTLE_BOTH.leg());
        type(KeyCode.DIGIT1);
        assertThat(shot().camera().scale().keyAt(0).orElseThrow().leg()).isEqualTo(Ease.HOLD.leg());

        Point2D card = at(() -> ScoreProbe.card(bench.scene(), 124));
        Point2D end = at(() -> ScoreProbe.leg(bench.scene(), 124)).add(4, 20);
        dragTo(end, end.add(-24 * ScoreProbe.perFrame(bench.scene()), 0));
        waitUntil("the moved framing", () -> Framings.of(shot().camera()).equals(List.of(0, 100)));
        assertThat(bench.desk().document().undoName()).contains("move framing");
        type(KeyCode.DELETE);
        waitUntil("one framing", () -> Framings.of(shot().camera()).equals(List.of(0)));
        assertThat(card).isNotNull();
    }

    @Test
    void numbers_take_sums_and_keep_nonsense_without_changing_anything() throws Exception {
        importAndMakeShot();
        type(KeyCode.I);
        doubleClickOn("#camera-position-x");
        press(KeyCode.CONTROL).type(KeyCode.A).release(KeyCode.CONTROL);
        write("960+40\n");
        waitUntil("the sum", () -> shot().camera().at(0).position().x() == 1000);
        clickOn("#camera-scale");
        press(KeyCode.CONTROL).type(KeyCode.A).release(KeyCode.CONTROL);
        Project before = project();
        write("large\n");
        assertThat(project()).isEqualTo(before);
        TextField field = lookup("#camera-scale").query();
        assertThat(field.getText()).isEqualTo("large");
        assertThat(Hint.text(field)).contains("Not changed");
        type(KeyCode.ESCAPE);
        assertThat(field.getText()).isEqualTo("64");
        type(KeyCode.UP);
        assertThat(shot().camera().at(0).scale().x()).isEqualTo(65);
        toggleKey("scale");
        assertThat(shot().camera().get(Properties.SCALE).animated()).isTrue();
        moveTo("#camera-scale").clickOn("#neutral-scale");
        assertThat(shot().camera().at(0).scale().x())
                .as("it just fills the frame")
                .isEqualTo(64);
    }

    @Test
    void the_picture_in_the_lens_is_dragged_and_zoomed_with_the_wheel() throws Exception {
        importAndMakeShot();
        type(KeyCode.I);
        Point2D middle = at(() -> {
            var bounds = bench.scene().lookup("#lens-surface");
            return bounds.localToScreen(
                    bounds.getLayoutBounds().getCenterX(),
                    bounds.getLayoutBounds().getCenterY());
        });
        dragTo(middle, middle.add(20, 0));
        assertThat(shot().camera().at(0).position().x()).isGreaterThan(1000);
        double scale = shot().camera().at(0).scale().x();
        moveTo(middle);
        scroll(3, javafx.geometry.VerticalDirection.UP);
        waitUntil("a zoom in one step", () -> bench.desk().document().undoName().equals(Optional.of("zoom picture")));
        assertThat(shot().camera().at(0).scale().x()).isNotEqualTo(scale);
        press(KeyCode.CONTROL).type(KeyCode.Z).release(KeyCode.CONTROL);
        assertThat(shot().camera().at(0).scale().x()).isEqualTo(scale);
    }

    @Test
    void a_shot_is_named_and_its_picture_taken_off_the_shelf_again() throws Exception {
        importAndMakeShot();
        press(KeyCode.CONTROL).type(KeyCode.L).release(KeyCode.CONTROL);
        TextField name = lookup("#shot-name").query();
        TextField length = lookup("#shot-length").query();
        onFx(() -> {
            name.setText("Beds");
            length.setText("2:00");
        });
        type(KeyCode.ENTER);
        waitUntil("the new length", () -> shot().length() == 50);
        assertThat(shot().name()).isEqualTo("Beds");
        rightClickOn("#media-m1").clickOn("Remove from the Shelf and the Line-up");
        waitUntil("an empty shelf", () -> project().media().isEmpty());
        assertThat(project().shots()).isEmpty();
    }

    @Test
    void a_missing_picture_is_named_and_can_be_found() throws Exception {
        importAndMakeShot();
        Path picture = Path.of(project().media().getFirst().path());
        Path moved = folder.resolve("moved-beds.png");
        Files.move(picture, moved);
        Path file = folder.resolve("missing.amber");
        ProjectFile.save(project(), file);
        bench.services().cache().forget(picture);
        onFx(() -> bench.session().open(file));
        waitUntil("the placeholder", () -> lookup("#find-picture")
                .tryQuery()
                .filter(button -> button.isVisible() && button.getParent().isVisible())
                .isPresent());
        files.instead = Optional.of(moved);
        clickOn("#find-picture");
        waitUntil("the found picture", () -> project().media().getFirst().path().equals(moved.toString()));
        waitUntil(
                "no placeholder",
                () -> !lookup("#find-picture").query().getParent().isVisible());
    }
}
