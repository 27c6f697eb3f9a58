package amberlens.desktop.inspector.camera;

import amberlens.core.motion.property.Group;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import amberlens.desktop.desk.state.Tools;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The groups of the Camera, in the order of its tabs. */
enum CameraGroup {
    /** The words of a title. */
    TITLE("Title", null),
    MOVE("Move", Group.POSE),
    DEPTH("Depth", Group.DEPTH),
    /** The planes of a still picture. */
    PLANES("Planes", null),
    LOOK("Look", Group.LOOK),
    LAYER("Layer", Group.LAYER);

    private final String words;
    private final @Nullable Group group;

    CameraGroup(String words, @Nullable Group group) {
        this.words = words;
        this.group = group;
    }

    /**
     * The one that is shown.
     *
     * @param ofTitle whether the selected shot shows a title
     * @param inPlanes whether the planes of its picture are available
     */
    static CameraGroup of(Tools tools, boolean ofTitle, boolean inPlanes) {
        if (inPlanes) {
            return PLANES;
        }
        return ofTitle && tools.title()
                ? TITLE
                : Stream.of(values())
                        .filter(one -> one.group == tools.group())
                        .findFirst()
                        .orElseThrow();
    }

    /** Brings it to the front. */
    void show(Tools tools) {
        if (this == PLANES) {
            tools.showPlanes();
        } else if (group == null) {
            tools.showTitle();
        } else {
            tools.show(group);
        }
    }

    String words() {
        return words;
    }

    /** Whether a property stands in it. */
    boolean shows(Property<?> property) {
        return property == Properties.PARALLAX ? this == PLANES : group == property.group();
    }
}
