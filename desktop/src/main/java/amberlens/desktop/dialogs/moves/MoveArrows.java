package amberlens.desktop.dialogs.moves;

import amberlens.core.edit.edits.MoveSummary;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Fonts;
import amberlens.desktop.kit.style.Palette;
import java.util.List;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Paint;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/**
 * The moves of some shots as small arrows over time: each from the gate where it begins to the gate where it ends, as large as they are to each
 * other; pale as they are now, and in the colour of the camera as they would become.
 */
final class MoveArrows extends Canvas {
    private static final double HEIGHT = 150;
    private static final double LEAST_WIDTH = 64;
    private static final double GATE = 34;
    private static final double FOOT = 18;

    /** Of a frame's width, on the screen. */
    private static final double REACH = 52;

    private final double shape;

    /** @param width that there is at least, in pixels */
    MoveArrows(Project project, List<Shot> shots, double width) {
        super(Math.max(width, shots.size() * LEAST_WIDTH), HEIGHT);
        shape = (double) project.frameSize().height() / project.frameSize().width();
        setAccessibleText("The moves of " + shots.size() + " shots as arrows over time");
    }

    /**
     * Draws them.
     *
     * @param now the shots as they are
     * @param then the same shots as they would become, in the same order
     */
    void draw(Project before, List<Shot> now, Project after, List<Shot> then) {
        GraphicsContext pen = getGraphicsContext2D();
        pen.setFill(Palette.GROUND.colour());
        pen.fillRect(0, 0, getWidth(), HEIGHT);
        double sum = now.stream().mapToDouble(Shot::length).sum();
        double spare = getWidth() - now.size() * LEAST_WIDTH;
        double left = 0;
        for (int i = 0; i < now.size(); i++) {
            double wide = LEAST_WIDTH + spare * now.get(i).length() / sum;
            pen.setStroke(Palette.MUTED.colour());
            pen.setGlobalAlpha(0.3);
            pen.setLineWidth(1);
            pen.strokeLine(left + 0.5, 6, left + 0.5, HEIGHT - 6);
            pen.setGlobalAlpha(1);
            double middle = left + wide / 2;
            arrow(pen, MoveSummary.of(before, now.get(i)), middle, Palette.MUTED.colour(), 0.7);
            arrow(pen, MoveSummary.of(after, then.get(i)), middle, Palette.AMBER.colour(), 1);
            name(pen, now.get(i).name(), middle, wide);
            left += wide;
        }
    }

    private void arrow(GraphicsContext pen, MoveSummary gist, double middle, Paint paint, double alpha) {
        double height = (HEIGHT - FOOT) / 2;
        double dx = gist.across() * REACH / 2;
        double dy = gist.down() * REACH / 2;
        double longest = Math.max(1, Math.hypot(dx, dy) / (REACH * 0.9));
        double start = Math.clamp(Math.exp(gist.zoom() / 2), 0.4, 2);
        pen.setStroke(paint);
        pen.setGlobalAlpha(alpha * 0.6);
        pen.setLineWidth(1);
        gate(pen, middle - dx / longest, height - dy / longest, start);
        pen.setGlobalAlpha(alpha);
        pen.setLineWidth(1.6);
        gate(pen, middle + dx / longest, height + dy / longest, 1 / start);
        if (gist.slides()) {
            line(pen, middle - dx / longest, height - dy / longest, middle + dx / longest, height + dy / longest);
        }
        pen.setGlobalAlpha(1);
    }

    private void gate(GraphicsContext pen, double x, double y, double times) {
        double wide = GATE * times;
        pen.strokeRect(x - wide / 2, y - wide * shape / 2, wide, wide * shape);
    }

    private static void line(GraphicsContext pen, double x1, double y1, double x2, double y2) {
        pen.strokeLine(x1, y1, x2, y2);
        double angle = Math.atan2(y2 - y1, x2 - x1);
        for (double side : new double[] {-1, 1}) {
            double to = angle + Math.PI - side * 0.5;
            pen.strokeLine(x2, y2, x2 + 6 * Math.cos(to), y2 + 6 * Math.sin(to));
        }
    }

    private static void name(GraphicsContext pen, String name, double middle, double wide) {
        Font font = Fonts.text(11.5);
        Brush.aligned(
                pen,
                font,
                Palette.MUTED.colour(),
                Brush.fitted(font, name, wide - 8),
                middle,
                HEIGHT - FOOT / 2,
                TextAlignment.CENTER);
    }
}
