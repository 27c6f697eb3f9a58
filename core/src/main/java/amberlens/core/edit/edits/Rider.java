package amberlens.core.edit.edits;

import amberlens.core.material.look.Look;
import amberlens.core.material.look.LookKinds;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import java.util.ArrayList;
import java.util.List;

/** What can ride on a track instead of the camera. */
public sealed interface Rider {
    /** In words. */
    String words();

    /** Another shot that lies above at the same time, as an inset or a title does. */
    record Above(String shotId, String words) implements Rider {}

    /** A mask or a spotlight of the shot itself. */
    record OfMask(Look look, String words) implements Rider {}

    /** All that can ride on a track of what a shot shows. */
    static List<Rider> of(Project project, Shot shot) {
        List<Rider> riders = new ArrayList<>();
        for (Shot other : project.shots()) {
            boolean together = other.onLineUp().from() <= shot.onLineUp().to()
                    && other.onLineUp().to() >= shot.onLineUp().from();
            if (other.track() > shot.track() && together && !project.isRig(other)) {
                riders.add(new Above(other.id(), other.name()));
            }
        }
        for (Look look : shot.looks()) {
            if (look.kind().equals(LookKinds.MASK)) {
                riders.add(new OfMask(look, look.words()));
            }
        }
        return riders;
    }
}
