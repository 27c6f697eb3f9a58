package amberlens.desktop.shell.app;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.judge.edges.Refit;
import amberlens.core.material.footage.Footage;
import amberlens.core.model.lineup.Laying;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.FrameRaster;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.time.lineup.LineUpProbe;
import amberlens.media.film.FilmCodec;
import amberlens.media.film.FilmFile;
import amberlens.media.film.Quality;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Point2D;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;

/** A sheet, a tall picture and a film in a row, at a bench in a real window. */
abstract class ThreeShotsInteraction extends BenchInteraction {
    static final Size FRAME = new Size(640, 360);
    static final Size SHEET = new Size(900, 600);
    static final Size TALL = new Size(600, 1400);
    static final int FILM_FRAMES = 60;

    /** A sheet of 100 frames, a tall one of 50, a film of 60 in a row. */
    @BeforeEach
    void openThreeShots() throws Exception {
        List<Media> media = List.of(
                Media.photo(
                        "m1",
                        DrawnPictures.quarters(folder, "sheet.png", 900, 600).toString(),
                        SHEET),
                Media.photo(
                        "m2",
                        DrawnPictures.quarters(folder, "tall.png", 600, 1400).toString(),
                        TALL),
                Media.footage(
                        "m3", Media.Kind.FILM, film().toString(), FRAME, new Footage(FrameRate.of(25), FILM_FRAMES)));
        Project project = Project.empty("Fernhollow");
        Project laid = project.withFrame(new FrameFormat(FRAME, FrameRate.of(25), Colour.BLACK))
                .withMedia(media)
                .withShots(List.of(
                        shot("s1", "Sheet", media.get(0), 0, 100),
                        shot("s2", "Tall", media.get(1), 100, 50),
                        shot("s3", "Film", media.get(2), 150, FILM_FRAMES)));
        onFx(() -> {
            bench.desk().prefer(to -> {
                to.setLaying(Laying.RIPPLE);
                to.setSnapping(false);
                to.setKeepsStart(true);
                to.setLengthTiming(Optional.empty());
                to.setToNearKeys(false);
                to.setLimitPercent(150);
            });
            bench.desk().document().load(laid, Optional.empty());
        });
    }

    private static Shot shot(String id, String name, Media media, int start, int length) {
        CameraTrack camera = CameraTrack.still(Refit.FILL.pose(media.size(), FRAME));
        return new Shot(id, name, media.id(), 1, start, length, true, camera, Extras.NONE);
    }

    /** Grey frames that get lighter. */
    static Path film() throws Exception {
        Path file = folder.resolve("lighter.mp4");
        if (!Files.exists(file)) {
            try (var film = new FilmFile(file, FilmCodec.H264, Quality.GOOD, FRAME, FrameRate.of(25), Rows.ALONE)) {
                for (int frame = 0; frame < FILM_FRAMES; frame++) {
                    int[] pixels = new int[Math.toIntExact(FRAME.area())];
                    int grey = 40 + 3 * frame;
                    Arrays.fill(pixels, 0xFF000000 | grey << 16 | grey << 8 | grey);
                    film.write(new FrameRaster(FRAME, pixels));
                }
                film.finish();
            }
        }
        return file;
    }

    Shot shot(String id) {
        return project().shot(id).orElseThrow();
    }

    /** Turns the second shot, which shows an edge then. */
    void openAnEdge() {
        onFx(() -> {
            Pose off = shot("s2").camera().at(0);
            CameraTrack turned = CameraTrack.still(off.withDegrees(4).withPosition(off.position()));
            bench.desk().document().load(project().mapShot("s2", shot -> shot.withCamera(turned)), Optional.empty());
        });
    }

    void select(String first, String... others) {
        onFx(() -> bench.desk()
                .cursor()
                .select(new Selection(Optional.of(first), Set.of(others), new Selection.Nothing())));
    }

    void seek(int frame) {
        onFx(() -> bench.desk().cursor().seek(frame));
    }

    List<String> lying(int track) {
        return LineUp.track(project(), track).stream()
                .map(shot -> shot.id() + " " + shot.start() + "+" + shot.length())
                .toList();
    }

    void fill(String query, String words) {
        TextField field = lookup(query).query();
        onFx(() -> field.setText(words));
    }

    /** Types words into a field, in place of those in it. */
    void enter(String query, String words) {
        doubleClickOn(query);
        keys(KeyCode.A, KeyCode.CONTROL);
        write(words + "\n");
        settle();
    }

    Point2D middle(String id) {
        return at(() -> LineUpProbe.middle(bench.scene(), bench.desk(), id));
    }

    double frames(int count) {
        return count * LineUpProbe.perFrame(bench.scene());
    }

    void undo() {
        keys(KeyCode.Z, KeyCode.CONTROL);
    }
}
