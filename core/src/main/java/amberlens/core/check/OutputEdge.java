package amberlens.core.check;

import amberlens.core.edges.EdgeReport;
import amberlens.core.edges.Margin;
import amberlens.core.model.LineUp;
import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import amberlens.core.motion.Take;
import amberlens.core.time.FrameRate;
import amberlens.core.time.OutputTimes;
import amberlens.core.time.Timecode;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.DoubleStream;

/**
 * An edge that an output would show.
 *
 * @param shot whose edge it is
 * @param at where it is furthest open, a place on the line-up, in frames and also between two
 * @param margin how far
 */
public record OutputEdge(Shot shot, double at, Margin margin) {
    /** The edges that an output would show, one for each judged shot, in order of time. */
    public static List<OutputEdge> of(Project project, OutputTimes times) {
        return LineUp.inTime(project).stream()
                .filter(project::judges)
                .flatMap(shot -> of(project, shot, times).stream())
                .toList();
    }

    private static Optional<OutputEdge> of(Project project, Shot shot, OutputTimes times) {
        Take take = project.take(shot).shownBy(times, shot.start());
        EdgeReport report = EdgeReport.of(take);
        if (report.isSealed()) {
            return Optional.empty();
        }
        return DoubleStream.of(take.momentsOf(report.worstFrame()))
                .mapToObj(at -> new OutputEdge(
                        shot, shot.start() + at, Margin.of(take.edgePose(at), take.picture(), take.frame())))
                .min(Comparator.comparingDouble(edge -> edge.margin().framePx()));
    }

    /** Whose edge, how far, where and when. */
    public String words(FrameRate rate) {
        String time = Timecode.of((int) Math.floor(at), rate) + (at == Math.rint(at) ? "" : ", between two frames");
        if (margin.unseen().isPresent()) {
            return "\"" + shot.name() + "\" is not seen at " + time + ": " + margin.reason();
        }
        return String.format(
                Locale.ROOT,
                "\"%s\" shows %.1f px beyond the %s at %s",
                shot.name(),
                -margin.framePx(),
                margin.side().word(),
                time);
    }
}
