package amberlens.core.edit.check;

import amberlens.core.judge.edges.Judged;
import amberlens.core.judge.marks.MarkReport;
import amberlens.core.material.mark.Mark;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Take;
import java.util.ArrayList;
import java.util.List;

/** Which marks of a shot's picture are cut, of those of which something is asked. */
public final class ShotMarks {
    private ShotMarks() {}

    /** A mark that is cut, and where. */
    public record Cut(Mark mark, MarkReport.Cut where) {}

    /** Those of a shot as it is seen in the project's frame, mark by mark, in time. */
    public static List<Cut> of(Project project, Shot shot) {
        List<Mark> marks = project.marks(shot);
        if (marks.isEmpty()) {
            return List.of();
        }
        Take take = take(project, shot);
        List<Cut> cut = new ArrayList<>();
        for (Mark mark : marks) {
            report(mark, take).cut().forEach(where -> cut.add(new Cut(mark, where)));
        }
        return List.copyOf(cut);
    }

    /** A shot as its marks are judged: in the whole frame. */
    public static Take take(Project project, Shot shot) {
        return project.take(shot, Judged.whole(project.mediaOf(shot).size(), project.frameSize()));
    }

    private static MarkReport report(Mark mark, Take take) {
        return switch (mark.keep()) {
            case RESTS -> MarkReport.atRests(take, mark.box());
            case ALWAYS -> MarkReport.always(take, mark.box());
            case OFF -> new MarkReport(List.of());
        };
    }
}
