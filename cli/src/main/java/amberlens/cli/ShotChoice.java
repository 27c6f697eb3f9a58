package amberlens.cli;

import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import java.util.stream.Collectors;
import picocli.CommandLine;

/** Finds the shot that a person names on the command line. */
final class ShotChoice {
    private ShotChoice() {}

    static Shot find(Project project, String id, CommandLine command) {
        return project.shot(id)
                .orElseThrow(() -> new CommandLine.ParameterException(
                        command,
                        "there is no shot \"" + id + "\"; the project has "
                                + project.shots().stream().map(Shot::id).collect(Collectors.joining(", "))));
    }
}
