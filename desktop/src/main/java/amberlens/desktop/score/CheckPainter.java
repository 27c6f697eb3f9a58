package amberlens.desktop.score;

import amberlens.core.edges.EdgeReport;
import amberlens.core.model.Shot;
import amberlens.core.sharpness.Enlargement;
import amberlens.desktop.look.Brush;
import amberlens.desktop.look.Fonts;
import amberlens.desktop.look.Palette;
import java.util.Locale;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** Paints the strips that judge the move: edges and enlargement. */
final class CheckPainter {
    private CheckPainter() {}

    static void paint(Painting on) {
        GraphicsContext pen = on.pen();
        pen.setFill(Palette.GROUND);
        pen.fillRect(0, on.plan().edgesTop(), on.plan().width(), 2 * ScoreLayout.CHECK);
        pen.setStroke(Palette.LINE);
        pen.setLineWidth(1);
        for (double y : new double[] {on.plan().edgesTop(), on.plan().enlargementTop()}) {
            pen.strokeLine(0, Math.floor(y) + 0.5, on.plan().width(), Math.floor(y) + 0.5);
        }
        edges(on);
        enlargement(on);
    }

    private static void edges(Painting on) {
        GraphicsContext pen = on.pen();
        ScoreLayout plan = on.plan();
        Shot shot = on.shot();
        double y = plan.edgesTop() + (ScoreLayout.CHECK - 8) / 2;
        EdgeReport report = on.services().facts().edges(on.store().project(), shot);
        int open = report.open().stream().mapToInt(span -> span.span().length()).sum();
        boolean judged = shot.fillsFrame();
        Brush.text(pen, Fonts.text(12.5), Palette.TEXT, "Edges", 18, y + 4);
        Color colour = open > 0 && judged ? Palette.OPEN_TEXT : Palette.MUTED;
        String text = !judged ? "not judged" : open == 0 ? "sealed" : "open " + open + " f";
        Brush.aligned(pen, Fonts.numbers(11), colour, text, ScoreLayout.LEFT - 12, y + 4, TextAlignment.RIGHT);
        pen.save();
        clip(pen, plan, y);
        pen.setFill(Palette.SEALED);
        pen.fillRect(plan.x(0), y, plan.x(shot.length()) - plan.x(0), 8);
        report.open().forEach(span -> {
            double from = plan.x(span.span().from());
            double to = Math.max(from + 3, plan.x(span.span().to() + 1.0));
            pen.setFill(Palette.GROUND);
            pen.fillRect(from, y, to - from, 8);
            Brush.hatchedBox(pen, from, y - 1, to - from, 10);
        });
        pen.restore();
    }

    private static void enlargement(Painting on) {
        GraphicsContext pen = on.pen();
        ScoreLayout plan = on.plan();
        Shot shot = on.shot();
        double y = plan.enlargementTop() + (ScoreLayout.CHECK - 8) / 2;
        Enlargement greatest = on.services().facts().enlargement(on.store().project(), shot);
        Brush.text(pen, Fonts.text(12.5), Palette.TEXT, "Enlargement", 18, y + 4);
        Brush.aligned(
                pen,
                Fonts.numbers(11),
                Palette.MUTED,
                String.format(Locale.ROOT, "max %.0f %%", greatest.percent()),
                ScoreLayout.LEFT - 12,
                y + 4,
                TextAlignment.RIGHT);
        pen.save();
        clip(pen, plan, y);
        int step = Math.max(1, (int) Math.floor(2 / plan.perFrame()));
        for (int frame = 0; frame < shot.length(); frame += step) {
            double percent = Enlargement.percent(shot.camera().scale().at(frame));
            pen.setFill(tone(percent));
            double from = plan.x(frame);
            double to = plan.x(Math.min(shot.length(), frame + step));
            pen.fillRect(from, y, to - from + 0.5, 8);
        }
        if (greatest.percent() > Enlargement.UNNOTICED) {
            Brush.aligned(
                    pen,
                    Fonts.strong(11),
                    Palette.TEXT,
                    "soft",
                    plan.x(greatest.frame()) + 4,
                    y + 4,
                    TextAlignment.LEFT);
        }
        pen.restore();
    }

    private static void clip(GraphicsContext pen, ScoreLayout plan, double y) {
        pen.beginPath();
        pen.rect(ScoreLayout.LEFT - 1, y - 2, plan.width(), 13);
        pen.clip();
    }

    /** From a dark brown at a third of the pixels to full amber at 100 % and above. */
    private static Color tone(double percent) {
        return Palette.RAISED.interpolate(Palette.AMBER, Math.clamp((percent - 20) / 90, 0.12, 1));
    }
}
