package amberlens.desktop.time.score;

import amberlens.core.model.project.Project;
import amberlens.core.motion.property.Lane;
import amberlens.core.motion.property.Property;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Fonts;
import amberlens.desktop.kit.style.Palette;
import java.util.Locale;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** Paints a lane that is pulled tall: value axis, curves, beads and the handles of the selected legs. */
final class CurvePainter {
    private CurvePainter() {}

    static void paint(Painting on, Lane lane, LaneValues values) {
        LaneScale scale = LaneScale.of(on.view(), on.plan(), lane, values);
        gridLines(on, lane, scale);
        int parts = values.equalParts() ? 1 : values.parts();
        for (int part = 0; part < parts; part++) {
            curve(on, lane, values, part);
        }
        if (parts == 2) {
            legend(on, scale);
        }
        for (EaseHandle handle : EaseHandle.of(on.shot(), lane, on.plan(), on.view(), on.selected())) {
            handle(on.pen(), handle);
        }
        labels(on, lane, scale);
        LanePainter.beads(on, lane);
    }

    private interface AtLine {
        void draw(double value, double y);
    }

    /** The values of the axis' lines, from the lowest up. */
    private static void lines(LaneScale scale, double each, AtLine line) {
        double step = step(scale, each);
        for (double value = Math.ceil(scale.range().low() / each / step) * step;
                value <= scale.range().high() / each;
                value += step) {
            line.draw(value, Math.floor(scale.y(value * each)) + 0.5);
        }
    }

    private static double step(LaneScale scale, double each) {
        var shown = new ValueRange(scale.range().low() / each, scale.range().high() / each);
        return shown.step((int) Math.max(2, scale.band().height() / 34));
    }

    /** How much of the project's own unit one of the shown one is, of numbers that count by ratio; all others are in their own. */
    private static double each(Painting on, Lane lane) {
        Property<?> property = lane.property();
        Project project = on.desk().document().project();
        return property.proportional()
                ? on.desk()
                        .unit(property, on.shot())
                        .held(1, 0, project.mediaOf(on.shot()).size(), project.frameSize())
                : 1;
    }

    private static String sign(Painting on, Lane lane) {
        Property<?> property = lane.property();
        return property.proportional()
                ? on.desk().unit(property, on.shot()).sign()
                : property.units().getFirst().sign();
    }

    private static void gridLines(Painting on, Lane lane, LaneScale scale) {
        on.pen().setStroke(Palette.faint(Palette.LINE.colour(), 0.8));
        on.pen().setLineWidth(1);
        lines(scale, each(on, lane), (_, y) -> on.pen()
                .strokeLine(ScoreLayout.LEFT, y, on.plan().width(), y));
    }

    private static void labels(Painting on, Lane lane, LaneScale scale) {
        GraphicsContext pen = on.pen();
        double each = each(on, lane);
        int decimals = (int) Math.clamp(-Math.floor(Math.log10(step(scale, each))), 0, 4);
        String unit = sign(on, lane) + (on.view().speed() ? "/f" : "");
        double right = on.plan().width() - 6;
        lines(scale, each, (value, y) -> {
            if (y < scale.band().top() + 7 || y > scale.band().bottom() - 7) {
                return;
            }
            String text = String.format(Locale.ROOT, "%." + decimals + "f %s", value == 0 ? 0.0 : value, unit);
            double width = Brush.width(Fonts.numbers(10.5), text);
            pen.setFill(Palette.faint(Palette.GROUND.colour(), 0.85));
            pen.fillRoundRect(right - width - 3, y - 7, width + 6, 14, 4, 4);
            Brush.aligned(pen, Fonts.numbers(10.5), Palette.MUTED.colour(), text, right, y, TextAlignment.RIGHT);
        });
    }

    private static void legend(Painting on, LaneScale scale) {
        double y = scale.band().top() + 11;
        double x = ScoreLayout.LEFT + 8;
        GraphicsContext pen = on.pen();
        pen.setLineWidth(1.6);
        pen.setStroke(Palette.AMBER.colour());
        pen.strokeLine(x, y, x + 18, y);
        Brush.text(pen, Fonts.text(11), Palette.MUTED.colour(), "x", x + 23, y);
        pen.setStroke(Palette.PALE.colour());
        pen.setLineDashes(4, 3);
        pen.strokeLine(x + 40, y, x + 58, y);
        pen.setLineDashes();
        Brush.text(pen, Fonts.text(11), Palette.MUTED.colour(), "y", x + 63, y);
    }

    /** One number of the lane over the time that is shown. */
    static void curve(Painting on, Lane lane, LaneValues values, int part) {
        GraphicsContext pen = on.pen();
        ScoreLayout plan = on.plan();
        boolean tall = plan.band(lane).tall();
        Color colour = part == 1 && tall ? Palette.PALE.colour() : Palette.AMBER.colour();
        pen.setStroke(Palette.faint(colour, tall ? 0.9 : 0.65));
        pen.setLineWidth(tall ? 1.7 : 1.4);
        if (part == 1 && tall) {
            pen.setLineDashes(4, 3);
        }
        LaneCurve line = on.view().curve(plan, lane, values, part);
        pen.strokePolyline(line.xs(), line.ys(), line.xs().length);
        pen.setLineDashes();
    }

    private static void handle(GraphicsContext pen, EaseHandle handle) {
        pen.setStroke(Palette.PALE.colour());
        pen.setLineWidth(1);
        pen.strokeLine(handle.rootX(), handle.rootY(), handle.x(), handle.y());
        pen.setFill(Palette.PALE.colour());
        pen.fillRect(
                handle.x() - EaseHandle.RADIUS,
                handle.y() - EaseHandle.RADIUS,
                2 * EaseHandle.RADIUS,
                2 * EaseHandle.RADIUS);
    }
}
