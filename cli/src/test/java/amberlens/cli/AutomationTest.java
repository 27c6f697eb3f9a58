package amberlens.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Commands that are started by programs: progress in lines, watching, completion, the manual page. */
class AutomationTest extends CommandTrial {
    private static final ObjectMapper JSON = new ObjectMapper();

    @BeforeEach
    void project() throws IOException {
        picture("plan.png", 400, 300);
        write("0");
    }

    private void write(String degrees) throws IOException {
        Files.writeString(folder.resolve("film.amber"), """
                {"format": "amber-lens/project", "version": 1, "name": "film",
                 "frame": {"width": 160, "height": 90, "rate": "25/1", "background": "#C02020"},
                 "media": [{"id": "m1", "kind": "photo", "path": "plan.png", "width": 400, "height": 300}],
                 "shots": [{"id": "s1", "name": "Plan", "media": "m1", "track": 1, "start": 0, "length": 40, "fillsFrame": true,
                  "camera": {"scale": {"value": [40, 40]}, "position": {"value": [80, 45]}, "rotation": {"value": %s}, "anchor": {"value": [200, 150]}}}]}
                """.formatted(degrees));
    }

    private List<JsonNode> lines() throws IOException {
        List<JsonNode> lines = new ArrayList<>();
        for (String line : out.lines().toList()) {
            lines.add(JSON.readTree(line));
        }
        return lines;
    }

    @Test
    void render_tells_progress_and_outcome_in_lines() throws IOException {
        assertThat(run("render", "@film.amber", "-o", "@film.mkv", "--json")).isZero();
        List<JsonNode> lines = lines();
        assertThat(lines).hasSizeGreaterThan(10);
        int last = -1;
        for (JsonNode line : lines.subList(0, lines.size() - 1)) {
            assertThat(line.get("event").asText()).isEqualTo("progress");
            assertThat(line.get("of").asInt()).isEqualTo(40);
            assertThat(line.get("done").asInt()).isGreaterThan(last);
            last = line.get("done").asInt();
        }
        assertThat(last).isEqualTo(40);
        assertThat(lines.getLast().get("event").asText()).isEqualTo("done");
        assertThat(Path.of(lines.getLast().get("output").asText())).isNotEmptyFile();
    }

    @Test
    void seal_tells_of_each_shot_in_a_line() throws IOException {
        write("20");
        assertThat(run("seal", "@film.amber", "-o", "@sealed.amber", "--limit", "400", "--json"))
                .isZero();
        assertThat(lines()).singleElement().satisfies(line -> {
            assertThat(line.get("id").asText()).isEqualTo("s1");
            assertThat(line.get("sealed").asBoolean()).isTrue();
            assertThat(line.get("changed").asBoolean()).isTrue();
            assertThat(line.get("scalePercent").asDouble()).isPositive();
        });
    }

    @Test
    void watching_renders_again_when_the_project_changes_and_waits_out_what_is_broken() throws Exception {
        var said = new StringWriter();
        String film = folder.resolve("film.amber").toString();
        String[] rendering = {
            "render", film, "-o", folder.resolve("film.png").toString(), "--from", "0", "--to", "0", "--watch"
        };
        Thread watching = Thread.ofPlatform()
                .start(() -> Main.run(rendering, new PrintWriter(new StringWriter()), new PrintWriter(said, true)));
        await("the first picture", () -> pictures() == 1 && said.toString().contains("waiting for changes"));
        byte[] before = Files.readAllBytes(onlyPicture());
        Files.writeString(folder.resolve("film.amber"), "{");
        await("the complaint", () -> said.toString().contains("film.amber"));
        write("25");
        await("another picture", () -> !Arrays.equals(before, Files.readAllBytes(onlyPicture())));
        watching.interrupt();
        assertThat(watching.join(Duration.ofSeconds(120))).isTrue();
    }

    private Path onlyPicture() throws IOException {
        try (var files = Files.list(folder)) {
            return files.filter(file -> file.getFileName().toString().matches("film.*\\.png"))
                    .findFirst()
                    .orElseThrow();
        }
    }

    private long pictures() throws IOException {
        try (var files = Files.list(folder)) {
            return files.filter(file -> file.getFileName().toString().matches("film.*\\.png"))
                    .count();
        }
    }

    /** Something that becomes true. */
    @FunctionalInterface
    private interface Truth {
        boolean holds() throws IOException;
    }

    private static void await(String what, Truth truth) throws IOException {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(120);
        while (!truth.holds()) {
            assertThat(System.nanoTime()).as(what).isLessThan(end);
            LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(20));
        }
    }

    @Test
    void bash_takes_the_completion_and_completes_options() throws Exception {
        assertThat(run("completion")).isZero();
        Path script = Files.writeString(folder.resolve("amber.bash"), out);
        Process bash = new ProcessBuilder("bash", "-c", """
                        source "$1"
                        COMP_WORDS=(amber render --over) COMP_CWORD=2
                        $(complete -p amber | sed 's/.*-F \\([^ ]*\\).*/\\1/') 2>/dev/null
                        printf '%s\\n' "${COMPREPLY[@]}"
                        """, "bash", script.toString())
                .redirectErrorStream(true)
                .start();
        assertThat(new String(bash.getInputStream().readAllBytes(), StandardCharsets.UTF_8))
                .contains("--overwrite");
        assertThat(bash.waitFor()).isZero();
    }

    @Test
    void the_manual_page_has_every_command_with_its_options() {
        run("man");
        assertThat(out).startsWith(".TH AMBER 1");
        for (String command :
                List.of("check", "seal", "render", "join", "film", "move", "take", "demo", "shoot", "test")) {
            assertThat(out).contains(".SS amber " + command);
        }
        assertThat(out).contains("\\fB\\-\\-overwrite\\fR").doesNotContain("${");
        assertThat(out.lines()).noneMatch(line -> line.startsWith("'"));
    }

    /** Descriptions are formats, in which a per cent sign is written twice: the library warns of others on standard error. */
    @Test
    void help_says_nothing_on_standard_error() {
        PrintStream usual = System.err;
        var warnings = new ByteArrayOutputStream();
        try (var caught = new PrintStream(warnings, true, StandardCharsets.UTF_8)) {
            System.setErr(caught);
            for (String command : Main.line().getSubcommands().keySet()) {
                assertThat(run(command, "--help")).isZero();
                assertThat(err).isEmpty();
            }
        } finally {
            System.setErr(usual);
        }
        assertThat(warnings.toString(StandardCharsets.UTF_8)).isEmpty();
        run("follow", "--help");
        assertThat(out.replaceAll("\\s+", " ")).contains("6 % of the shorter side");
    }
}
