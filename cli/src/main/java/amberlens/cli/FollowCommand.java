package amberlens.cli;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.words.Counted;
import amberlens.core.base.words.Figures;
import amberlens.core.edit.delivery.DeliveryEdits;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.Follow;
import amberlens.core.edit.edits.FollowWish;
import amberlens.core.edit.edits.Following;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.edit.edits.TrackEdits;
import amberlens.core.edit.edits.Tracked;
import amberlens.core.material.track.Track;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.media.pixels.PixelKey;
import amberlens.media.pixels.PixelLoader;
import amberlens.media.track.SubjectTracker;
import amberlens.media.track.Tracking;
import amberlens.project.ProjectFile;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;

/** Tracks a subject in the footage of a shot and lets the camera follow it. */
@Command(
        name = "follow",
        description = {
            "Tracks what is at a point of the footage of a shot, forwards and backwards, lets the camera keep it at its place, and writes the"
                    + " project with the track and the keys. No edge opens: where the picture ends, the subject leaves its place, and that is said.",
            "Exit code 1: there is nothing to follow, or it cannot be followed; nothing is written."
        },
        mixinStandardHelpOptions = true)
final class FollowCommand implements Callable<Integer> {
    @Parameters(paramLabel = "FILE", description = "The project.")
    private Path file = Path.of("");

    @Option(names = "--shot", required = true, paramLabel = "ID", description = "The shot, of footage.")
    private String shotId = "";

    @Option(
            names = "--from",
            required = true,
            paramLabel = "FRAME",
            description = "The frame of the shot in which the point is given, from 0.")
    private int from;

    @Option(
            names = "--point",
            required = true,
            paramLabel = "X,Y",
            converter = PointArgument.Parser.class,
            description = "Where the subject is in it, in source pixels.")
    private PointArgument point = new PointArgument(0, 0);

    @Option(
            names = "--around",
            paramLabel = "PX",
            description =
                    "How far around the point belongs to the subject, in source pixels; 6 %% of the shorter side if left out.")
    private @Nullable Double around;

    @Option(
            names = "--place",
            paramLabel = "X,Y",
            converter = PointArgument.Parser.class,
            description = "Where it should appear, in frame pixels; its place in that frame if left out.")
    private @Nullable PointArgument place;

    @Option(
            names = "--calm",
            paramLabel = "0-100",
            description = "Smoothness, from 0 (pinned to its place) to 100 (calmest); ${DEFAULT-VALUE} if left out.")
    private double calm;

    @Option(
            names = "--lead",
            paramLabel = "PERCENT",
            description = "Lead room in the direction of travel, in per cent of the frame's width, at most 30.")
    private double lead;

    @Option(names = "--closer", description = "Go closer where there is no room otherwise.")
    private boolean closer;

    @Mixin
    private final ProjectOutput output = new ProjectOutput();

    @Option(names = "--json", description = "Report the result as JSON.")
    private boolean json;

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec = CommandLine.Model.CommandSpec.create();

    @Override
    public Integer call() throws FileProblem {
        output.check(file);
        Project opened = ProjectFile.open(file);
        Project project = ProjectArgument.conformed(opened, spec.commandLine().getErr());
        Shot shot = ShotChoice.find(project, shotId, spec.commandLine());
        Media media = footage(project, shot);
        try {
            Optional<Track> found = track(project, shot, media);
            if (found.isEmpty()) {
                spec.commandLine().getErr().println("amber: cancelled; nothing was left behind.");
                return ExitCode.FAILED;
            }
            Track track = found.get();
            Following following = Follow.of(project, shot, track, wish(project, shot));
            Edit follow = Edit.all(
                    "follow subject",
                    List.of(
                            TrackEdits.keep(media.id(), track),
                            ShotEdits.setCamera("follow subject", shot.id(), following.camera())));
            ProjectArgument.save(DeliveryEdits.applied(follow, Optional.empty(), opened), output.or(file));
            report(shot, track, following);
            return ExitCode.DONE;
        } catch (IllegalArgumentException e) {
            spec.commandLine().getErr().println("amber: " + shot.id() + " does not follow: " + e.getMessage() + ".");
            return ExitCode.FAILED;
        }
    }

    private Media footage(Project project, Shot shot) {
        Media media = project.mediaOf(shot);
        CommandLine line = spec.commandLine();
        if (!media.moves()) {
            throw new ParameterException(line, shot.id() + " shows no footage; only what moves can be followed");
        }
        if (from < 0 || from >= shot.length()) {
            throw new ParameterException(line, "--from takes a frame of the shot, 0 to " + (shot.length() - 1));
        }
        boolean inside = point.x() >= 0
                && point.y() >= 0
                && point.x() <= media.size().width()
                && point.y() <= media.size().height();
        if (!inside) {
            throw new ParameterException(line, "--point must be inside the footage, which is " + media.size());
        }
        if (!(calm >= 0 && calm <= 100) || !(lead >= 0 && lead <= 100 * FollowWish.MOST_LEAD)) {
            throw new ParameterException(line, "--calm is 0 to 100 and --lead 0 to 30");
        }
        if (around != null && !(around > 0)) {
            throw new ParameterException(line, "--around takes a number of pixels above 0");
        }
        return media;
    }

    /** Empty when it was cancelled. */
    private Optional<Track> track(Project project, Shot shot, Media media) throws FileProblem {
        FrameSpan within = Tracked.sourceFrames(project, shot);
        double side = Math.min(media.size().width(), media.size().height());
        double radius = around != null ? around : SubjectTracker.USUAL_RADIUS * side;
        try (var workshop = new CommandResources();
                var pixels = new PixelLoader(workshop.rows);
                var progress = new TerminalProgress("Following")) {
            boolean[] goesOn = {true};
            Track track = new Tracking(frame -> pixels.load(PixelKey.of(media, frame)))
                    .begin(
                            TrackEdits.freshId(media),
                            "Subject",
                            Tracked.sourceFrame(project, shot, from),
                            new PicturePoint(point.x(), point.y()),
                            radius,
                            within,
                            draft -> {
                                goesOn[0] = progress.done(draft.last() - draft.first() + 1, within.length());
                                return goesOn[0];
                            });
            return goesOn[0] ? Optional.of(track) : Optional.empty();
        }
    }

    private FollowWish wish(Project project, Shot shot) {
        PicturePoint shown = Tracked.source(project, shot, new PicturePoint(point.x(), point.y()));
        PointArgument given = place;
        FramePoint wanted = given == null
                ? project.ride(shot).on(project.pose(shot, from), from).toFrame(shown)
                : new FramePoint(given.x(), given.y());
        return new FollowWish(wanted, calm / 100, lead / 100, closer);
    }

    private void report(Shot shot, Track track, Following following) {
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            var lines = new ProgressLines(out);
            lines.print(lines.event("follow")
                    .put("id", shot.id())
                    .put("track", track.id())
                    .put("keys", following.keys())
                    .put("confidence", track.confidence())
                    .put("unsure", following.unsure())
                    .put("furthest", following.furthest()));
            return;
        }
        out.println(shot.id() + "  followed with " + Counted.of(following.keys(), "key") + ", confidence "
                + Figures.fixed(100 * track.confidence(), 0) + " %");
        PrintWriter err = spec.commandLine().getErr();
        if (!track.weak().isEmpty()) {
            err.println("amber: uncertain in the footage's frames " + words(track.weak())
                    + "; mark it there in the application, or start from there.");
        }
        if (!following.limited().isEmpty()) {
            err.println("amber: the picture ends first in the frames " + words(following.limited())
                    + "; there it is up to " + Figures.fixed(following.furthest(), 0) + " px from its place"
                    + (following.closerBy().isPresent()
                            ? ". At " + Figures.fixed(100 * following.closerBy().getAsDouble(), 1)
                                    + " % of the scale there would be room (--closer)."
                            : "."));
        }
    }

    private static String words(List<FrameSpan> spans) {
        return spans.stream()
                .map(span -> span.length() == 1
                        ? String.valueOf(span.from())
                        : String.format(Locale.ROOT, "%d–%d", span.from(), span.to()))
                .collect(Collectors.joining(", "));
    }
}
