package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.material.footage.Footage;
import amberlens.core.material.track.Track;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.FrameRaster;
import amberlens.desktop.picture.lens.LensProbe;
import amberlens.desktop.time.score.ScoreProbe;
import amberlens.media.film.FilmCodec;
import amberlens.media.film.FilmFile;
import amberlens.media.film.Quality;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import javafx.geometry.Point2D;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** A patch that wanders over a ground and is hidden for a while, followed by mouse and keyboard in a real window. */
@EnabledIfSystemProperty(named = "amber.window", matches = "true", disabledReason = "needs a real window: ./amber test")
class FollowSceneTest extends ThreeShotsInteraction {
    private static final Size SIZE = new Size(480, 270);
    private static final int FRAMES = 60;
    private static final int SIDE = 60;

    private static double x(int frame) {
        return 240 + 60 * Math.sin(frame / 14.0);
    }

    private static double y(int frame) {
        return 135 + 25 * Math.cos(frame / 10.0);
    }

    /** From frame 30 to 44 there is nothing but the ground. */
    private static Path pond() throws Exception {
        Path file = folder.resolve("pond.mp4");
        if (Files.exists(file)) {
            return file;
        }
        int[] ground = spots(SIZE.width(), SIZE.height(), 90, 70, 1);
        int[] patch = spots(SIDE, SIDE, 150, 120, 2);
        try (var film = new FilmFile(file, FilmCodec.H264, Quality.GOOD, SIZE, FrameRate.of(25), Rows.ALONE)) {
            for (int frame = 0; frame < FRAMES; frame++) {
                int[] pixels = new int[Math.toIntExact(SIZE.area())];
                for (int i = 0; i < pixels.length; i++) {
                    int px = (int) Math.round(i % SIZE.width() - x(frame)) + SIDE / 2;
                    int py = (int) Math.round((double) (i / SIZE.width()) - y(frame)) + SIDE / 2;
                    boolean inside = px >= 0 && py >= 0 && px < SIDE && py < SIDE && (frame < 30 || frame > 44);
                    pixels[i] = 0xFF000000 | (inside ? patch[py * SIDE + px] : ground[i]) * 0x010101;
                }
                film.write(new FrameRaster(SIZE, pixels));
            }
            film.finish();
        }
        return file;
    }

    private static int[] spots(int width, int height, int middle, int strength, int seed) {
        var random = new Random(seed);
        var shades = new double[width * height];
        for (int spot = 0; spot < width * height / 60; spot++) {
            double cx = width * random.nextDouble();
            double cy = height * random.nextDouble();
            double by = strength * (random.nextDouble() - 0.5);
            for (int y = Math.max(0, (int) cy - 9); y < Math.min(height, cy + 9); y++) {
                for (int x = Math.max(0, (int) cx - 9); x < Math.min(width, cx + 9); x++) {
                    shades[y * width + x] += by * Math.exp(-Math.pow(Math.hypot(x - cx, y - cy) / 3.5, 2));
                }
            }
        }
        var codes = new int[shades.length];
        for (int i = 0; i < codes.length; i++) {
            codes[i] = Math.clamp(Math.round(middle + shades[i]), 0, 255);
        }
        return codes;
    }

    @BeforeEach
    void openPond() throws Exception {
        Media film =
                Media.footage("m1", Media.Kind.FILM, pond().toString(), SIZE, new Footage(FrameRate.of(25), FRAMES));
        CameraTrack camera = CameraTrack.still(Pose.neutral(SIZE, FRAME).withScale(Scale.uniform(200)));
        Media label = Media.photo(
                "m2", DrawnPictures.quarters(folder, "label.png", 120, 60).toString(), new Size(120, 60));
        Project project = Project.empty("Mill pond");
        Project laid = project.withFrame(project.frame().withSize(FRAME))
                .withMedia(List.of(film, label))
                .withShots(new ArrayList<>(List.of(
                        new Shot("s1", "Pond", "m1", 1, 0, FRAMES, true, camera, Extras.NONE),
                        new Shot(
                                "s2",
                                "Label",
                                "m2",
                                2,
                                0,
                                FRAMES,
                                false,
                                CameraTrack.still(Pose.neutral(new Size(120, 60), FRAME)),
                                Extras.NONE))));
        onFx(() -> bench.desk().document().load(laid, Optional.empty()));
        select("s1");
        seek(10);
        onFx(() -> bench.actions().run("arrange.lens"));
    }

    private Optional<Track> track() {
        return project().media("m1").orElseThrow().tracks().stream().findFirst();
    }

    /** Where a point of the picture stands on the screen. */
    private Point2D inLens(double x, double y) {
        FramePoint in = shot().camera().at(0).toFrame(new PicturePoint(x, y)).minus(FRAME.centre());
        double zoom = at(() -> LensProbe.zoom(bench.scene()));
        return at(() -> LensProbe.centre(bench.scene())).add(in.x() * zoom, in.y() * zoom);
    }

    private void pointAtIt(int frame) {
        seek(frame);
        type(KeyCode.U);
        clickOn(inLens(x(frame), y(frame)));
        waitUntil(
                "the track",
                () -> track().isPresent() && !bench.services().tracks().isRunning());
    }

    private Point2D onTrack(int frame) {
        return at(() -> ScoreProbe.onTrack(bench.scene(), frame));
    }

    @Test
    void a_subject_that_is_put_on_footage_is_tracked_and_the_camera_follows_it_sealed() {
        pointAtIt(10);
        assertThat(track().orElseThrow().spots()).hasSize(FRAMES);
        assertThat(text("#status")).contains("uncertain");
        keys(KeyCode.U, KeyCode.ALT);
        waitUntil("what came of it", () -> text("#follow-found").contains("sealed"));
        assertThat(bench.desk().document().showing()).isTrue();
        Slider calm = lookup("#follow-calm").query();
        onFx(() -> calm.setValue(0));
        waitUntil("the pinned one", () -> off(20) < 3 && off(50) < 3);
        clickOn("Follow");
        waitUntil("the move", () -> !bench.desk().document().showing());
        assertThat(EdgeReport.of(project().take(shot())).isSealed()).isTrue();
        assertThat(shot().camera().position().keys()).hasSizeGreaterThan(3);
        assertThat(bench.desk().document().undoName()).contains("follow subject");
        undo();
        assertThat(shot().camera().position().animated()).isFalse();
        undo();
        assertThat(track()).isEmpty();
    }

    /** How far the subject is from where it is seen in frame 10. */
    private double off(int frame) {
        FramePoint there = shot().camera().at(10).toFrame(new PicturePoint(x(10), y(10)));
        return shot().camera()
                .at(frame)
                .toFrame(new PicturePoint(x(frame), y(frame)))
                .distance(there);
    }

    @Test
    void a_click_where_it_is_a_guess_asks_for_a_point_and_goes_on_from_there() {
        pointAtIt(10);
        int guessed = track().orElseThrow().weak().getFirst().length();
        assertThat(guessed).isBetween(13, 17);
        clickOn(onTrack(37));
        assertThat(bench.desk().cursor().shotFrame()).isBetween(36, 38);
        assertThat(bench.desk().tools().tool().name()).isEqualTo("SUBJECT");
        int here = bench.desk().cursor().shotFrame();
        clickOn(inLens(x(here), y(here)));
        waitUntil("a second point", () -> track().orElseThrow().given().size() == 2);
        assertThat(track().orElseThrow().given()).containsExactly(10, here);
        assertThat(project().media("m1").orElseThrow().tracks()).hasSize(1);
    }

    @Test
    void a_label_rides_on_it_instead_of_the_camera() {
        pointAtIt(10);
        keys(KeyCode.U, KeyCode.ALT);
        ComboBox<?> who = lookup("#follow-who").query();
        onFx(() -> who.getSelectionModel().select(1));
        waitUntil("the ride", () -> text("#follow-found").contains("rides on it"));
        clickOn("Follow");
        waitUntil("the move", () -> shot("s2").camera().position().animated());
        FramePoint beside = shot("s2").camera().at(10).position().minus(seen(10));
        for (int frame : new int[] {0, 5, 20, 28, 50, 59}) {
            assertThat(shot("s2")
                            .camera()
                            .at(frame)
                            .position()
                            .minus(seen(frame))
                            .distance(beside))
                    .as("frame %d", frame)
                    .isLessThan(4);
        }
        assertThat(shot("s1").camera().position().animated()).isFalse();
    }

    private FramePoint seen(int frame) {
        return shot("s1").camera().at(frame).toFrame(new PicturePoint(x(frame), y(frame)));
    }

    /** A hand trembles by whole pixels. */
    private static int trembles(int frame, double pace) {
        return frame == 0 ? 0 : (int) Math.round(3 * Math.sin(frame * pace));
    }

    private static Path trembling() throws Exception {
        Path file = folder.resolve("trembling.mp4");
        if (Files.exists(file)) {
            return file;
        }
        int[] ground = spots(SIZE.width() + 20, SIZE.height() + 20, 100, 90, 5);
        try (var film = new FilmFile(file, FilmCodec.H264, Quality.GOOD, SIZE, FrameRate.of(25), Rows.ALONE)) {
            for (int frame = 0; frame < 30; frame++) {
                int[] pixels = new int[Math.toIntExact(SIZE.area())];
                for (int i = 0; i < pixels.length; i++) {
                    int x = i % SIZE.width() + 10 - trembles(frame, 1.3);
                    int y = i / SIZE.width() + 10 - trembles(frame, 0.8);
                    pixels[i] = 0xFF000000 | ground[y * (SIZE.width() + 20) + x] * 0x010101;
                }
                film.write(new FrameRaster(SIZE, pixels));
            }
            film.finish();
        }
        return file;
    }

    @Test
    void footage_that_trembles_is_held_still_and_sealed_and_the_cost_is_told() throws Exception {
        Media film =
                Media.footage("m1", Media.Kind.FILM, trembling().toString(), SIZE, new Footage(FrameRate.of(25), 30));
        CameraTrack fill = CameraTrack.still(Pose.neutral(SIZE, FRAME).withScale(Scale.uniform(100 * 640.0 / 480)));
        Project empty = Project.empty("Mill pond");
        Project laid = empty.withFrame(empty.frame().withSize(FRAME))
                .withMedia(List.of(film))
                .withShots(List.of(new Shot("s1", "Pond", "m1", 1, 0, 30, true, fill, Extras.NONE)));
        onFx(() -> bench.desk().document().load(laid, Optional.empty()));
        select("s1");
        fromMenu("move", "footage", "follow-steady");
        waitUntil("the move", () -> shot().camera().position().animated());
        assertThat(text("#status")).contains("px off").contains("closer");
        assertThat(EdgeReport.of(project().take(shot())).isSealed()).isTrue();
        FramePoint first = shot().camera().at(0).toFrame(new PicturePoint(200, 100));
        for (int frame = 0; frame < 30; frame++) {
            var moved = new PicturePoint(200 + trembles(frame, 1.3), 100 + trembles(frame, 0.8));
            assertThat(shot().camera().at(frame).toFrame(moved).distance(first))
                    .as("frame %d", frame)
                    .isLessThan(1.5);
        }
        undo();
        assertThat(shot().camera()).isEqualTo(fill);
    }

    @Test
    void where_nothing_can_be_followed_that_is_said_and_escape_leaves_everything_as_it_was() {
        pointAtIt(10);
        Project before = project();
        keys(KeyCode.U, KeyCode.ALT);
        waitUntil("what came of it", () -> text("#follow-found").contains("sealed"));
        type(KeyCode.ESCAPE);
        waitUntil("as it was", () -> project().equals(before));
        select("s2");
        keys(KeyCode.U, KeyCode.ALT);
        assertThat(bench.scene().lookup("#follow-panel")).isNull();
        assertThat(((Labeled) bench.scene().lookup("#status")).getText()).contains("point at one");
        select("s1");
        onFx(() -> bench.actions().run("follow.away"));
        assertThat(track()).isEmpty();
        undo();
        assertThat(track()).isPresent();
    }
}
