package amberlens.cli;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import amberlens.media.footage.FilmFrames;
import amberlens.media.footage.FilmInfo;
import java.io.File;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledIf;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Films that are rendered in pieces and joined. */
class PiecesTest extends CommandTrial {
    @BeforeEach
    void project() throws IOException {
        picture("plan.png", 400, 300);
        Files.write(folder.resolve("tone.wav"), tone(5));
        Files.writeString(folder.resolve("film.amber"), """
                {"format": "amber-lens/project", "version": 5, "name": "film",
                 "frame": {"width": 96, "height": 64, "rate": "4/1", "background": "#000000"},
                 "media": [{"id": "m1", "kind": "photo", "path": "plan.png", "width": 400, "height": 300},
                           {"id": "a1", "kind": "sound", "path": "tone.wav"}],
                 "shots": [{"id": "s1", "name": "Plan", "media": "m1", "track": 1, "start": 0, "length": 190, "fillsFrame": true,
                  "camera": {"scale": {"keys": [{"at": 0, "value": [40, 40]}, {"at": 189, "value": [90, 90]}]}, "position": {"value": [48, 32]},
                   "rotation": {"value": 0}, "anchor": {"value": [200, 150]}}}],
                 "sounds": [{"id": "c1", "media": "a1", "track": 1, "start": "0/1", "in": "0/1", "length": "4/1"},
                            {"id": "c2", "media": "a1", "track": 1, "start": "41/1", "in": "0/1", "length": "4/1"}]}
                """);
    }

    /** A mono tone at 8 kHz; encoders take much longer over it than over silence. */
    private static byte[] tone(int seconds) {
        int rate = 8000;
        var bytes = ByteBuffer.allocate(44 + 2 * rate * seconds).order(ByteOrder.LITTLE_ENDIAN);
        bytes.put("RIFF".getBytes(StandardCharsets.US_ASCII)).putInt(36 + 2 * rate * seconds);
        bytes.put("WAVEfmt ".getBytes(StandardCharsets.US_ASCII)).putInt(16).putShort((short) 1);
        bytes.putShort((short) 1)
                .putInt(rate)
                .putInt(2 * rate)
                .putShort((short) 2)
                .putShort((short) 16);
        bytes.put("data".getBytes(StandardCharsets.US_ASCII)).putInt(2 * rate * seconds);
        for (int i = 0; i < rate * seconds; i++) {
            bytes.putShort((short) Math.round(6000 * Math.sin(2 * Math.PI * 200 * i / rate)));
        }
        return bytes.array();
    }

    private static float[] pixels(Raster frame) {
        var light = new float[frame.height() * (4 * frame.width()) + Loops.SPARE];
        for (int y = 0; y < frame.height(); y++) {
            frame.read(Loops.plain(), 0, y, frame.width(), light, 4 * frame.width() * y);
        }
        return light;
    }

    private void pieces(String ending, int of) {
        for (int k = 1; k <= of; k++) {
            assertThat(run("render", "@film.amber", "-o", "@p" + k + ending, "--part", k + "/" + of))
                    .as(err)
                    .isZero();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {".mp4", ".webm", ".mkv", ".mov"})
    void joined_pieces_show_and_sound_what_one_go_does(String ending) throws Exception {
        pieces(ending, 4);
        assertThat(run(
                        "join",
                        "@p3" + ending,
                        "@p1" + ending,
                        "@p4" + ending,
                        "@p2" + ending,
                        "-o",
                        "@joined" + ending))
                .as(err)
                .isZero();
        assertThat(out).contains("190 frames");
        requireWhole(ending);
    }

    private void requireWhole(String ending) throws Exception {
        run("render", "@film.amber", "-o", "@whole" + ending);
        Path joined = folder.resolve("joined" + ending);
        Path whole = folder.resolve("whole" + ending);
        assertThat(FilmInfo.of(joined).footage()).isEqualTo(FilmInfo.of(whole).footage());
        try (var a = new FilmFrames(joined, Rows.ALONE);
                var b = new FilmFrames(whole, Rows.ALONE)) {
            for (int frame = 0; frame < 190; frame++) {
                assertThat(pixels(a.frame(frame))).as("frame " + frame).isEqualTo(pixels(b.frame(frame)));
            }
        }
        run("info", "@joined" + ending);
        String heard = out;
        run("info", "@whole" + ending);
        assertThat(heard.replace("joined", "whole")).isEqualTo(out);
    }

    /** As many people spread work over the cores of a machine; the test's own classes stand for the program. */
    @Test
    @Tag("long")
    @DisabledIf(value = "noParallel", disabledReason = "needs GNU parallel: ./amber test installs it")
    void four_processes_at_once_render_what_one_does() throws Exception {
        String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
        String classes = System.getProperty("java.class.path");
        Process all = new ProcessBuilder(
                        "parallel",
                        "--will-cite",
                        "-j4",
                        java,
                        "-Djava.awt.headless=true",
                        "-cp",
                        classes,
                        "amberlens.cli.Main",
                        "render",
                        "film.amber",
                        "-o",
                        "p{}.mp4",
                        "--part",
                        "{}/4",
                        ":::",
                        "1",
                        "2",
                        "3",
                        "4")
                .directory(folder.toFile())
                .redirectErrorStream(true)
                .start();
        String said = new String(all.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(all.waitFor()).as(said).isZero();
        assertThat(run("join", "@p1.mp4", "@p2.mp4", "@p3.mp4", "@p4.mp4", "-o", "@joined.mp4"))
                .as(err)
                .isZero();
        requireWhole(".mp4");
    }

    /** Where the suite is run as a whole, a missing program is a failure. */
    static boolean noParallel() {
        boolean there = Stream.of(System.getenv("PATH").split(File.pathSeparator))
                .anyMatch(folder -> Files.isExecutable(Path.of(folder, "parallel")));
        return !there && !Boolean.getBoolean("amber.window");
    }

    @Test
    void what_is_missing_twice_there_or_of_another_film_is_named() throws IOException {
        pieces(".mkv", 3);
        assertThat(run("join", "@p1.mkv", "@p3.mkv", "-o", "@joined.mkv")).isEqualTo(1);
        assertThat(err).contains("Piece 2 of 3 is missing");
        Files.copy(folder.resolve("p2.mkv"), folder.resolve("again.mkv"));
        run("join", "@p1.mkv", "@p2.mkv", "@again.mkv", "-o", "@joined.mkv");
        assertThat(err).contains("are both piece 2");
        String project = Files.readString(folder.resolve("film.amber"));
        Files.writeString(folder.resolve("film.amber"), project.replace("[90, 90]", "[80, 80]"));
        run("render", "@film.amber", "-o", "@other.mkv", "--part", "2/3");
        run("join", "@p1.mkv", "@other.mkv", "@p3.mkv", "-o", "@joined.mkv");
        assertThat(err).contains("another film");
        run("render", "@film.amber", "-o", "@whole.mkv");
        run("join", "@whole.mkv", "-o", "@joined.mkv");
        assertThat(err).contains("whole.mkv is not a piece of a film");
        assertThat(Files.exists(folder.resolve("joined.mkv"))).isFalse();
    }

    /** Whatever is cut off, however little, and whatever was never written, is found before anything is joined. */
    @ParameterizedTest
    @ValueSource(strings = {".mp4", ".webm", ".mkv", ".mov"})
    void a_piece_that_is_not_whole_is_refused(String ending) throws IOException {
        pieces(ending, 2);
        Path piece = folder.resolve("p1" + ending);
        byte[] whole = Files.readAllBytes(piece);
        for (double part : new double[] {0.1, 0.5, 0.8, 0.95, 1}) {
            Files.write(piece, Arrays.copyOf(whole, (int) (whole.length * part) - 1));
            assertThat(run("join", "@p1" + ending, "@p2" + ending, "-o", "@joined" + ending))
                    .as("%s of it: %s", part, out)
                    .isEqualTo(1);
            assertThat(err).contains("p1" + ending);
            assertThat(folder.resolve("joined" + ending)).doesNotExist();
        }
        if (!ending.equals(".mkv")) {
            return; // most of these small films is sound, in which zeros may be silence
        }
        byte[] zeroed = whole.clone();
        Arrays.fill(zeroed, zeroed.length / 2, zeroed.length / 2 + 4096, (byte) 0);
        Files.write(piece, zeroed);
        assertThat(run("join", "@p1" + ending, "@p2" + ending, "-o", "@joined" + ending))
                .as(out)
                .isEqualTo(1);
        assertThat(folder.resolve("joined" + ending)).doesNotExist();
    }

    @Test
    void pieces_of_other_ranges_sizes_shots_and_qualities_are_of_other_films() {
        pieces(".mkv", 2);
        List<List<String>> others = List.of(
                List.of("--size", "48x32"), List.of("--from", "1"), List.of("--shot", "s1"), List.of("--seal", "lift"));
        for (List<String> other : others) {
            List<String> command = new ArrayList<>(
                    List.of("render", "@film.amber", "-o", "@other.mkv", "--part", "2/2", "--overwrite"));
            command.addAll(other);
            assertThat(run(command.toArray(String[]::new))).as(err).isZero();
            assertThat(run("join", "@p1.mkv", "@other.mkv", "-o", "@joined.mkv"))
                    .as("%s", other)
                    .isEqualTo(1);
            assertThat(err).contains("another film");
        }
    }

    @Test
    void pieces_are_joined_only_into_what_can_hold_them() {
        pieces(".mp4", 2);
        assertThat(run("join", "@p1.mp4", "@p2.mp4", "-o", "@joined.webm")).isEqualTo(1);
        assertThat(err).contains("let its name end as theirs do");
        assertThat(folder.resolve("joined.webm")).doesNotExist();
    }

    @Test
    void more_pieces_than_stretches_and_formats_that_cannot_be_joined_are_refused() {
        List<Integer> codes = new ArrayList<>();
        codes.add(run("render", "@film.amber", "-o", "@p.mp4", "--part", "1/300"));
        assertThat(err).contains("is empty").contains("at most");
        codes.add(run("render", "@film.amber", "-o", "@p.gif", "--part", "1/2"));
        assertThat(err).contains("cannot be joined");
        assertThat(codes).containsOnly(1);
        assertThat(run("render", "@film.amber", "-o", "@p.mp4", "--part", "5/4"))
                .isEqualTo(2);
        assertThat(err).contains("5/4");
    }
}
