package amberlens.cli;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.files.WholeFile;
import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A program that is ended while it writes leaves nothing half behind: from the keyboard, by a manager of processes, by a lost line. */
@EnabledOnOs(OS.LINUX)
class EndedFromOutsideTest {
    @TempDir
    private Path folder = Path.of("");

    /** In the middle of writing, as {@code join} and {@code seal} are, or as {@code render} is. */
    public static final class InTheMiddle {
        private InTheMiddle() {}

        public static void main(String[] args) throws Exception {
            try (AutoCloseable watch = args[0].equals("join") ? new NothingLeft() : new TerminalProgress();
                    WholeFile half = WholeFile.beside(Path.of(args[1]))) {
                half.put(new byte[1000]);
                System.out.println("half of it is there: " + watch.getClass().getSimpleName());
                Thread.sleep(120_000);
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"INT, join", "TERM, join", "HUP, join", "INT, render", "TERM, render", "HUP, render"})
    void nothing_half_is_left(String signal, String command) throws Exception {
        Process writing = new ProcessBuilder(
                        "env",
                        "--default-signal", // whoever runs the tests may have some ignored
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("java.class.path"),
                        InTheMiddle.class.getName(),
                        command,
                        folder.resolve("film.mp4").toString())
                .redirectErrorStream(true)
                .start();
        try (var said = new BufferedReader(new InputStreamReader(writing.getInputStream(), StandardCharsets.UTF_8))) {
            String line = said.readLine();
            while (line != null && !line.startsWith("half of it")) {
                line = said.readLine();
            }
            assertThat(line).isNotNull();
            assertThat(folder.toFile().list()).as("while it writes").hasSize(1);
            new ProcessBuilder(List.of("sh", "-c", "kill -" + signal + " " + writing.pid()))
                    .inheritIO()
                    .start()
                    .waitFor();
            assertThat(writing.waitFor(60, TimeUnit.SECONDS)).as("it ends").isTrue();
            assertThat(writing.exitValue()).isNotZero();
        } finally {
            writing.destroyForcibly();
        }
        assertThat(folder).isEmptyDirectory();
    }
}
