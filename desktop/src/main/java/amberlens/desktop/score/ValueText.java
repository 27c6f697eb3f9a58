package amberlens.desktop.score;

import amberlens.core.motion.Axis;
import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.Lane;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Property;
import java.util.Locale;

/** The value of a property, short enough for the head of its lane. */
final class ValueText {
    private ValueText() {}

    static String of(CameraTrack camera, int frame, Lane lane) {
        return switch (lane.property()) {
            case OPACITY -> text("%.0f %%", camera.opacity().at(frame));
            case SPEED -> text("%.0f %%", camera.speed().at(frame));
            default -> of(camera.at(frame), lane);
        };
    }

    private static String of(Pose pose, Lane lane) {
        boolean y = lane.axis() == Axis.Y;
        return switch (lane.axis() == Axis.LINKED ? null : lane.property()) {
            case SCALE -> text("%.1f %%", y ? pose.scale().y() : pose.scale().x());
            case POSITION ->
                text("%.1f", y ? pose.position().y() : pose.position().x());
            case ANCHOR -> text("%.1f", y ? pose.anchor().y() : pose.anchor().x());
            case null, default -> of(pose, lane.property());
        };
    }

    private static String of(Pose pose, Property property) {
        return switch (property) {
            case SCALE ->
                pose.scale().x() == pose.scale().y()
                        ? text("%.1f %%", pose.scale().x())
                        : text("%.0f, %.0f %%", pose.scale().x(), pose.scale().y());
            case POSITION ->
                text("%.0f, %.0f", pose.position().x(), pose.position().y());
            case ROTATION -> text("%.1f°", pose.degrees());
            case ANCHOR -> text("%.0f, %.0f", pose.anchor().x(), pose.anchor().y());
            case OPACITY, SPEED -> "";
        };
    }

    private static String text(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
