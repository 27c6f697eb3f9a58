package amberlens.core.edit.edits;

import amberlens.core.base.extras.Extras;
import amberlens.core.judge.edges.Refit;
import amberlens.core.model.project.FreshIds;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Rigs: moves laid over several shots at once. */
public final class RigEdits {
    private RigEdits() {}

    /**
     * Lays a rig that does nothing yet over shots, from the first frame of the earliest to the last of the latest, on a track above all.
     *
     * @param shotIds at least one shot of the project
     */
    public static Edit lay(Set<String> shotIds) {
        return Edit.of("add rig over " + shotIds.size() + (shotIds.size() == 1 ? " shot" : " shots"), project -> {
            List<Shot> below = LineUpEdits.chosen(project, shotIds);
            if (below.isEmpty()) {
                return project;
            }
            int start = below.stream().mapToInt(Shot::start).min().orElseThrow();
            int end = below.stream()
                    .mapToInt(shot -> shot.start() + shot.length())
                    .max()
                    .orElseThrow();
            Project with = withRigMedia(project);
            Media media = rigMedia(with).orElseThrow();
            String id = FreshIds.next("s", with.shots().stream().map(Shot::id).toList());
            CameraTrack still = CameraTrack.still(Refit.ONE_TO_ONE.pose(media.size(), with.frameSize()));
            var shots = new ArrayList<>(with.shots());
            shots.add(new Shot(
                    id,
                    "Rig",
                    media.id(),
                    LineUp.tracks(with) + 1,
                    start,
                    Math.min(end - start, Shot.LONGEST),
                    false,
                    still,
                    Extras.NONE));
            return with.withShots(shots);
        });
    }

    private static Optional<Media> rigMedia(Project project) {
        return project.media().stream()
                .filter(media -> media.kind() == Media.Kind.RIG && media.size().equals(project.frameSize()))
                .findFirst();
    }

    private static Project withRigMedia(Project project) {
        if (rigMedia(project).isPresent()) {
            return project;
        }
        var media = new ArrayList<>(project.media());
        String id = FreshIds.next("m", media.stream().map(Media::id).toList());
        media.add(Media.rig(id, project.frameSize()));
        return project.withMedia(media);
    }
}
