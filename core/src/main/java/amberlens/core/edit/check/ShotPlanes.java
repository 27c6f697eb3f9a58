package amberlens.core.edit.check;

import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.OutputTimes;
import amberlens.core.material.look.AppliedLooks;
import amberlens.core.material.planes.PlaneCheck;
import amberlens.core.material.planes.PlaneCheck.Instant;
import amberlens.core.material.planes.PlaneReport;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Ride;
import amberlens.core.motion.camera.Take;
import java.util.ArrayList;
import java.util.List;

/** What the frames of a shot see behind the planes of its picture. */
public final class ShotPlanes {
    private ShotPlanes() {}

    /** Looked at whenever its edges are; by the frame, or by the part of it that is judged. */
    public static PlaneReport of(Project project, Shot shot, Size judged) {
        return of(project, shot, project.take(shot), judged);
    }

    /** As an output sees it. */
    public static PlaneReport of(Project project, Shot shot, OutputTimes times) {
        Take take = project.take(shot).shownBy(times, shot.start());
        return of(project, shot, take, project.judged(shot).delivery());
    }

    private static PlaneReport of(Project project, Shot shot, Take when, Size judged) {
        if (!project.isInPlanes(shot) || !project.judges(shot)) {
            return PlaneReport.FLAT;
        }
        Media media = project.mediaOf(shot);
        Ride ride = project.ride(shot);
        ProjectiveMap mirrored = shot.settings().mirror().of(media.size());
        List<Instant> instants = new ArrayList<>();
        for (int frame = 0; frame < shot.length(); frame++) {
            for (double at : when.momentsOf(frame)) {
                instants.add(new Instant(
                        frame,
                        mirrored.then(ride.on(project.pose(shot, at), at).map()),
                        project.parallax(shot, at),
                        AppliedLooks.of(shot.looks(), shot.camera(), at).left()));
            }
        }
        return PlaneCheck.of(media.planes(), media.size(), project.frameSize(), judged, instants);
    }
}
