package amberlens.desktop.picture.path;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.edit.edits.PathEdits;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.PathHandles;
import amberlens.core.motion.property.Lane;
import amberlens.core.motion.property.Properties;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.Palette;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;

/**
 * A handle of the position's path at a selected framing, wherever a view draws it.
 *
 * @param frame of the key, from the shot's first frame
 * @param offset from the key, in frame pixels
 */
public record PathGrip(int frame, PathEdits.End end, FramePoint offset) {
    private static final double RADIUS = 4;
    private static final Lane POSITION = Lane.of(Properties.POSITION);

    /** The handles to show: those of the selected keys of the position, and of the selected leg. */
    public static List<PathGrip> of(Desk desk, Shot shot) {
        var position = shot.camera().position();
        List<PathGrip> grips = new ArrayList<>();
        if (position.axes().isPresent()) {
            return grips;
        }
        for (Key<FramePoint> key : position.keys()) {
            boolean bent = !key.handles().equals(PathHandles.STRAIGHT);
            if (bent && selected(desk.cursor().selection().part(), key.at())) {
                add(grips, key.at(), PathEdits.End.IN, key.handles().in());
                add(grips, key.at(), PathEdits.End.OUT, key.handles().out());
            }
        }
        return grips;
    }

    private static void add(List<PathGrip> grips, int frame, PathEdits.End end, FramePoint offset) {
        if (!offset.equals(FramePoint.ZERO)) {
            grips.add(new PathGrip(frame, end, offset));
        }
    }

    private static boolean selected(Selection.Part part, int frame) {
        return switch (part) {
            case Selection.Framing framing -> framing.frame() == frame;
            case Selection.Keys keys -> keys.keys().contains(POSITION, frame);
            case Selection.LegFrom _ -> true;
            default -> false;
        };
    }

    /** Paints a handle and its line to the key, in pixels of the view. */
    public static void paint(GraphicsContext pen, FramePoint key, FramePoint handle) {
        pen.setStroke(Palette.PALE.colour());
        pen.setLineWidth(1.2);
        pen.strokeLine(key.x(), key.y(), handle.x(), handle.y());
        pen.setFill(Palette.PALE.colour());
        pen.fillOval(handle.x() - RADIUS, handle.y() - RADIUS, 2 * RADIUS, 2 * RADIUS);
        pen.setStroke(Palette.GROUND.colour());
        pen.setLineWidth(1);
        pen.strokeOval(handle.x() - RADIUS, handle.y() - RADIUS, 2 * RADIUS, 2 * RADIUS);
    }
}
