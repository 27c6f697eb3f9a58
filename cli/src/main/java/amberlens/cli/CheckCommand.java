package amberlens.cli;

import amberlens.core.check.ShotCheck;
import amberlens.core.model.FileProblem;
import amberlens.core.model.LineUp;
import amberlens.core.model.Project;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Edges, enlargement and pace of every shot. */
@Command(
        name = "check",
        description =
                "Checks the edges, enlargement and pace of every shot. Exit code 0: all sealed, 3: some edge open.",
        mixinStandardHelpOptions = true)
final class CheckCommand implements Callable<Integer> {
    @Parameters(paramLabel = "FILE", description = "The project.")
    private Path file = Path.of("");

    @Option(names = "--json", description = "Print JSON instead of text.")
    private boolean json;

    @Option(names = "--frames", description = "Add every frame's pose and margin.")
    private boolean frames;

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec = CommandLine.Model.CommandSpec.create();

    @Override
    public Integer call() throws FileProblem {
        Project project = ProjectArgument.open(file, spec.commandLine().getErr());
        var checks = LineUp.inTime(project).stream()
                .map(shot -> ShotCheck.of(project, shot))
                .toList();
        var out = spec.commandLine().getOut();
        if (json) {
            out.println(CheckJson.of(checks, frames));
        } else {
            CheckText.print(project, checks, frames, out);
        }
        return checks.stream().allMatch(ShotCheck::sealed) ? ExitCode.DONE : ExitCode.OPEN_EDGE;
    }
}
