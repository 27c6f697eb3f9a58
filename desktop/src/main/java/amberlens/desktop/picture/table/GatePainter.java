package amberlens.desktop.picture.table;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Side;
import amberlens.core.base.geometry.Size;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Fonts;
import amberlens.desktop.kit.style.Palette;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.FillRule;

/** Paints the gate and what it does to the picture: dimmed outside, hatched where it shows no picture. */
final class GatePainter {
    private static final double HANDLE = 4.5;

    /** Where along the lower side it is said what takes the gate along: beside its middle, where the room is. */
    private static final double ASIDE = 0.5;

    private GatePainter() {}

    static void dimOutside(GraphicsContext pen, GateShape gate, TableView view, Size picture) {
        pen.save();
        pen.setFill(Color.rgb(18, 15, 12, 0.55));
        pen.setFillRule(FillRule.EVEN_ODD);
        pen.beginPath();
        pen.rect(view.left(), view.top(), view.scale() * picture.width(), view.scale() * picture.height());
        CornerLines.trace(pen, gate.within(view, picture));
        pen.fill();
        pen.restore();
    }

    static void hatchOpen(GraphicsContext pen, GateShape gate, TableView view, Size picture, boolean judged) {
        for (List<FramePoint> part : gate.beyond(view, picture)) {
            if (!judged) {
                pen.setFill(Palette.faint(Palette.PALE.colour(), 0.07));
                pen.beginPath();
                CornerLines.trace(pen, part);
                pen.fill();
                continue;
            }
            pen.setFill(Palette.faint(Palette.VERMILION.colour(), 0.3));
            pen.beginPath();
            CornerLines.trace(pen, part);
            pen.fill();
            Brush.hatch(
                    pen,
                    part.stream().mapToDouble(FramePoint::x).toArray(),
                    part.stream().mapToDouble(FramePoint::y).toArray());
            pen.setStroke(Palette.VERMILION.colour());
            pen.setLineWidth(2);
            CornerLines.stroke(pen, part);
        }
    }

    static void gate(GraphicsContext pen, GateShape gate) {
        pen.setStroke(Palette.faint(Palette.GROUND.colour(), 0.7));
        pen.setLineWidth(3.5);
        CornerLines.stroke(pen, gate.corners());
        pen.setStroke(Palette.AMBER.colour());
        pen.setLineWidth(2);
        CornerLines.stroke(pen, gate.corners());
    }

    /**
     * The gate as rigs and a shake leave it: what the output shows.
     *
     * @param by what takes the gate along
     */
    static void ridden(GraphicsContext pen, GateShape gate, String by) {
        pen.setStroke(Palette.faint(Palette.GROUND.colour(), 0.7));
        pen.setLineWidth(3);
        CornerLines.stroke(pen, gate.corners());
        pen.setStroke(Palette.PALE.colour());
        pen.setLineWidth(1.6);
        CornerLines.stroke(pen, gate.corners());
        String words = "with the " + by;
        FramePoint middle = gate.side(Side.BOTTOM);
        FramePoint bottom = middle.plus(
                gate.corners().getFirst().minus(gate.corners().get(1)).times(ASIDE / 2));
        double width = Brush.width(Fonts.text(11), words) + 10;
        pen.setFill(Palette.faint(Palette.GROUND.colour(), 0.8));
        pen.fillRoundRect(bottom.x() - width / 2, bottom.y() - 20, width, 16, 4, 4);
        Brush.aligned(
                pen,
                Fonts.text(11),
                Palette.PALE.colour(),
                words,
                bottom.x(),
                bottom.y() - 12,
                javafx.scene.text.TextAlignment.CENTER);
    }

    static void handles(GraphicsContext pen, GateShape gate) {
        FramePoint top = gate.side(Side.TOP);
        pen.setStroke(Palette.AMBER.colour());
        pen.setLineWidth(2);
        pen.strokeLine(
                top.x(), top.y(), gate.turnHandle().x(), gate.turnHandle().y());
        Brush.bead(pen, gate.turnHandle().x(), gate.turnHandle().y(), HANDLE, false, false);
        for (FramePoint corner : gate.corners()) {
            square(pen, corner, HANDLE);
        }
        for (Side side : Side.values()) {
            square(pen, gate.side(side), HANDLE - 1.5);
        }
    }

    private static void square(GraphicsContext pen, FramePoint at, double radius) {
        pen.setFill(Palette.GROUND.colour());
        pen.fillRect(at.x() - radius, at.y() - radius, 2 * radius, 2 * radius);
        pen.setStroke(Palette.AMBER.colour());
        pen.strokeRect(at.x() - radius, at.y() - radius, 2 * radius, 2 * radius);
    }

    /** The anchor's cross, and its grip where that stands beside it. */
    static void anchor(GraphicsContext pen, FramePoint at, FramePoint grip) {
        for (boolean shade : new boolean[] {true, false}) {
            pen.setStroke(shade ? Palette.faint(Palette.GROUND.colour(), 0.8) : Palette.PALE.colour());
            pen.setLineWidth(shade ? 3.4 : 1.4);
            if (!grip.equals(at)) {
                pen.strokeLine(at.x(), at.y(), grip.x(), grip.y());
            }
            pen.strokeOval(grip.x() - 4.5, grip.y() - 4.5, 9, 9);
        }
        pen.setFill(Palette.GROUND.colour());
        pen.fillOval(grip.x() - 3.5, grip.y() - 3.5, 7, 7);
        pen.setStroke(Palette.faint(Palette.GROUND.colour(), 0.8));
        pen.setLineWidth(3);
        cross(pen, at);
        pen.setStroke(Palette.PALE.colour());
        pen.setLineWidth(1.4);
        cross(pen, at);
    }

    private static void cross(GraphicsContext pen, FramePoint at) {
        pen.strokeLine(at.x() - 6, at.y(), at.x() + 6, at.y());
        pen.strokeLine(at.x(), at.y() - 6, at.x(), at.y() + 6);
    }

    /** The time of the frame that the gate shows, at its upper left corner. */
    static void label(GraphicsContext pen, GateShape gate, String text, double width, double height) {
        FramePoint corner = gate.corners().getFirst();
        double wide = Brush.width(Fonts.numbers(11), text) + 10;
        double x = Math.clamp(corner.x() + 40, 2, Math.max(2, width - wide - 10));
        double y = Math.clamp(corner.y() - 16, 2, Math.max(2, height - 18));
        pen.setFill(Palette.AMBER.colour());
        pen.fillRoundRect(x, y, wide, 15, 4, 4);
        Brush.text(pen, Fonts.numbers(11), Palette.GROUND.colour(), text, x + 5, y + 7.5);
    }
}
