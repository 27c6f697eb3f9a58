package amberlens.core.edit.check;

import amberlens.core.base.geometry.PictureBox;
import amberlens.core.judge.edges.Judged;
import amberlens.core.judge.marks.MarkReport;
import amberlens.core.material.mark.Mark;
import amberlens.core.model.project.Media;
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
        Media media = project.mediaOf(shot);
        if (media.marks().isEmpty()) {
            return List.of();
        }
        Take take = project.take(shot, Judged.whole(media.size(), project.frameSize()));
        List<Cut> cut = new ArrayList<>();
        for (Mark mark : media.marks()) {
            PictureBox box = mark.box().mirrored(shot.settings().mirror(), media.size());
            report(mark, take, box).cut().forEach(where -> cut.add(new Cut(mark, where)));
        }
        return List.copyOf(cut);
    }

    private static MarkReport report(Mark mark, Take take, PictureBox box) {
        return switch (mark.keep()) {
            case RESTS -> MarkReport.atRests(take, box);
            case ALWAYS -> MarkReport.always(take, box);
            case OFF -> new MarkReport(List.of());
        };
    }
}
