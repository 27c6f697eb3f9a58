package amberlens.desktop.time.score;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.curve.Axis;
import amberlens.core.motion.property.Lane;
import amberlens.core.motion.property.Property;
import amberlens.core.motion.property.Unit;
import amberlens.desktop.desk.state.Desk;

/** The value of a property, short enough for the head of its lane. */
final class ValueText {
    private ValueText() {}

    static String of(Desk desk, Shot shot, Lane lane) {
        return of(desk, shot, lane.property(), lane.axis());
    }

    private static <V> String of(Desk desk, Shot shot, Property<V> property, Axis axis) {
        Project project = desk.document().project();
        V value = shot.camera().seen(property, desk.cursor().shotFrame());
        Unit unit = desk.unit(property, shot);
        Size picture = project.mediaOf(shot).size();
        int part = axis == Axis.Y ? 1 : 0;
        return axis == Axis.LINKED
                ? property.brief(value, unit, picture, project.frameSize())
                : property.briefNumber(property.kind().part(value, part), part, unit, picture, project.frameSize());
    }
}
