package amberlens.core.edit.check;

import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.material.mark.Mark;
import amberlens.core.material.planes.PlaneReport;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.pace.Pace;
import amberlens.core.motion.pace.PaceReport;
import java.util.List;

/**
 * All that is measured of one shot.
 *
 * @param judged whether its edges count: those of a rig are those of what it moves
 * @param planes what is seen behind the planes of its picture
 * @param cut the marks that are cut though they are to be kept
 * @param fastest the greatest pace between two of its frames
 * @param fastestFrame the first of those two frames
 */
public record ShotCheck(
        Shot shot,
        boolean judged,
        Take take,
        EdgeReport edges,
        PlaneReport planes,
        List<ShotMarks.Cut> cut,
        Enlargement enlargement,
        Pace fastest,
        int fastestFrame) {

    public static ShotCheck of(Project project, Shot shot) {
        Take take = project.take(shot);
        PaceReport paces = PaceReport.of(take);
        return new ShotCheck(
                shot,
                project.judges(shot),
                take,
                EdgeReport.of(take),
                ShotPlanes.of(project, shot, project.judged(shot).delivery()),
                ShotMarks.of(project, shot),
                project.isDrawn(shot) ? Enlargement.DRAWN : Enlargement.greatest(take),
                paces.greatest(),
                paces.fastest());
    }

    /** Whether no judged edge is open, and nothing is seen behind a plane that is not there; a shot that is not meant to fill the frame is not judged, nor is a rig by itself. */
    public boolean sealed() {
        return !judged || (edges.isSealed() && planes.isSealed());
    }

    /** Whether no mark that is always to be whole is cut. */
    public boolean keeps() {
        return cut.stream().noneMatch(one -> one.mark().keep() == Mark.Keep.ALWAYS);
    }

    /** The frame that is furthest open, at an edge or else behind a plane; the closest one where none is. */
    public int worstFrame() {
        return edges.isSealed()
                ? planes.worst().map(PlaneReport.Opening::frame).orElse(edges.worstFrame())
                : edges.worstFrame();
    }
}
