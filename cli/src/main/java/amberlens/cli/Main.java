package amberlens.cli;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.words.Release;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.model.project.FileProblem;
import amberlens.exchange.MoveFormat;
import amberlens.media.film.Quality;
import java.io.PrintWriter;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.ScopeType;

/** The commands that need no window. */
@Command(
        name = "amber",
        version = Release.WORDS,
        description = "Camera moves on still pictures, proved to cover every frame.",
        mixinStandardHelpOptions = true,
        synopsisSubcommandLabel = "COMMAND",
        subcommands = {
            CheckCommand.class,
            SealCommand.class,
            FrameCommand.class,
            ReframeCommand.class,
            FollowCommand.class,
            TraceCommand.class,
            RenderCommand.class,
            SheetCommand.class,
            JoinCommand.class,
            FilmCommand.class,
            MoveCommand.class,
            TakeCommand.class,
            InfoCommand.class,
            MarksCommand.class,
            CompletionCommand.class,
            ManCommand.class
        })
public final class Main implements Runnable {
    @Option(names = "--verbose", scope = ScopeType.INHERIT, description = "Show the technical details of an error.")
    private boolean verbose;

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    private Main() {
        spec = CommandLine.Model.CommandSpec.create();
    }

    public static void main(String[] args) {
        System.exit(run(
                args,
                new PrintWriter(System.out, true, System.out.charset()),
                new PrintWriter(System.err, true, System.err.charset())));
    }

    /** Runs one command and returns its exit code. */
    static int run(String[] args, PrintWriter out, PrintWriter err) {
        var main = new Main();
        CommandLine line = line(main);
        line.setOut(out);
        line.setErr(err);
        line.setParameterExceptionHandler((problem, _) -> {
            err.println("amber: " + problem.getMessage());
            String command = problem.getCommandLine().getCommandName();
            err.println("Try: amber " + (command.equals("amber") ? "" : command + " ") + "--help");
            return ExitCode.WRONG_USE;
        });
        line.setExecutionExceptionHandler((problem, _, _) -> main.report(problem, err));
        try {
            return line.execute(args);
        } catch (Error e) { // such as a command that asks for more memory than there is
            String words = e instanceof OutOfMemoryError
                    ? "this needs more memory than the program may take; try fewer or smaller things at once."
                    : "something went wrong: " + e;
            err.println("amber: " + words);
            return ExitCode.FAILED;
        }
    }

    /** All our commands, to be described. */
    static CommandLine line() {
        return line(new Main());
    }

    private static CommandLine line(Main main) {
        var line = new CommandLine(main);
        line.registerConverter(Size.class, SizeArgument::parse);
        ChoiceArgument.register(line, MoveFormat.class, MoveFormat::id);
        ChoiceArgument.register(line, SealWay.class);
        ChoiceArgument.register(line, Quality.class);
        return line;
    }

    @Override
    public void run() {
        spec.commandLine().usage(spec.commandLine().getOut());
    }

    private int report(Exception problem, PrintWriter err) {
        boolean expected = problem instanceof FileProblem;
        err.println("amber: " + (expected ? problem.getMessage() : "something went wrong: " + problem));
        if (verbose) {
            problem.printStackTrace(err);
        } else if (!expected) {
            err.println("Run again with --verbose for the details.");
        }
        return ExitCode.FAILED;
    }
}
