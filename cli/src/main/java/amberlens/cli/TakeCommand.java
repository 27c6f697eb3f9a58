package amberlens.cli;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.words.Counted;
import amberlens.core.model.project.FileProblem;
import amberlens.exchange.cut.Probe;
import amberlens.exchange.cut.Taken;
import amberlens.exchange.take.TakeIn;
import amberlens.media.intake.MediaProbe;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Takes edits and moves of other programs in. */
@Command(
        name = "take",
        description = {
            "Makes a project of what another program has written: the line-up of an OpenTimelineIO timeline or a CMX 3600 edit list, with its media"
                    + " found near FILE; or one shot with the move of a table of keys (CSV) or of keys copied in Amber Lens.",
            "What cannot be imported is listed; the rest is imported."
        },
        mixinStandardHelpOptions = true)
final class TakeCommand implements Callable<Integer> {
    @Parameters(paramLabel = "FILE", description = "The file to import; its kind is detected from its content.")
    private Path file = Path.of("");

    @Option(names = "-o", required = true, paramLabel = "OUT", description = "The project, ending in .amber.")
    private Path output = Path.of("");

    @Option(
            names = "--media",
            paramLabel = "PICTURE",
            description = "The picture the move is for, with tables and copied keys.")
    private @Nullable Path media;

    @Option(
            names = "--frame",
            paramLabel = "WxH",
            description = "The frame's size (default: what FILE says, else 1920x1080).")
    private @Nullable Size frame;

    @Option(names = "--rate", paramLabel = "R", description = "Frames per second (default: what FILE says, else 25).")
    private @Nullable String rate;

    @Option(names = "--overwrite", description = "Replace OUT when it is there.")
    private boolean overwrite;

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec = CommandLine.Model.CommandSpec.create();

    @Override
    public Integer call() throws FileProblem {
        ProjectArgument.requireProject(output);
        ProjectArgument.requireFree(output, overwrite);
        var wishes = new TakeIn.Wishes(Optional.ofNullable(media), Optional.ofNullable(frame), rate());
        Taken taken = TakeIn.from(
                file,
                wishes,
                new Probe(
                        path -> MediaProbe.file(path).media(),
                        (first, rate) ->
                                MediaProbe.sequence(List.of(first), rate).media(),
                        MediaProbe::isFilm));
        ProjectArgument.save(taken.project(), output);
        taken.remarks().forEach(remark -> spec.commandLine().getErr().println("amber: " + remark));
        int shots = taken.project().shots().size();
        spec.commandLine().getOut().println(output + ": " + Counted.of(shots, "shot"));
        return ExitCode.DONE;
    }

    private Optional<FrameRate> rate() {
        try {
            return Optional.ofNullable(rate).map(FrameRate::typed);
        } catch (IllegalArgumentException e) {
            throw new CommandLine.ParameterException(spec.commandLine(), e.getMessage(), e);
        }
    }
}
