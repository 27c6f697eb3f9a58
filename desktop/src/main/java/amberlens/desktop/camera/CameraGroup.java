package amberlens.desktop.camera;

import amberlens.core.motion.Group;
import java.util.stream.Stream;

/** The groups of the Camera, in the order of its tabs. */
enum CameraGroup {
    MOVE("Move", Group.POSE),
    DEPTH("Depth", Group.DEPTH),
    LOOK("Look", Group.LOOK),
    LAYER("Layer", Group.LAYER);

    private final String words;
    private final Group group;

    CameraGroup(String words, Group group) {
        this.words = words;
        this.group = group;
    }

    static CameraGroup of(Group group) {
        return Stream.of(values()).filter(one -> one.group == group).findFirst().orElseThrow();
    }

    String words() {
        return words;
    }

    /** The properties it shows. */
    Group group() {
        return group;
    }
}
