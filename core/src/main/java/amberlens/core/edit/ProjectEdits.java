package amberlens.core.edit;

import amberlens.core.model.FrameFormat;

/** Changes of the project as a whole. */
public final class ProjectEdits {
    private ProjectEdits() {}

    /** Gives the project another frame; moves keep their numbers. */
    public static Edit setFrame(FrameFormat frame) {
        return Edit.of("frame", project -> project.withFrame(frame));
    }

    public static Edit rename(String name) {
        return Edit.of("project name", project -> project.withName(name));
    }
}
