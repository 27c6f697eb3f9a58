package amberlens.core.edit.check;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.OutputTimes;
import amberlens.core.base.time.Timecode;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.edges.Margin;
import amberlens.core.material.planes.PlaneReport.Opening;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Take;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;

/**
 * Something that is not there and that an output would show: what lies beyond an edge, or behind a plane.
 *
 * @param shot whose it is
 * @param at where it is furthest open, a place on the line-up, in frames and also between two
 * @param margin how far, of an edge
 * @param behind what is seen, behind a plane
 */
public record OutputEdge(Shot shot, double at, Optional<Margin> margin, Optional<Opening> behind) {
    /** What an output would show, the edge of each judged shot and what is seen behind its planes, in order of time. */
    public static List<OutputEdge> of(Project project, OutputTimes times) {
        return LineUp.inTime(project).stream()
                .filter(project::judges)
                .flatMap(shot ->
                        Stream.concat(edge(project, shot, times).stream(), behind(project, shot, times).stream()))
                .toList();
    }

    private static Optional<OutputEdge> behind(Project project, Shot shot, OutputTimes times) {
        return ShotPlanes.of(project, shot, times)
                .worst()
                .map(opening ->
                        new OutputEdge(shot, shot.start() + opening.frame(), Optional.empty(), Optional.of(opening)));
    }

    private static Optional<OutputEdge> edge(Project project, Shot shot, OutputTimes times) {
        Take take = project.take(shot).shownBy(times, shot.start());
        EdgeReport report = EdgeReport.of(take);
        if (report.isSealed()) {
            return Optional.empty();
        }
        return DoubleStream.of(take.momentsOf(report.worstFrame()))
                .mapToObj(at -> new OutputEdge(
                        shot, shot.start() + at, Optional.of(EdgeReport.margin(take, at)), Optional.empty()))
                .min(Comparator.comparingDouble(
                        edge -> edge.margin.orElseThrow().framePx()));
    }

    /** Whose edge, how far, where and when. */
    public String words(FrameRate rate) {
        String time = Timecode.of((int) Math.floor(at), rate) + (at == Math.rint(at) ? "" : ", between two frames");
        return behind.map(opening -> "in \"" + shot.name() + "\" " + opening.words() + " at " + time)
                .orElseGet(() -> words(margin.orElseThrow(), time));
    }

    private String words(Margin edge, String time) {
        if (edge.unseen().isPresent()) {
            return "\"" + shot.name() + "\" shows the background at " + time + ": " + edge.reason();
        }
        return String.format(
                Locale.ROOT,
                "\"%s\" shows %.1f px beyond the %s at %s",
                shot.name(),
                -edge.framePx(),
                edge.side().word(),
                time);
    }
}
