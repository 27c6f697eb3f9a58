package amberlens.cli;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.words.Figures;
import amberlens.core.edit.delivery.DeliveryEdits;
import amberlens.core.edit.delivery.DeliveryFilm;
import amberlens.core.edit.delivery.Reframe;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.project.ProjectFile;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;

/** Finds framings for another shape of the frame. */
@Command(
        name = "reframe",
        description = {
            "Finds framings of every shot for another shape of the frame and writes the project: as much of the picture as the shot shows, around"
                    + " its subject, or else its middle, and sealed. Shots that have framings of their own there keep them.",
            "Exit code 3: no framings were found for a shot; it keeps following its main move there."
        },
        mixinStandardHelpOptions = true)
final class ReframeCommand implements Callable<Integer> {
    @Parameters(paramLabel = "FILE", description = "The project.")
    private Path file = Path.of("");

    @Mixin
    private final DeliveryOption delivery = new DeliveryOption();

    @Option(
            names = "--frame",
            paramLabel = "WxH",
            description = "Adds a delivery with a frame of this size, unless there is one, named by its shape.")
    private @Nullable Size size;

    @Option(names = "--shot", paramLabel = "ID", description = "Only this shot, also where it has framings of its own.")
    private @Nullable String shotId;

    @Option(names = "--again", description = "Also shots that have framings of their own there.")
    private boolean again;

    @Option(
            names = "--limit",
            paramLabel = "PERCENT",
            description = "The greatest enlargement that closing an edge may lead to; none if left out.")
    private double limit = Double.POSITIVE_INFINITY;

    @Mixin
    private final MarksOption marks = new MarksOption();

    @Mixin
    private final ProjectOutput output = new ProjectOutput();

    @Option(names = "--json", description = "Report the result of each shot as JSON, one object a line.")
    private boolean json;

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec = CommandLine.Model.CommandSpec.create();

    @Override
    public Integer call() throws FileProblem {
        if ((size == null) != delivery.isGiven()) {
            throw new ParameterException(spec.commandLine(), "either --delivery NAME or --frame WxH is needed");
        }
        if (!(limit > 0)) {
            throw new ParameterException(spec.commandLine(), "--limit takes a percentage above 0");
        }
        output.check(file);
        Project opened = ProjectFile.open(file);
        Project there = withDelivery(
                ProjectArgument.conformed(opened, spec.commandLine().getErr()));
        Delivery shape = shape(there);
        List<Shot> shots =
                shotId == null ? LineUp.inTime(there) : List.of(ShotChoice.find(there, shotId, spec.commandLine()));
        Project looked = looked(there, shots);
        var reframe = new Reframe(looked, shape, SealTerms.limit(limit));
        List<Reframe.Framed> framed = new ArrayList<>();
        boolean refused = false;
        for (Shot shot : shots) {
            boolean own = shot.settings().deliveries().containsKey(shape.id());
            if (own && !again && shotId == null) {
                continue;
            }
            Reframe.Result result = reframe.of(shot);
            if (result instanceof Reframe.Framed found) {
                framed.add(found);
            }
            refused |= result instanceof Reframe.Refused;
            report(there, shot, shape, result);
        }
        Project written = DeliveryEdits.reframe(shape.id(), framed)
                .apply(there)
                .withMedia(marks.noted(opened.media(), looked.media()));
        ProjectArgument.save(written, output.or(file));
        return refused ? ExitCode.OPEN_EDGE : ExitCode.DONE;
    }

    /** With what is found in the pictures of the shots; the others are left alone. */
    private Project looked(Project project, List<Shot> shots) {
        Set<String> wanted = shots.stream().map(Shot::media).collect(Collectors.toSet());
        try (var resources = new CommandResources()) {
            return marks.looked(project, wanted, resources.pictures);
        }
    }

    private Project withDelivery(Project project) {
        Size wanted = size;
        if (wanted == null || of(project, wanted) != null) {
            return project;
        }
        return DeliveryEdits.add("", wanted).apply(project);
    }

    private Delivery shape(Project project) {
        Delivery bySize = size == null ? null : of(project, size);
        return bySize != null
                ? bySize
                : delivery.of(project, spec.commandLine()).orElseThrow();
    }

    private static @Nullable Delivery of(Project project, Size size) {
        return project.deliveries().stream()
                .filter(one -> one.size().equals(size))
                .findFirst()
                .orElse(null);
    }

    private void report(Project project, Shot shot, Delivery shape, Reframe.Result result) {
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            var lines = new ProgressLines(out);
            var line = lines.event("shot").put("id", shot.id()).put("delivery", shape.id());
            lines.print(
                    switch (result) {
                        case Reframe.Framed framed ->
                            line.put("reframed", true).put("enlargement", enlargement(project, shape, framed));
                        case Reframe.Unneeded _ -> line.put("reframed", false);
                        case Reframe.Refused refused ->
                            line.put("reframed", false).put("reason", refused.reason());
                    });
            return;
        }
        switch (result) {
            case Reframe.Framed framed ->
                out.println(shot.id() + "  reframed for " + shape.name() + ", enlargement at most "
                        + Figures.fixed(enlargement(project, shape, framed), 1) + " %");
            case Reframe.Unneeded _ -> out.println(shot.id() + "  needs no other framings");
            case Reframe.Refused refused ->
                spec.commandLine()
                        .getErr()
                        .println("amber: " + shot.id() + " was not reframed for " + shape.name() + ": "
                                + refused.reason() + ".");
        }
    }

    private static double enlargement(Project project, Delivery shape, Reframe.Framed framed) {
        Project film = DeliveryFilm.of(
                DeliveryEdits.reframe(shape.id(), List.of(framed)).apply(project), shape);
        return Enlargement.greatest(film.take(film.shot(framed.shotId()).orElseThrow()))
                .percent();
    }
}
