package amberlens.cli;

import java.util.concurrent.Callable;
import picocli.AutoComplete;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** What a shell needs to complete our commands. */
@Command(
        name = "completion",
        description = {
            "Prints a script by which bash and zsh complete commands and options.",
            "For this shell: source <(amber completion)"
        },
        mixinStandardHelpOptions = true)
final class CompletionCommand implements Callable<Integer> {
    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec = CommandLine.Model.CommandSpec.create();

    @Override
    public Integer call() {
        CommandLine all = Verbs.withThoseOfTheScript();
        spec.commandLine().getOut().println(AutoComplete.bash("amber", all));
        return ExitCode.DONE;
    }
}
