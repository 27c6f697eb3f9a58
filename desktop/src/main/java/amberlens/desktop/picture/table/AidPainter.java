package amberlens.desktop.picture.table;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.ready.Place;
import amberlens.core.judge.aim.Closest;
import amberlens.core.motion.pose.Pose;
import amberlens.desktop.desk.state.Tools;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Fonts;
import amberlens.desktop.kit.style.Palette;
import amberlens.desktop.picture.handling.Pivot;
import java.util.Locale;
import javafx.scene.canvas.GraphicsContext;

/** Paints what helps a hand: lines that something snaps to, the subject, ghosts of gates, the line or box being drawn. */
final class AidPainter {
    private AidPainter() {}

    /** The lines of the picture that the gate has snapped to. */
    static void snapLines(GraphicsContext pen, Tools viewing, TableView view, double width, double height) {
        pen.setStroke(Palette.SEA.colour());
        pen.setLineWidth(1);
        for (Tools.Line line : viewing.snapLines()) {
            FramePoint at = view.toScreen(new PicturePoint(line.at(), line.at()));
            if (line.vertical()) {
                pen.strokeLine(at.x(), 0, at.x(), height);
            } else {
                pen.strokeLine(0, at.y(), width, at.y());
            }
        }
    }

    /** The point of the picture that matters: a ring with a dot, told from the anchor's cross by its shape. */
    static void subject(GraphicsContext pen, FramePoint at) {
        for (boolean shade : new boolean[] {true, false}) {
            pen.setStroke(shade ? Palette.faint(Palette.GROUND.colour(), 0.8) : Palette.SEA.colour());
            pen.setLineWidth(shade ? 3.6 : 1.8);
            pen.strokeOval(at.x() - 7, at.y() - 7, 14, 14);
        }
        pen.setFill(Palette.SEA.colour());
        pen.fillOval(at.x() - 2, at.y() - 2, 4, 4);
    }

    /** The closest framing at the limit, as a dotted gate. */
    static void closest(GraphicsContext pen, Pose pose, double limit, Size frame, TableView view) {
        GateShape ghost = GateShape.of(Closest.pose(pose, limit, frame), frame, view);
        pen.setStroke(Palette.faint(Palette.GROUND.colour(), 0.8));
        pen.setLineWidth(2.6);
        CornerLines.stroke(pen, ghost.corners());
        pen.setStroke(Palette.PALE.colour());
        pen.setLineWidth(1.4);
        pen.setLineDashes(1.5, 4);
        CornerLines.stroke(pen, ghost.corners());
        pen.setLineDashes();
        FramePoint corner = ghost.corners().get(2);
        String text = String.format(Locale.ROOT, "%.0f %%", limit);
        double width = Brush.width(Fonts.numbers(10.5), text) + 8;
        pen.setFill(Palette.faint(Palette.GROUND.colour(), 0.85));
        pen.fillRoundRect(corner.x() - width, corner.y() + 2, width, 14, 4, 4);
        Brush.text(pen, Fonts.numbers(10.5), Palette.PALE.colour(), text, corner.x() - width + 4, corner.y() + 9);
    }

    /** Where the gate was before it turned, and what it turns about. */
    static void turnGhost(GraphicsContext pen, Pose before, Pose now, Size frame, TableView view) {
        pen.setStroke(Palette.faint(Palette.AMBER.colour(), 0.45));
        pen.setLineWidth(1.2);
        pen.setLineDashes(3, 3);
        CornerLines.stroke(pen, GateShape.of(before, frame, view).corners());
        pen.setLineDashes();
        FramePoint pivot = view.toScreen(before.toPicture(Pivot.of(before, frame)));
        for (Pose pose : new Pose[] {before, now}) {
            FramePoint corner = GateShape.of(pose, frame, view).corners().get(1);
            pen.strokeLine(pivot.x(), pivot.y(), corner.x(), corner.y());
        }
        pen.setFill(Palette.AMBER.colour());
        pen.fillOval(pivot.x() - 3, pivot.y() - 3, 6, 6);
    }

    /** A place that has been picked, while the one after it is waited for. */
    static void place(GraphicsContext pen, Place place, TableView view) {
        if (place.isBox()) {
            drawn(pen, new Tools.Drawn(place.corner(), place.opposite(), true), view);
        } else {
            subject(pen, view.toScreen(place.corner()));
        }
    }

    /** The line or box that is being drawn. */
    static void drawn(GraphicsContext pen, Tools.Drawn drawn, TableView view) {
        FramePoint from = view.toScreen(drawn.from());
        FramePoint to = view.toScreen(drawn.to());
        pen.setStroke(Palette.SEA.colour());
        pen.setLineWidth(1.8);
        if (drawn.box()) {
            double left = Math.min(from.x(), to.x());
            double top = Math.min(from.y(), to.y());
            pen.setFill(Palette.faint(Palette.SEA.colour(), 0.15));
            pen.fillRect(left, top, Math.abs(to.x() - from.x()), Math.abs(to.y() - from.y()));
            pen.strokeRect(left, top, Math.abs(to.x() - from.x()), Math.abs(to.y() - from.y()));
        } else {
            pen.strokeLine(from.x(), from.y(), to.x(), to.y());
            pen.setFill(Palette.SEA.colour());
            pen.fillOval(from.x() - 3, from.y() - 3, 6, 6);
            pen.fillOval(to.x() - 3, to.y() - 3, 6, 6);
        }
    }
}
