package amberlens.project;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.model.project.Marker;
import amberlens.core.model.project.Project;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * A program that saves without pause is killed at chance moments: there is always a whole project, and at most one stray file, which
 * the next save removes. More kills with {@code -Damber.kills=300}.
 */
class KilledWhileSavingTest {
    private static final int KILLS = Integer.getInteger("amber.kills", 8);

    @TempDir
    private Path folder;

    /** Saves projects of changing length for ever; says when it has begun. */
    static final class Saver {
        private Saver() {}

        public static void main(String[] args) throws Exception {
            Path file = Path.of(args[0]);
            for (int round = 0; ; round++) {
                ProjectFile.save(project(round), file);
                if (round == 1) {
                    System.out.println("saving");
                }
            }
        }
    }

    private static Project project(int round) {
        List<Marker> markers = IntStream.range(0, 20 + round % 2 * 400)
                .mapToObj(at -> Marker.at(at, "marker " + at))
                .toList();
        return Project.empty("Round " + round).withMarkers(markers);
    }

    @Test
    void there_is_always_a_whole_project_and_at_most_one_stray_file() throws Exception {
        Path file = folder.resolve("film.amber");
        var chance = new Random(11);
        for (int kill = 0; kill < KILLS; kill++) {
            killedAfter(chance.nextInt(40), file);
            Project left = ProjectFile.open(file);
            int round = Integer.parseInt(left.name().substring("Round ".length()));
            assertThat(left).isEqualTo(project(round));
            assertThat(files()).hasSizeLessThanOrEqualTo(2);
        }
        ProjectFile.save(project(1), file);
        assertThat(files()).containsExactly(file);
    }

    private static void killedAfter(int millis, Path file) throws Exception {
        String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
        Process saver = new ProcessBuilder(
                        java,
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                        Saver.class.getName(),
                        file.toString())
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        try (var said = saver.inputReader()) {
            assertThat(said.readLine()).isEqualTo("saving");
            saver.waitFor(millis, TimeUnit.MILLISECONDS);
        } finally {
            saver.destroyForcibly().waitFor();
        }
    }

    private List<Path> files() throws IOException {
        try (var files = Files.list(folder)) {
            return files.toList();
        }
    }
}
