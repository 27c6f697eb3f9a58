package amberlens.cli;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.Timecode;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Project;
import amberlens.core.render.frame.RenderedFrame;
import amberlens.media.export.ExportCheck;
import amberlens.media.export.FrameSource;
import amberlens.media.film.StillFile;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** One output frame of the line-up. */
@Command(
        name = "frame",
        description = "Writes one output frame of the line-up as a PNG, or as a TIFF of 16 bits.",
        mixinStandardHelpOptions = true)
final class FrameCommand implements Callable<Integer> {
    @Parameters(paramLabel = "FILE", description = "The project.")
    private Path file = Path.of("");

    @Option(
            names = "--at",
            required = true,
            paramLabel = "FRAME|TIMECODE",
            description = "For example 56 or 00:00:02:06.")
    private String at = "";

    @Option(
            names = "-o",
            required = true,
            paramLabel = "OUT.png",
            description = "The picture to write, a .png or a .tif.")
    private Path output = Path.of("");

    @Option(names = "--size", paramLabel = "WxH", description = "Another size of the same shape.")
    private @Nullable Size size;

    @Mixin
    private final DeliveryOption delivery = new DeliveryOption();

    @Option(names = "--overwrite", description = "Replace an existing file.")
    private boolean overwrite;

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec = CommandLine.Model.CommandSpec.create();

    @Override
    public Integer call() throws FileProblem {
        Project project =
                delivery.film(ProjectArgument.open(file, spec.commandLine().getErr()), spec.commandLine());
        StillFile.Kind kind = kind();
        ProjectArgument.requireNotSource(output, file, project);
        int frame = frame(project);
        Size wanted = size == null ? project.frameSize() : size;
        ExportCheck.checkShape(project.frameSize(), wanted);
        ProjectArgument.requireFree(output, overwrite);
        try (var workshop = new CommandResources()) {
            var source = new FrameSource(project, workshop.pictures, workshop.rows);
            RenderedFrame rendered =
                    kind == StillFile.Kind.TIFF ? source.deepFrame(frame, wanted, false) : source.frame(frame, wanted);
            StillFile.write(rendered, kind, output);
        }
        return ExitCode.DONE;
    }

    private StillFile.Kind kind() throws FileProblem {
        return StillFile.Kind.byEnding(output)
                .orElseThrow(() -> new FileProblem(
                        output + " has no ending of a picture that is written here; end it in" + " .png or .tif."));
    }

    private int frame(Project project) {
        int length = LineUp.length(project);
        try {
            int frame = Timecode.parse(at, project.frame().rate());
            if (frame >= length) {
                throw new IllegalArgumentException(
                        length == 0 ? "the line-up has no shot" : "the line-up has the frames 0 to " + (length - 1));
            }
            return frame;
        } catch (IllegalArgumentException e) {
            throw new CommandLine.ParameterException(spec.commandLine(), "--at " + at + ": " + e.getMessage(), e);
        }
    }
}
