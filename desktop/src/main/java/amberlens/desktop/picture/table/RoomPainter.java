package amberlens.desktop.picture.table;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.judge.edges.GateReach;
import amberlens.core.judge.edges.Judged;
import amberlens.core.judge.edges.Room;
import amberlens.core.motion.pose.Pose;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Fonts;
import amberlens.desktop.kit.style.Palette;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.Font;

/** Paints how far the gate can still go: the area for its centre at this scale and turn, and the room on each side. */
final class RoomPainter {
    private static final double AWAY = 22;

    private RoomPainter() {}

    static void paint(GraphicsContext pen, Judged judged, Pose pose, GateShape gate, TableView view) {
        Pose as = judged.of(pose);
        if (as.isFlat()) {
            reach(pen, judged, GateReach.of(as, judged.picture(), judged.delivery()), view);
        }
        Room room = Room.of(as, judged.picture(), judged.delivery());
        FramePoint across = unit(gate.corners().get(1).minus(gate.corners().get(0)));
        FramePoint down = unit(gate.corners().get(3).minus(gate.corners().get(0)));
        side(pen, gate, 3, 0, across.times(-1), room.left());
        side(pen, gate, 1, 2, across, room.right());
        side(pen, gate, 0, 1, down.times(-1), room.up());
        side(pen, gate, 2, 3, down, room.down());
    }

    private static void reach(GraphicsContext pen, Judged judged, GateReach reach, TableView view) {
        if (reach.isEmpty()) {
            return;
        }
        FramePoint from = view.toScreen(new PicturePoint(
                judged.area().left() + reach.left(), judged.area().top() + reach.top()));
        FramePoint to = view.toScreen(new PicturePoint(
                judged.area().left() + reach.right(), judged.area().top() + reach.bottom()));
        double width = Math.max(1, to.x() - from.x());
        double height = Math.max(1, to.y() - from.y());
        pen.setFill(Palette.faint(Palette.SEA.colour(), 0.12));
        pen.fillRect(from.x(), from.y(), width, height);
        pen.setStroke(Palette.faint(Palette.SEA.colour(), 0.9));
        pen.setLineWidth(1.2);
        pen.setLineDashes(2, 3);
        pen.strokeRect(from.x(), from.y(), width, height);
        pen.setLineDashes();
    }

    private static FramePoint unit(FramePoint way) {
        return way.times(1 / Math.max(1e-9, way.length()));
    }

    private static void side(
            GraphicsContext pen, GateShape gate, int first, int second, FramePoint outward, double room) {
        FramePoint middle =
                gate.corners().get(first).plus(gate.corners().get(second)).times(0.5);
        FramePoint at = middle.plus(outward.times(-AWAY));
        String text = Math.round(room) + " px";
        Font font = Fonts.numbers(11);
        double width = Brush.width(font, text) + 10;
        pen.setFill(Palette.faint(Palette.GROUND.colour(), 0.85));
        pen.fillRoundRect(at.x() - width / 2, at.y() - 8, width, 16, 4, 4);
        Brush.aligned(
                pen,
                font,
                room < -0.001 ? Palette.OPEN_TEXT.colour() : Palette.SEA.colour(),
                text,
                at.x(),
                at.y(),
                javafx.scene.text.TextAlignment.CENTER);
    }
}
