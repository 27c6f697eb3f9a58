package amberlens.cli;

import amberlens.core.edit.check.CheckWords;
import amberlens.core.edit.check.ShotCheck;
import amberlens.core.edit.delivery.DeliveryFilm;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.media.export.FrameSource;
import amberlens.media.proof.Proof;
import amberlens.project.ProjectFile;
import java.nio.file.Path;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** The proof of a project. */
@Command(
        name = "sheet",
        description =
                "Writes the proof: a page with pictures, margins, enlargement and pace of every shot, and what was judged. Exit code 0: all"
                        + " sealed, 3: some edge open.",
        mixinStandardHelpOptions = true)
final class SheetCommand implements Callable<Integer> {
    @Parameters(paramLabel = "FILE", description = "The project.")
    private Path file = Path.of("");

    @Option(names = "-o", required = true, paramLabel = "OUT.html", description = "The page to write.")
    private Path output = Path.of("");

    @Mixin
    private final DeliveryOption delivery = new DeliveryOption();

    @Option(names = "--overwrite", description = "Replace an existing file.")
    private boolean overwrite;

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec = CommandLine.Model.CommandSpec.create();

    @Override
    public Integer call() throws FileProblem {
        var err = spec.commandLine().getErr();
        ProjectFile.Opened opened = ProjectFile.openWithStamp(file);
        Project whole = ProjectArgument.conformed(opened.project(), err);
        Project project = delivery.of(whole, spec.commandLine())
                .map(shape -> DeliveryFilm.of(whole, shape).withName(whole.name() + " " + shape.name()))
                .orElse(whole);
        ProjectArgument.requireNotSource(output, file, project);
        ProjectArgument.requireFree(output, overwrite);
        var origin = new Proof.Origin(
                Optional.ofNullable(file.getFileName()).map(Path::toString),
                Optional.of(opened.stamp().hash()),
                ZonedDateTime.now());
        try (var workshop = new CommandResources();
                var progress = new TerminalProgress()) {
            var frames = new FrameSource(project, workshop.pictures, workshop.rows);
            List<Proof.Shape> shapes = delivery.isGiven() ? List.of() : shapes(whole);
            Optional<List<ShotCheck>> checks = new Proof(project, origin, shapes).write(output, frames, progress);
            if (checks.isEmpty()) {
                err.println("amber: cancelled; nothing was left behind.");
                return ExitCode.FAILED;
            }
            spec.commandLine().getOut().println(output + ": " + CheckWords.verdict(checks.get()));
            shapes.forEach(shape ->
                    spec.commandLine().getOut().println(output + ": in " + shape.name() + ": " + shape.words()));
            boolean sealed = checks.get().stream().allMatch(ShotCheck::sealed)
                    && shapes.stream().allMatch(Proof.Shape::sealed);
            return sealed ? ExitCode.DONE : ExitCode.OPEN_EDGE;
        }
    }

    /** What is found of the film in its deliveries, as check finds it. */
    private static List<Proof.Shape> shapes(Project whole) {
        return whole.deliveries().stream()
                .map(shape -> {
                    Project film = DeliveryFilm.of(whole, shape);
                    return Proof.Shape.of(
                            shape.name(),
                            film.shots().stream()
                                    .map(shot -> ShotCheck.of(film, shot))
                                    .toList());
                })
                .toList();
    }
}
