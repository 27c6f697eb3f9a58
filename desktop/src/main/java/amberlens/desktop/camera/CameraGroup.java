package amberlens.desktop.camera;

import amberlens.core.motion.Group;
import java.util.Optional;

/** The groups of the Camera, in the order of its tabs. */
enum CameraGroup {
    MOVE("Move", Optional.of(Group.POSE)),
    DEPTH("Depth", Optional.of(Group.DEPTH)),
    LOOK("Look", Optional.empty()),
    LAYER("Layer", Optional.of(Group.LAYER));

    private final String words;
    private final Optional<Group> group;

    CameraGroup(String words, Optional<Group> group) {
        this.words = words;
        this.group = group;
    }

    String words() {
        return words;
    }

    /** The properties it shows; none for what has no properties of its own. */
    Optional<Group> group() {
        return group;
    }
}
