package amberlens.desktop.time.score;

import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Axis;
import amberlens.core.motion.property.Lane;
import amberlens.core.motion.property.Property;

/** The value of a property, short enough for the head of its lane. */
final class ValueText {
    private ValueText() {}

    static String of(CameraTrack camera, int frame, Lane lane) {
        return of(camera, frame, lane.property(), lane.axis());
    }

    private static <V> String of(CameraTrack camera, int frame, Property<V> property, Axis axis) {
        V value = camera.seen(property, frame);
        return axis == Axis.LINKED
                ? property.brief(value)
                : property.briefNumber(property.kind().part(value, axis == Axis.Y ? 1 : 0));
    }
}
