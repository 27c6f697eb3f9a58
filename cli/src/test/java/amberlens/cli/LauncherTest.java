package amberlens.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The script by which people start it. */
class LauncherTest extends CommandTrial {
    private static final Pattern HANDED_ON =
            Pattern.compile("(?m)^([a-z -]+(?: \\| [a-z-]+)*)\\) (?:cli|quick_command .*--) \"\\$@\" ;;");

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
