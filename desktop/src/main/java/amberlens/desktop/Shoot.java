package amberlens.desktop;

import amberlens.core.model.FileProblem;
import amberlens.desktop.app.Shooting;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** The command that saves an offscreen picture of a main view. */
@Command(
        name = "shoot",
        description = "Saves an offscreen picture of a main view at 1280 × 800.",
        mixinStandardHelpOptions = true)
public final class Shoot implements Callable<Integer> {
    @Option(names = "--view", required = true, paramLabel = "NAME", description = "One of: ${COMPLETION-CANDIDATES}.")
    private Shooting.View view = Shooting.View.BENCH;

    @Option(names = "-o", required = true, paramLabel = "OUT.png", description = "The picture to write.")
    private Path output = Path.of("");

    @Option(
            names = "--at",
            paramLabel = "FRAME",
            description = "The line-up frame to show (default: ${DEFAULT-VALUE}).")
    private int at = 56;

    @Parameters(arity = "0..1", paramLabel = "FILE", description = "The project to show.")
    private @Nullable Path file;

    private Shoot() {}

    public static void main(String[] args) {
        var line = new CommandLine(new Shoot());
        line.setCaseInsensitiveEnumValuesAllowed(true);
        line.setParameterExceptionHandler((problem, _) -> {
            System.err.println("amber: " + problem.getMessage().toLowerCase(Locale.ROOT));
            System.err.println("Try: amber shoot --help");
            return 2;
        });
        line.setExecutionExceptionHandler((problem, _, _) -> {
            System.err.println("amber: " + problem.getMessage());
            return 1;
        });
        System.exit(line.execute(args));
    }

    @Override
    public Integer call() throws FileProblem {
        if (file != null && !Files.exists(file)) {
            throw new FileProblem(file + " is not there; check its name and folder.");
        }
        Shooting.shoot(view, java.util.Optional.ofNullable(file), at, output);
        System.out.println(output);
        return 0;
    }
}
