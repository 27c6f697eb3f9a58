package amberlens.cli;

import amberlens.core.edit.check.ShotCheck;
import amberlens.core.edit.delivery.DeliveryFilm;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Edges, enlargement and pace of every shot. */
@Command(
        name = "check",
        description =
                "Checks the edges, enlargement and pace of every shot, in the project's frame and in that of each delivery. Exit code 0: all sealed, 3:"
                        + " some edge open, or a mark cut that is always to be whole.",
        mixinStandardHelpOptions = true)
final class CheckCommand implements Callable<Integer> {
    @Parameters(paramLabel = "FILE", description = "The project.")
    private Path file = Path.of("");

    @Option(names = "--json", description = "Print JSON instead of text.")
    private boolean json;

    @Mixin
    private final DeliveryOption delivery = new DeliveryOption();

    @Option(names = "--progress", description = "Report progress on standard error as JSON, one object a line.")
    private boolean progress;

    @Option(names = "--frames", description = "Add every frame's pose and margin.")
    private boolean frames;

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec = CommandLine.Model.CommandSpec.create();

    @Override
    public Integer call() throws FileProblem {
        Project project = ProjectArgument.open(file, spec.commandLine().getErr());
        List<DeliveryFilm.Named> films = delivery.films(project, spec.commandLine());
        List<FilmCheck> checks = checked(films);
        var out = spec.commandLine().getOut();
        if (json) {
            out.println(CheckJson.of(checks, frames));
        } else {
            CheckText.print(checks, frames, out);
        }
        return checks.stream().allMatch(check -> check.sealed() && check.keeps()) ? ExitCode.DONE : ExitCode.OPEN_EDGE;
    }

    private List<FilmCheck> checked(List<DeliveryFilm.Named> films) {
        var lines = new ProgressLines(spec.commandLine().getErr());
        int of = films.stream().mapToInt(film -> film.film().shots().size()).sum();
        int done = 0;
        List<FilmCheck> checks = new ArrayList<>();
        for (DeliveryFilm.Named film : films) {
            List<ShotCheck> shots = new ArrayList<>();
            for (Shot shot : LineUp.inTime(film.film())) {
                shots.add(ShotCheck.of(film.film(), shot));
                done++;
                if (progress) {
                    lines.progress(done, of);
                }
            }
            checks.add(new FilmCheck(film, shots));
        }
        return checks;
    }
}
