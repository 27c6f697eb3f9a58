package amberlens.desktop.camera;

import amberlens.core.motion.Pose;
import amberlens.core.motion.Property;

/** The numbers of a pose as the Camera shows them. */
final class PropertyNumbers {
    private PropertyNumbers() {}

    /**
     * One number of a property.
     *
     * @param part 0 for the only or horizontal number, 1 for the vertical one
     */
    static double of(Pose pose, Property property, int part) {
        return switch (property) {
            case SCALE -> part == 0 ? pose.scale().x() : pose.scale().y();
            case POSITION -> part == 0 ? pose.position().x() : pose.position().y();
            case ROTATION -> pose.degrees();
            case ANCHOR -> part == 0 ? pose.anchor().x() : pose.anchor().y();
            case OPACITY, SPEED -> throw new IllegalArgumentException("a pose has no " + property.word());
        };
    }
}
