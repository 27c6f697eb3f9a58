package amberlens.desktop.inspector.looks;

import amberlens.core.base.geometry.FramePoint;
import amberlens.desktop.kit.style.Palette;
import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;

/** Paints looks on a view, and finds what is taken hold of. */
public final class LookMarks {
    private static final double REACH = 9;
    private static final double RADIUS = 4.5;

    private LookMarks() {}

    /** Paints the lines and places of looks. */
    public static void paint(GraphicsContext pen, LookShapes shapes, LookView view) {
        for (LookShapes.Line line : shapes.lines()) {
            List<FramePoint> points = line.points().stream().map(view::line).toList();
            pen.setLineDashes();
            stroke(pen, points, Palette.faint(Palette.GROUND.colour(), 0.55), 3);
            if (line.soft()) {
                pen.setLineDashes(4, 4);
            }
            stroke(pen, points, Palette.faint(Palette.PALE.colour(), line.soft() ? 0.75 : 1), 1.4);
            pen.setLineDashes();
        }
        for (LookGrip grip : shapes.grips()) {
            FramePoint at = view.grip(grip.at());
            pen.setFill(Palette.PALE.colour());
            pen.fillOval(at.x() - RADIUS - 1.5, at.y() - RADIUS - 1.5, 2 * RADIUS + 3, 2 * RADIUS + 3);
            pen.setFill(Palette.GROUND.colour());
            pen.fillOval(at.x() - RADIUS, at.y() - RADIUS, 2 * RADIUS, 2 * RADIUS);
        }
    }

    private static void stroke(GraphicsContext pen, List<FramePoint> points, Color colour, double width) {
        double[] x = points.stream().mapToDouble(FramePoint::x).toArray();
        double[] y = points.stream().mapToDouble(FramePoint::y).toArray();
        pen.setStroke(colour);
        pen.setLineWidth(width);
        pen.strokePolygon(x, y, x.length);
    }

    /** The place that a press means. */
    public static Optional<LookGrip> at(LookShapes shapes, LookView view, MouseEvent press) {
        return shapes.grips().reversed().stream()
                .filter(grip -> {
                    FramePoint at = view.grip(grip.at());
                    return Math.hypot(at.x() - press.getX(), at.y() - press.getY()) <= REACH;
                })
                .findFirst();
    }
}
