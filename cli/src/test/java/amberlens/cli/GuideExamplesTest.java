package amberlens.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Every command that the guide shows does what the guide says of it, on the demo. */
class GuideExamplesTest extends CommandTrial {
    private static final Path GUIDE = Path.of("../docs/guide");
    private static final Path DEMO = Path.of("../demo/fernhollow");
    private static final String COMMAND = "amber ";

    @BeforeEach
    void copyTheDemo() throws IOException {
        try (Stream<Path> all = Files.walk(DEMO)) {
            for (Path file : all.filter(Files::isRegularFile).toList()) {
                Path copy = folder.resolve(DEMO.relativize(file).toString());
                Files.createDirectories(copy.getParent());
                Files.copy(file, copy);
            }
        }
        Files.writeString(
                folder.resolve("cut.edl"),
                "001  AX  V  C  00:00:00:00 00:00:02:00 01:00:00:00 01:00:02:00\n* FROM CLIP NAME: garden-plan.jpg\n");
        Files.writeString(folder.resolve("keys.csv"), "frame,rotation\n0,0\n50,3\n");
    }

    private static List<String> examples() throws IOException {
        try (Stream<Path> pages = Files.list(GUIDE)) {
            return pages.filter(page -> page.toString().endsWith(".md"))
                    .sorted()
                    .flatMap(GuideExamplesTest::lines)
                    .filter(line -> line.startsWith(COMMAND))
                    .toList();
        }
    }

    private static Stream<String> lines(Path page) {
        try {
            return Files.readAllLines(page).stream();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    /** Files lie in the folder of this test. */
    private static String placed(String word) {
        return word.matches(".*\\.(amber|png|mp4|mkv|gif|jpg|wav|html|edl|csv|otio|filter)|pictures")
                ? "@" + word
                : word;
    }

    @Test
    void all_commands_of_the_guide_run() throws IOException {
        List<String> examples = examples();
        assertThat(examples).hasSizeGreaterThan(8);
        for (String example : examples) {
            String[] arguments = Stream.of(example.substring(COMMAND.length()).split("\\s+"))
                    .map(GuideExamplesTest::placed)
                    .toArray(String[]::new);
            int output = List.of(arguments).indexOf("-o");
            int code = run(arguments);
            // the demo has an edge that is open, for people to seal
            assertThat(code)
                    .as("%s%n%s%s", example, out, err)
                    .isEqualTo(List.of("check", "sheet").contains(arguments[0]) ? 3 : 0);
            if (output > 0) {
                String file = arguments[output + 1];
                boolean several = List.of(arguments).contains("--deliveries");
                assertThat(Path.of(several ? file.replace(".gif", "-9x16.gif") : file))
                        .as(example)
                        .isNotEmptyFile();
            }
        }
    }
}
