package amberlens.core.edit.edits;

import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Project;
import amberlens.core.motion.keys.Flights;

/** Changes of the project as a whole. */
public final class ProjectEdits {
    private ProjectEdits() {}

    /** Gives the project another frame; moves keep their numbers, and flights fly about its middle. */
    public static Edit setFrame(FrameFormat frame) {
        return Edit.of("frame", project -> {
            Project framed = project.withFrame(frame);
            return frame.size().equals(project.frameSize())
                    ? framed
                    : framed.withShots(project.shots().stream()
                            .map(shot -> shot.withCamera(Flights.about(shot.camera(), frame.size())))
                            .toList());
        });
    }

    public static Edit rename(String name) {
        return Edit.of("rename project", project -> project.withName(name));
    }
}
