package amberlens.cli;

import amberlens.core.base.words.Counted;
import amberlens.core.model.project.FileProblem;
import amberlens.media.export.ExportFormat;
import amberlens.media.export.Originals;
import amberlens.media.film.FilmCodec;
import amberlens.media.film.JoinedFilm;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;

/** Puts pieces of a film together. */
@Command(
        name = "join",
        description = {
            "Joins the pieces of a film rendered with render --part, without re-encoding.",
            "Pieces may be given in any order; a missing or foreign piece is named."
        },
        mixinStandardHelpOptions = true)
final class JoinCommand implements Callable<Integer> {
    @Parameters(paramLabel = "PIECE", arity = "1..*", description = "All pieces of one film.")
    private List<Path> pieces = List.of();

    @Option(names = "-o", required = true, paramLabel = "OUT", description = "The film, of the same format.")
    private Path output = Path.of("");

    @Option(names = "--overwrite", description = "Replace OUT when it is there.")
    private boolean overwrite;

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec = CommandLine.Model.CommandSpec.create();

    @Override
    public Integer call() throws FileProblem {
        FilmCodec codec = ExportFormat.byEnding(output)
                .flatMap(ExportFormat::film)
                .orElseThrow(() -> new ParameterException(
                        spec.commandLine(), output + " has no ending of a film, like .mp4, .webm, .mov or .mkv"));
        Originals.of(pieces).spare(output);
        ProjectArgument.requireFree(output, overwrite);
        try (var _ = new NothingLeft()) {
            int frames = JoinedFilm.join(pieces, output, codec);
            spec.commandLine().getOut().println(output + ": " + Counted.of(frames, "frame"));
        }
        return ExitCode.DONE;
    }
}
