package amberlens.cli;

import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.exchange.MoveFormat;
import amberlens.exchange.MoveOut;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;

/** Hands a shot's move on to other programs. */
@Command(
        name = "move",
        description = {
            "Writes the move of a shot in a format for other programs: where its picture is in every frame. Legs that the format does"
                    + " not know are sampled to within 0.1 px. Looks, fades and opacity are not part of a move.",
            "css: a web page; svg: an SVG animation; lottie: a Lottie animation; csv: pose and map of every frame; ffmpeg: a filter script;"
                    + " otio: an OpenTimelineIO timeline, of the whole line-up when no shot is named."
        },
        mixinStandardHelpOptions = true)
final class MoveCommand implements Callable<Integer> {
    /** The formats by their names. */
    static final class Names implements Iterable<String> {
        @Override
        public Iterator<String> iterator() {
            return Arrays.stream(MoveFormat.values()).map(MoveFormat::id).iterator();
        }
    }

    @Parameters(paramLabel = "FILE", description = "The project.")
    private Path file = Path.of("");

    @Option(names = "--shot", paramLabel = "ID", description = "The shot whose move is exported.")
    private @Nullable String shotId;

    @Option(
            names = "--as",
            required = true,
            paramLabel = "FORMAT",
            completionCandidates = Names.class,
            description = "One of: ${COMPLETION-CANDIDATES}.")
    private MoveFormat format = MoveFormat.CSS;

    @Option(names = "-o", required = true, paramLabel = "OUT", description = "Where to write.")
    private Path output = Path.of("");

    @Mixin
    private final DeliveryOption delivery = new DeliveryOption();

    @Option(names = "--overwrite", description = "Replace OUT when it is there.")
    private boolean overwrite;

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec = CommandLine.Model.CommandSpec.create();

    @Override
    public Integer call() throws FileProblem {
        boolean whole = shotId == null;
        if (whole && format != MoveFormat.OTIO) {
            throw new ParameterException(spec.commandLine(), "--as " + format.id() + " needs --shot ID");
        }
        Project project =
                delivery.film(ProjectArgument.open(file, spec.commandLine().getErr()), spec.commandLine());
        ProjectArgument.requireNotSource(output, file, project);
        ProjectArgument.requireFree(output, overwrite);
        List<String> notes = shotId == null
                ? MoveOut.lineUp(project, output)
                : MoveOut.write(project, ShotChoice.find(project, shotId, spec.commandLine()), format, output);
        spec.commandLine().getOut().println(output);
        notes.forEach(spec.commandLine().getErr()::println);
        return ExitCode.DONE;
    }
}
