package amberlens.media.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.model.project.FileProblem;
import amberlens.core.pixels.raster.Rows;
import amberlens.media.footage.FilmFrames;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FirstLookTest {
    @TempDir
    private Path folder;

    private Path damagedTheora() throws IOException {
        Path file = folder.resolve("damaged.ogv");
        try (InputStream stream = FirstLookTest.class.getResourceAsStream("/amberlens/media/damaged-theora.ogv")) {
            Files.copy(stream, file);
        }
        return file;
    }

    @Test
    void a_process_that_dies_of_a_film_says_so_and_the_next_film_gets_another_one() throws IOException {
        Path deadly = Files.createFile(folder.resolve("deadly.ogv"));
        Path fine = Files.createFile(folder.resolve("fine.mp4"));
        String script = "read film; if [ \"$film\" = \"" + FirstLookMain.line(deadly)
                + "\" ]; then kill -SEGV $$; fi; echo survived";
        try (var look = new FirstLook(List.of("sh", "-c", script))) {
            assertThatCode(() -> look.check(fine)).doesNotThrowAnyException();
            assertThatThrownBy(() -> look.check(deadly))
                    .isInstanceOf(FileProblem.class)
                    .hasMessageContaining("deadly.ogv")
                    .hasMessageContaining("left out");
            assertThatCode(() -> look.check(fine)).doesNotThrowAnyException();
        }
    }

    @Test
    void where_no_process_can_be_started_films_are_opened_all_the_same() throws IOException {
        Path film = Files.createFile(folder.resolve("film.mp4"));
        try (var look = new FirstLook(List.of(folder.resolve("no-such-program").toString()))) {
            assertThatCode(() -> look.check(film)).doesNotThrowAnyException();
        }
    }

    @Test
    void the_program_s_own_process_survives_a_damaged_film_that_killed_it_before() throws Exception {
        Path film = damagedTheora();
        try (var look = FirstLook.ofThisProgram()) {
            look.check(film);
            look.check(film);
        }
    }

    /** In a process of its own, so that a failing test does not end the others. */
    @Test
    void every_frame_of_that_film_can_be_asked_for() throws Exception {
        Path film = damagedTheora();
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "--enable-native-access=ALL-UNNAMED",
                        "-cp",
                        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                        EveryFrame.class.getName(),
                        film.toString())
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        assertThat(process.waitFor(300, TimeUnit.SECONDS)).isTrue();
        assertThat(process.exitValue()).isZero();
    }

    /** Asks for all frames, forwards and backwards, and ends well whatever they are. */
    static final class EveryFrame {
        private EveryFrame() {}

        public static void main(String[] args) {
            for (int round = 0; round < 3; round++) {
                try (var film = new FilmFrames(Path.of(args[0]), Rows.ALONE)) {
                    for (int frame = 0; frame < 12; frame++) {
                        film.frame(round % 2 == 0 ? frame : 11 - frame);
                    }
                } catch (FileProblem e) {
                    System.out.println(e.getMessage());
                }
            }
        }
    }
}
