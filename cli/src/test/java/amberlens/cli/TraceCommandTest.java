package amberlens.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.model.project.Project;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.FrameRaster;
import amberlens.media.film.FilmCodec;
import amberlens.media.film.FilmFile;
import amberlens.media.film.Quality;
import amberlens.project.ProjectFile;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.awt.Color;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A film of a ground that goes by, traced from the command line and put on a photo. */
class TraceCommandTest extends CommandTrial {
    private static final Size SIZE = new Size(480, 270);
    private static final int FRAMES = 40;
    private static final int STEP = 3;

    @TempDir
    static Path films;

    private static String film = "";

    /** The ground goes to the left by three pixels a frame. */
    @BeforeAll
    static void film() throws Exception {
        var random = new Random(3);
        int width = SIZE.width() + STEP * FRAMES;
        var ground = new BufferedImage(width, SIZE.height(), BufferedImage.TYPE_INT_RGB);
        var pen = ground.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        for (int spot = 0; spot < 1500; spot++) {
            int grey = 40 + random.nextInt(180);
            pen.setColor(new Color(grey, grey, grey));
            pen.fillOval(random.nextInt(width), random.nextInt(SIZE.height()), 12, 12);
        }
        pen.dispose();
        film = films.resolve("border.mp4").toString();
        try (var file = new FilmFile(
                films.resolve("border.mp4"), FilmCodec.H264, Quality.GOOD, SIZE, FrameRate.of(25), Rows.ALONE)) {
            for (int frame = 0; frame < FRAMES; frame++) {
                int[] pixels = ground.getRGB(STEP * frame, 0, SIZE.width(), SIZE.height(), null, 0, SIZE.width());
                file.write(new FrameRaster(SIZE, pixels));
            }
            file.finish();
        }
    }

    @Test
    void the_move_of_a_film_is_put_on_a_photo() throws Exception {
        Path table = folder.resolve("move.csv");
        assertThat(run("trace", film, "-o", "@move.csv", "--json")).as(err).isEqualTo(ExitCode.DONE);
        var told = new ObjectMapper().readTree(out.lines().toList().getLast());
        assertThat(told.get("frames").asInt()).isEqualTo(FRAMES);
        assertThat(told.get("cut").asBoolean()).isFalse();
        assertThat(told.get("confidence").asDouble()).isGreaterThan(0.6);
        assertThat(Files.readAllLines(table)).hasSize(FRAMES + 1);

        picture("photo.png", 1600, 900);
        assertThat(run("take", "@move.csv", "--media", "@photo.png", "-o", "@photo.amber"))
                .as(err)
                .isEqualTo(ExitCode.DONE);
        Project taken = ProjectFile.open(folder.resolve("photo.amber"));
        CameraTrack camera = taken.shots().getFirst().camera();
        double way =
                camera.at(FRAMES - 1).position().x() - camera.at(0).position().x();
        assertThat(way / taken.frameSize().width()).isCloseTo(-STEP * (FRAMES - 1.0) / SIZE.width(), within(0.003));
        assertThat(camera.at(FRAMES - 1).degrees()).isCloseTo(0, within(0.1));
    }

    @Test
    void a_part_of_it_in_another_frame() throws Exception {
        Path table = folder.resolve("move.csv");
        assertThat(run("trace", film, "--from", "10", "--to", "29", "--frame", "1280x720", "-o", "@move.csv"))
                .as(err)
                .isEqualTo(ExitCode.DONE);
        var rows = Files.readAllLines(table);
        assertThat(rows).hasSize(21);
        String[] last = rows.getLast().split(",");
        assertThat(Double.parseDouble(last[4])).isCloseTo(640 - STEP * 19 * 1280.0 / 480, within(4.0));
    }

    @Test
    void what_cannot_be_traced_is_told_and_leaves_nothing() throws Exception {
        picture("photo.png", 160, 90);
        assertThat(run("trace", "@photo.png", "-o", "@move.csv")).isEqualTo(ExitCode.FAILED);
        assertThat(err).contains("only a film can be traced");
        assertThat(run("trace", film, "--from", "50", "-o", "@move.csv")).isEqualTo(ExitCode.WRONG_USE);
        assertThat(folder.resolve("move.csv")).doesNotExist();
    }
}
