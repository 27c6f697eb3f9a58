package amberlens.cli;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.edits.CarryEdits;
import amberlens.core.edit.edits.Edit;
import amberlens.core.material.track.Track;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.property.Properties;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.FrameRaster;
import amberlens.media.film.FilmCodec;
import amberlens.media.film.FilmFile;
import amberlens.media.film.Quality;
import amberlens.project.ProjectFile;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A patch that wanders over a ground, written as a film and followed from the command line. */
class FollowCommandTest extends CommandTrial {
    private static final Size SIZE = new Size(480, 270);
    private static final int FRAMES = 50;
    private static final int SIDE = 56;

    @TempDir
    static Path films;

    private static double x(int frame) {
        return 240 + 90 * Math.sin(frame / 14.0);
    }

    private static double y(int frame) {
        return 135 + 40 * Math.cos(frame / 10.0);
    }

    @BeforeAll
    static void film() throws Exception {
        float[] ground = spots(SIZE.width(), SIZE.height(), 90, 1);
        float[] patch = spots(SIDE, SIDE, 60, 2);
        try (var film = new FilmFile(
                films.resolve("pond.mp4"), FilmCodec.H264, Quality.GOOD, SIZE, FrameRate.of(25), Rows.ALONE)) {
            for (int frame = 0; frame < FRAMES; frame++) {
                var pixels = new int[Math.toIntExact(SIZE.area())];
                for (int i = 0; i < pixels.length; i++) {
                    double px = i % SIZE.width() + 0.5 - x(frame) + SIDE / 2.0;
                    double py = i / SIZE.width() + 0.5 - y(frame) + SIDE / 2.0;
                    boolean inside = px >= 1 && py >= 1 && px < SIDE - 1 && py < SIDE - 1;
                    int grey = Math.clamp(
                            Math.round(inside ? 150 + at(patch, px - 0.5, py - 0.5) : 90 + ground[i]), 0, 255);
                    pixels[i] = 0xFF000000 | grey * 0x010101;
                }
                film.write(new FrameRaster(SIZE, pixels));
            }
            film.finish();
        }
    }

    private static float at(float[] patch, double x, double y) {
        int i = (int) y * SIDE + (int) x;
        float fx = (float) (x - (int) x);
        float fy = (float) (y - (int) y);
        return (patch[i] * (1 - fx) + patch[i + 1] * fx) * (1 - fy)
                + (patch[i + SIDE] * (1 - fx) + patch[i + SIDE + 1] * fx) * fy;
    }

    /** Round spots of any brightness, by chance. */
    private static float[] spots(int width, int height, int strength, int seed) {
        var random = new Random(seed);
        var shades = new float[width * height];
        for (int spot = 0; spot < width * height / 60; spot++) {
            double cx = width * random.nextDouble();
            double cy = height * random.nextDouble();
            double by = strength * (random.nextDouble() - 0.5);
            for (int y = Math.max(0, (int) cy - 9); y < Math.min(height, cy + 9); y++) {
                for (int x = Math.max(0, (int) cx - 9); x < Math.min(width, cx + 9); x++) {
                    shades[y * width + x] += (float) (by * Math.exp(-Math.pow(Math.hypot(x - cx, y - cy) / 3.5, 2)));
                }
            }
        }
        return shades;
    }

    @BeforeEach
    void project() throws Exception {
        Files.copy(films.resolve("pond.mp4"), folder.resolve("pond.mp4"));
        Files.writeString(folder.resolve("pond.amber"), """
                { "format": "amber-lens/project", "version": 1, "name": "Mill pond",
                  "frame": { "width": 320, "height": 180, "rate": "25/1" },
                  "media": [ { "id": "m1", "kind": "film", "path": "pond.mp4", "width": 480, "height": 270, "rate": "25/1", "frames": 50 },
                             { "id": "m2", "kind": "photo", "path": "still.png", "width": 480, "height": 270 } ],
                  "shots": [ { "id": "s1", "media": "m1", "start": 0, "length": 50,
                    "camera": { "scale": { "value": [140, 140] }, "position": { "value": [160, 90] },
                                "rotation": { "value": 0 }, "anchor": { "value": [240, 135] } } },
                    { "id": "s2", "media": "m2", "start": 50, "length": 10,
                    "camera": { "scale": { "value": [140, 140] }, "position": { "value": [160, 90] },
                                "rotation": { "value": 0 }, "anchor": { "value": [240, 135] } } } ] }
                """);
    }

    private String place(int frame) {
        return x(frame) + "," + y(frame);
    }

    @Test
    void a_subject_is_tracked_both_ways_and_the_camera_keeps_it_pinned_where_it_was() throws Exception {
        assertThat(run(
                        "follow",
                        "@pond.amber",
                        "--shot",
                        "s1",
                        "--from",
                        "20",
                        "--point",
                        place(20),
                        "--around",
                        "26",
                        "-o",
                        "@out.amber"))
                .as(err)
                .isZero();
        Project project = ProjectFile.open(folder.resolve("out.amber"));
        Shot shot = project.shot("s1").orElseThrow();
        Track track = project.mediaOf(shot).tracks().getFirst();
        assertThat(track.first()).isZero();
        assertThat(track.last()).isEqualTo(FRAMES - 1);
        assertThat(track.given()).containsExactly(20);
        FramePoint kept = shot.camera().at(20).toFrame(new PicturePoint(x(20), y(20)));
        for (int frame = 0; frame < FRAMES; frame++) {
            FramePoint seen = shot.camera().at(frame).toFrame(new PicturePoint(x(frame), y(frame)));
            assertThat(seen.distance(kept)).as("frame %d", frame).isLessThan(2);
        }
        assertThat(shot.camera().position().keys()).hasSizeBetween(4, 30);
        assertThat(run("check", "@out.amber")).isZero();
    }

    @Test
    void what_came_of_it_is_told_as_json_and_a_calmer_camera_needs_fewer_keys() throws Exception {
        String[] common = {"follow", "@pond.amber", "--shot", "s1", "--from", "0", "--point", place(0), "--json"};
        assertThat(run(with(common, "-o", "@pinned.amber"))).isZero();
        var pinned = new ObjectMapper().readTree(out.lines().toList().getLast());
        assertThat(pinned.get("track").asText()).isEqualTo("t1");
        assertThat(pinned.get("confidence").asDouble()).isGreaterThan(0.8);
        assertThat(run(with(common, "-o", "@calm.amber", "--calm", "80"))).isZero();
        var calm = new ObjectMapper().readTree(out.lines().toList().getLast());
        assertThat(calm.get("keys").asInt()).isLessThan(pinned.get("keys").asInt());
    }

    @Test
    void a_shot_whose_move_is_carried_from_it_goes_along() throws Exception {
        Project project = ProjectFile.open(folder.resolve("pond.amber"));
        Edit carry = CarryEdits.carry("s1", Set.of("s2"), Set.of(Properties.POSITION), true);
        ProjectFile.save(CarryEdits.apply(carry, project), folder.resolve("linked.amber"));
        assertThat(run("follow", "@linked.amber", "--shot", "s1", "--from", "0", "--point", place(0)))
                .as(err)
                .isZero();
        Project followed = ProjectFile.open(folder.resolve("linked.amber"));
        assertThat(followed.shot("s2").orElseThrow().camera().position().animated())
                .isTrue();
    }

    private static String[] with(String[] common, String... more) {
        String[] all = java.util.Arrays.copyOf(common, common.length + more.length);
        System.arraycopy(more, 0, all, common.length, more.length);
        return all;
    }

    @Test
    void what_cannot_be_is_told_and_nothing_is_written() throws Exception {
        String before = Files.readString(folder.resolve("pond.amber"));
        assertThat(run("follow", "@pond.amber", "--shot", "s2", "--from", "0", "--point", "10,10"))
                .isEqualTo(ExitCode.WRONG_USE);
        assertThat(err).contains("shows no footage");
        assertThat(run("follow", "@pond.amber", "--shot", "s1", "--from", "50", "--point", "10,10"))
                .isEqualTo(ExitCode.WRONG_USE);
        assertThat(err).contains("0 to 49");
        assertThat(run("follow", "@pond.amber", "--shot", "s1", "--from", "0", "--point", "900,10"))
                .isEqualTo(ExitCode.WRONG_USE);
        assertThat(run("follow", "@pond.amber", "--shot", "s1", "--from", "0", "--point", "here"))
                .isEqualTo(ExitCode.WRONG_USE);
        assertThat(err).contains("like 640,360");
        assertThat(run("follow", "@pond.amber", "--shot", "s1", "--from", "0", "--point", "1,1", "--calm", "120"))
                .isEqualTo(ExitCode.WRONG_USE);
        assertThat(run("follow", "@pond.amber", "--shot", "s1", "--from", "0", "--point", "1,1", "--around", "0"))
                .isEqualTo(ExitCode.WRONG_USE);
        assertThat(Files.readString(folder.resolve("pond.amber"))).isEqualTo(before);
    }
}
