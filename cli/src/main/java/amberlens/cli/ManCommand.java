package amberlens.cli;

import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The manual page, made of what the commands say of themselves. */
@Command(
        name = "man",
        description = {"Prints the manual page, for man.", "To read it: amber man | man -l -"},
        mixinStandardHelpOptions = true)
final class ManCommand implements Callable<Integer> {
    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec = CommandLine.Model.CommandSpec.create();

    @Override
    public Integer call() {
        spec.commandLine().getOut().println(new ManPage(Verbs.withThoseOfTheScript()).text());
        return ExitCode.DONE;
    }
}
