package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.material.shake.Shake;
import amberlens.core.material.shake.ShakeLayer;
import amberlens.core.material.shake.StockShake;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.FrameRaster;
import amberlens.desktop.picture.table.TableProbe;
import amberlens.desktop.shelf.panes.ShelfTab;
import amberlens.media.film.FilmCodec;
import amberlens.media.film.FilmFile;
import amberlens.media.film.Quality;
import amberlens.project.ShakeFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import javafx.geometry.Point2D;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** The move and the shake of a film on a picture, by mouse and keyboard in a real window. */
@EnabledIfSystemProperty(named = "amber.window", matches = "true", disabledReason = "needs a real window: ./amber test")
class TraceSceneTest extends ThreeShotsInteraction {
    private static final Size FILM = new Size(480, 270);
    private static final Size PICTURE = new Size(2400, 1600);
    private static final int CUT = 40;
    private static final int FRAMES = 70;

    /** The ground goes 120 px to the left in the first shot and 60 px up in the second, whole pixels each. */
    private static int[] gone(int frame) {
        return frame < CUT ? new int[] {3 * frame, 0} : new int[] {0, 2 * (frame - CUT)};
    }

    private static Path walk() throws Exception {
        Path file = folder.resolve("walk.mp4");
        if (Files.exists(file)) {
            return file;
        }
        int width = FILM.width() + 130;
        int height = FILM.height() + 70;
        int[][] grounds = {ground(width, height, 1), ground(width, height, 2)};
        try (var film = new FilmFile(file, FilmCodec.H264, Quality.GOOD, FILM, FrameRate.of(25), Rows.ALONE)) {
            for (int frame = 0; frame < FRAMES; frame++) {
                int[] ground = grounds[frame < CUT ? 0 : 1];
                int[] pixels = new int[Math.toIntExact(FILM.area())];
                for (int i = 0; i < pixels.length; i++) {
                    int x = i % FILM.width() + gone(frame)[0];
                    int y = i / FILM.width() + gone(frame)[1];
                    pixels[i] = 0xFF000000 | ground[y * width + x] * 0x010101;
                }
                film.write(new FrameRaster(FILM, pixels));
            }
            film.finish();
        }
        return file;
    }

    private static int[] ground(int width, int height, int seed) {
        var random = new Random(seed);
        var shades = new double[width * height];
        for (int spot = 0; spot < width * height / 80; spot++) {
            int cx = random.nextInt(width);
            int cy = random.nextInt(height);
            double by = 130 * (random.nextDouble() - 0.5);
            for (int y = Math.max(0, cy - 9); y < Math.min(height, cy + 9); y++) {
                for (int x = Math.max(0, cx - 9); x < Math.min(width, cx + 9); x++) {
                    shades[y * width + x] += by * Math.exp(-Math.pow(Math.hypot(x - cx, y - cy) / 3.5, 2));
                }
            }
        }
        var codes = new int[shades.length];
        for (int i = 0; i < codes.length; i++) {
            codes[i] = Math.clamp(Math.round((seed == 1 ? 90 : 150) + shades[i]), 0, 255);
        }
        return codes;
    }

    @BeforeEach
    void openPicture() throws Exception {
        Media sheet = Media.photo(
                "m1",
                DrawnPictures.quarters(folder, "sheet.png", PICTURE.width(), PICTURE.height())
                        .toString(),
                PICTURE);
        CameraTrack close =
                CameraTrack.still(new Pose(Scale.uniform(50), FRAME.centre(), 0, new PicturePoint(1200, 800)));
        Project empty = Project.empty("Sheets");
        Project laid = empty.withFrame(empty.frame().withSize(FRAME))
                .with(List.of(sheet), List.of(new Shot("s1", "Sheet", "m1", 1, 0, 50, true, close, Extras.NONE)));
        onFx(() -> bench.desk().document().load(laid, Optional.empty()));
        select("s1");
        files.film = Optional.of(walk());
    }

    private void openFilm() {
        keys(KeyCode.F, KeyCode.ALT);
        waitUntil("the dialog", () -> bench.scene().lookup("#trace-panel") != null);
        waitUntil("what was found", () -> text("#trace-found").contains("framing"));
    }

    private double gone(int at, boolean across) {
        CameraTrack camera = shot().camera();
        return across
                ? camera.at(at).position().x() - camera.at(0).position().x()
                : camera.at(at).position().y() - camera.at(0).position().y();
    }

    @Test
    void the_move_of_a_film_becomes_keys_in_one_step_and_each_of_its_shots_can_be_taken() {
        Project before = project();
        openFilm();
        waitUntil("both shots", () -> pieces().getItems().size() == 2);
        clickOn("Take the move");
        waitUntil("the move", () -> shot().camera().position().animated());
        double width = FRAME.width();
        assertThat(gone(49, true)).isBetween(-width * 117 / 480 - 4, -width * 117 / 480 + 4);
        assertThat(shot().camera().keyFrames()).hasSizeLessThan(5);
        assertThat(EdgeReport.of(project().take(shot())).isSealed()).isTrue();
        assertThat(project().media()).as("the film is no part of the project").hasSize(1);
        assertThat(bench.desk().document().undoName()).contains("take move of film");
        undo();
        assertThat(project()).isEqualTo(before);
        openFilm();
        waitUntil("both shots", () -> pieces().getItems().size() == 2);
        onFx(() -> pieces().getSelectionModel().select(1));
        Slider strength = lookup("#trace-strength").query();
        onFx(() -> strength.setValue(50));
        waitUntil("its plan", () -> !lookup("#trace-take").query().isDisabled());
        clickOn("#trace-take");
        waitUntil("the move", () -> shot().camera().position().animated());
        assertThat(gone(49, false)).isBetween(-width * 29 / 480 - 4, -width * 29 / 480 + 4);
        assertThat(gone(49, true)).isBetween(-4.0, 4.0);
    }

    private ComboBox<?> pieces() {
        return lookup("#trace-pieces").query();
    }

    @Test
    void the_shake_is_kept_on_the_shelf_and_lies_under_any_move() throws Exception {
        openFilm();
        clickOn("#trace-keep");
        waitUntil("kept", () -> text("#status").contains("The shake is kept"));
        type(KeyCode.ESCAPE);
        waitUntil("closed", () -> bench.scene().lookup("#trace-panel") == null);
        CameraTrack keys = shot().camera();
        clickOn("#rail-ready");
        card("#ready-own-shake-walk");
        waitUntil("the shake", () -> shot().settings().shake().isPresent());
        assertThat(shot().settings().shake().orElseThrow().shake().name()).isEqualTo("Walk");
        assertThat(shot().camera().keyFrames()).isEqualTo(keys.keyFrames());
        undo();
        assertThat(shot().settings().shake()).isEmpty();
        Path shared = folder.resolve("shared.amber-shake");
        ShakeFile.save(
                new Shake(
                        "Shared", FrameRate.of(25), StockShake.LONG_LENS.shake().stands()),
                shared);
        files.move = Optional.of(shared);
        onFx(() -> bench.actions().run("move.open"));
        waitUntil(
                "the shared one",
                () -> lookup("#ready-own-shake-shared").tryQuery().isPresent());
        card("#ready-shake-walking");
        waitUntil("the shake", () -> shot().settings().shake().isPresent());
        assertThat(EdgeReport.of(project().take(shot())).isSealed()).isTrue();
        keys(KeyCode.H, KeyCode.ALT);
        waitUntil("the shake that is there", () -> bench.scene().lookup("#shake-panel") != null);
        Slider amount = lookup("#shake-amount").query();
        onFx(() -> amount.setValue(40));
        waitUntil(
                "less of it",
                () -> shot().settings().shake().map(ShakeLayer::amount).orElse(0.0) == 40);
        clickOn(lookup("#shake-panel").lookup(".button").lookup("Shake").queryButton());
        waitUntil("closed", () -> bench.scene().lookup("#shake-panel") == null);
        assertThat(shot().settings().shake().map(ShakeLayer::amount)).contains(40.0);
        assertThat(EdgeReport.of(project().take(shot())).isSealed()).isTrue();
    }

    /** The keys for a link are Ctrl and Shift here. */
    @Test
    void a_film_that_is_dropped_as_a_link_gives_its_move_and_takes_no_place() throws Exception {
        files.pictures = List.of(walk());
        onFx(() -> bench.actions().run("media.add"));
        waitUntil("the film", () -> project().media().size() == 2);
        Project before = project();
        onFx(() -> bench.show(ShelfTab.PICTURES));
        waitUntil("its card", () -> lookup("#media-m2").tryQuery().isPresent());
        Point2D table = at(() -> TableProbe.centre(bench.scene())).add(40, 20);
        press(KeyCode.CONTROL, KeyCode.SHIFT);
        drag("#media-m2").moveTo(table.add(-60, 0)).moveTo(table.add(-6, 0)).moveTo(table);
        release(MouseButton.PRIMARY).release(KeyCode.SHIFT, KeyCode.CONTROL);
        waitUntil("the dialog", () -> bench.scene().lookup("#trace-panel") != null);
        waitUntil("what was found", () -> text("#trace-found").contains("framing"));
        clickOn("#trace-take");
        waitUntil("the move", () -> shot().camera().position().animated());
        assertThat(project().shots()).hasSize(1);
        assertThat(project().media()).isEqualTo(before.media());
    }

    @Test
    void what_does_not_move_and_what_is_cancelled_change_nothing() throws Exception {
        Project before = project();
        files.film = Optional.of(DrawnPictures.quarters(folder, "still.png", 200, 100));
        keys(KeyCode.F, KeyCode.ALT);
        waitUntil(
                "why not", () -> lookup("That film cannot be traced").tryQuery().isPresent());
        type(KeyCode.ESCAPE);
        files.film = Optional.of(walk());
        keys(KeyCode.F, KeyCode.ALT);
        waitUntil("the dialog", () -> bench.scene().lookup("#trace-panel") != null);
        type(KeyCode.ESCAPE);
        waitUntil("closed", () -> bench.scene().lookup("#trace-panel") == null);
        assertThat(project()).isEqualTo(before);
    }
}
