package amberlens.core.model.lineup;

import amberlens.core.material.layering.Layering;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** A project in which one shot lies by itself, with the rigs that move it: to look at its frames. */
public final class ShotAlone {
    private ShotAlone() {}

    /** The project without all other shots, and the shot without its fades. */
    public static Project of(Project project, Shot shot) {
        Layering whole = shot.layering().withEnter(Optional.empty()).withLeave(Optional.empty());
        List<Shot> left = Stream.concat(
                        Stream.of(shot.withLayering(whole)),
                        project.shots().stream()
                                .filter(other ->
                                        project.isRig(other) && !other.id().equals(shot.id())))
                .toList();
        return project.withShots(left);
    }
}
