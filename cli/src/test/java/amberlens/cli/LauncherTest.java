package amberlens.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The script by which people start it. */
class LauncherTest extends CommandTrial {
    private static final Pattern HANDED_ON =
            Pattern.compile("(?m)^([a-z -]+(?: \\| [a-z-]+)*)\\) (?:cli|quick_command .*--) \"\\$@\" ;;");

    /** Under cron and in containers the locale is often plain C, where Java would read no file name beyond ASCII. */
    @ParameterizedTest
    @ValueSource(strings = {"../amber", "../packaging/amber"})
    void names_beyond_ascii_are_read_in_every_locale(String launcher) throws Exception {
        String script = Files.readString(Path.of(launcher));
        int from = script.indexOf("# The names of files are read");
        String rule = script.substring(from, script.indexOf("esac", from) + "esac".length());
        picture("Fußgänger 🌿.png", 40, 30);
        for (String locale : List.of("C", "")) {
            var process = new ProcessBuilder(
                    "sh",
                    "-c",
                    rule + "\nexec \"$@\"",
                    "sh",
                    Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                    "-XX:TieredStopAtLevel=1",
                    "-cp",
                    System.getProperty("java.class.path"),
                    "amberlens.cli.Main",
                    "info",
                    folder.resolve("Fußgänger 🌿.png").toString());
            process.environment().keySet().removeIf(name -> name.startsWith("LC_") || name.equals("LANG"));
            process.environment().put("LC_ALL", locale);
            Process started = process.redirectErrorStream(true).start();
            String said = new String(started.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            assertThat(started.waitFor()).as("%s: %s", locale, said).isZero();
            assertThat(said).contains("40 × 30");
        }
    }

    @Test
    void every_command_can_be_reached_by_the_script_and_stands_in_its_help() throws Exception {
        run("--help");
        String script = Files.readString(Path.of("../amber"));
        Set<String> reached = HANDED_ON
                .matcher(script)
                .results()
                .flatMap(found -> Stream.of(found.group(1).split(" \\| ")))
                .collect(Collectors.toSet());
        String list = out.substring(out.indexOf("Commands:") + "Commands:".length());
        String[] commands = list.lines()
                .filter(line -> line.matches("  [a-z].*"))
                .map(line -> line.strip().split(" ")[0])
                .toArray(String[]::new);
        assertThat(commands).hasSizeGreaterThan(6).allSatisfy(command -> {
            assertThat(reached).contains(command);
            assertThat(script).containsPattern("(?m)^  " + command + " ");
        });
    }
}
