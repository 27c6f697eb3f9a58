package amberlens.cli;

import amberlens.core.edit.delivery.DeliveryEdits;
import amberlens.core.edit.delivery.DeliveryFilm;
import amberlens.core.edit.edits.CarryEdits;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.LinkedMoves;
import amberlens.core.edit.edits.PlaneSeal;
import amberlens.core.edit.edits.SealEdits;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.material.mark.Mark;
import amberlens.core.material.planes.Plane;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.project.ProjectFile;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Closes open edges and writes the project. */
@Command(
        name = "seal",
        description =
                "Closes the open edges of the shots, in every delivery too, and writes the project. Exit code 3: a shot cannot be sealed;"
                        + " it stays unchanged.",
        mixinStandardHelpOptions = true)
final class SealCommand implements Callable<Integer> {
    @Parameters(paramLabel = "FILE", description = "The project.")
    private Path file = Path.of("");

    @Option(names = "--shot", paramLabel = "ID", description = "Only this shot.")
    private @Nullable String shotId;

    @Option(
            names = "--by",
            paramLabel = "WAY",
            description =
                    "lift: one zoom factor on the whole move, which keeps every gate centre and ease (default)."
                            + " shift: positions only, no zoom. least: scale and position together, changed as little as will do.")
    private SealWay way = SealWay.LIFT;

    @Mixin
    private final DeliveryOption delivery = new DeliveryOption();

    @Option(names = "--add-key", description = "Add one key where the keys there are cannot close an edge.")
    private boolean mayAddKey;

    @Option(
            names = "--limit",
            paramLabel = "PERCENT",
            description = "The greatest enlargement allowed (default: ${DEFAULT-VALUE}).")
    private double limit = Enlargement.UNNOTICED;

    @Mixin
    private final ProjectOutput output = new ProjectOutput();

    @Option(names = "--json", description = "Report the result of each shot as JSON, one object a line.")
    private boolean json;

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec = CommandLine.Model.CommandSpec.create();

    @Override
    public Integer call() throws FileProblem {
        if (!(limit > 0)) {
            throw new CommandLine.ParameterException(spec.commandLine(), "--limit takes a percentage above 0");
        }
        output.check(file);
        Project opened = ProjectFile.open(file);
        Project there = ProjectArgument.conformed(opened, spec.commandLine().getErr());
        Project project = there;
        List<Shot> shots =
                shotId == null ? leadersFirst(project) : List.of(ShotChoice.find(project, shotId, spec.commandLine()));
        boolean refused = false;
        for (DeliveryFilm.Named shape : delivery.films(there, spec.commandLine())) {
            Optional<String> id = shape.delivery().map(Delivery::id);
            var film = new DeliveryFilm(id.orElse(""));
            for (Shot before : shots) {
                Project seen = film.of(project);
                Shot shot = seen.shot(before.id()).orElseThrow();
                SealResult result =
                        SealEdits.seal(seen, shot, way, SealTerms.limit(limit).withMayAddKey(mayAddKey));
                report(shape, shot, result);
                SealEdits.cuts(seen, shot, result).forEach(mark -> reportCut(shape, shot, mark));
                refused |= result instanceof SealResult.Refused;
                if (result instanceof SealResult.Sealed sealed) {
                    Edit accepted = DeliveryEdits.inAllShapes(SealEdits.accept(shot, way, sealed), id);
                    project = CarryEdits.apply(accepted, project);
                }
                project = planesSealed(project, film, before.id(), shape, id);
            }
        }
        if (output.isElsewhere() || project != there) {
            Project written = project.withMedia(withPlanes(opened.media(), there.media(), project.media()));
            ProjectArgument.save(written, output.or(file));
        }
        return refused ? ExitCode.OPEN_EDGE : ExitCode.DONE;
    }

    /** The media as the file has them, with other planes where they were changed. */
    private static List<Media> withPlanes(List<Media> written, List<Media> before, List<Media> after) {
        List<Media> media = new ArrayList<>();
        for (int i = 0; i < written.size(); i++) {
            List<Plane> planes = after.get(i).planes();
            boolean changed = !before.get(i).planes().equals(planes);
            media.add(changed ? written.get(i).withPlanes(planes) : written.get(i));
        }
        return media;
    }

    /** After the edges, for the moves that came of it, what is seen behind planes. */
    private Project planesSealed(
            Project project, DeliveryFilm film, String shotId, DeliveryFilm.Named shape, Optional<String> delivery) {
        Project seen = film.of(project);
        Shot shot = seen.shot(shotId).orElseThrow();
        Optional<PlaneSeal> planes = PlaneSeal.of(seen, shot);
        planes.ifPresent(found -> {
            if (json) {
                var lines = new ProgressLines(spec.commandLine().getOut());
                lines.print(lines.event("planes").put("id", shot.id()).put("done", found.words()));
            } else {
                spec.commandLine().getOut().println(whose(shape, shot) + "  planes: " + found.words());
            }
        });
        return planes.map(found -> DeliveryEdits.applied(found.edit(), delivery, project))
                .orElse(project);
    }

    private static String whose(DeliveryFilm.Named shape, Shot shot) {
        return shot.id() + shape.delivery().map(found -> " in " + found.name()).orElse("");
    }

    private static ObjectNode described(ObjectNode line, SealResult result) {
        return switch (result) {
            case SealResult.AlreadySealed _ -> line.put("sealed", true).put("changed", false);
            case SealResult.Sealed sealed ->
                line.put("sealed", true)
                        .put("changed", true)
                        .put("scalePercent", sealed.cost().scalePercent())
                        .put("shiftPx", sealed.cost().shiftPx())
                        .put("enlargement", sealed.cost().enlargement());
            case SealResult.Refused refused -> line.put("sealed", false).put("reason", refused.reason());
        };
    }

    /** In order of time, but whoever is followed before those that follow; rigs after the shots that they move. */
    private static List<Shot> leadersFirst(Project project) {
        List<Shot> shots = new ArrayList<>(LineUp.inTime(project));
        shots.sort(Comparator.comparing(project::isRig).thenComparingInt(shot -> LinkedMoves.depth(project, shot)));
        return shots;
    }

    /** A lift knows nothing of marks. */
    private void reportCut(DeliveryFilm.Named shape, Shot shot, Mark mark) {
        spec.commandLine()
                .getErr()
                .println("amber: " + whose(shape, shot) + " cuts the "
                        + mark.kind().word() + " " + mark.id() + ", which is always to be whole; --by least keeps it.");
    }

    private void report(DeliveryFilm.Named shape, Shot shot, SealResult result) {
        if (json) {
            var lines = new ProgressLines(spec.commandLine().getOut());
            ObjectNode line = lines.event("shot").put("id", shot.id());
            shape.delivery().ifPresent(found -> line.put("delivery", found.id()));
            lines.print(described(line, result));
            return;
        }
        PrintWriter out = spec.commandLine().getOut();
        String whose = whose(shape, shot);
        switch (result) {
            case SealResult.AlreadySealed _ -> out.println(whose + "  is sealed already");
            case SealResult.Sealed sealed ->
                out.printf(
                        Locale.ROOT,
                        "%s  sealed: %+.2f %% scale, shift at most %.1f px, enlargement at most %.1f %%%s%n",
                        whose,
                        sealed.cost().scalePercent(),
                        sealed.cost().shiftPx(),
                        sealed.cost().enlargement(),
                        sealed.addedKey().isPresent()
                                ? ", one key added at frame "
                                        + sealed.addedKey().getAsInt()
                                : "");
            case SealResult.Refused refused ->
                spec.commandLine().getErr().println("amber: " + whose + " stays open: " + refused.reason() + ".");
        }
    }
}
