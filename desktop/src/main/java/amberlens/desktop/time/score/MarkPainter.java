package amberlens.desktop.time.score;

import amberlens.core.base.time.FrameSpan;
import amberlens.core.edit.check.ShotMarks;
import amberlens.core.judge.marks.MarkReport;
import amberlens.core.model.project.Project;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Palette;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/** Paints where the camera rests, and where a mark is cut though it is to be kept: a line of its own, where there are such marks. */
final class MarkPainter {
    private MarkPainter() {}

    static void paint(Painting on) {
        ScoreLayout plan = on.plan();
        if (plan.marks() == 0) {
            return;
        }
        GraphicsContext pen = on.pen();
        Project project = on.desk().document().project();
        List<ShotMarks.Cut> cuts = on.services().cuts().cut(project, on.shot());
        double top = plan.marksTop();
        pen.setFill(Palette.GROUND.colour());
        pen.fillRect(0, top, plan.width(), ScoreLayout.MARKS);
        pen.setStroke(Palette.LINE.colour());
        pen.setLineWidth(1);
        pen.strokeLine(0, Math.floor(top) + 0.5, plan.width(), Math.floor(top) + 0.5);
        Color colour = cuts.isEmpty() ? Palette.MUTED.colour() : Palette.OPEN_TEXT.colour();
        CheckPainter.head(on, "Marks", words(cuts), colour, top + ScoreLayout.MARKS / 2);
        CheckPainter.clipped(on, top, ScoreLayout.MARKS, () -> {
            double middle = top + ScoreLayout.MARKS / 2;
            pen.setFill(Palette.faint(Palette.SEA.colour(), 0.55));
            for (FrameSpan rest : MarkReport.stretches(ShotMarks.take(project, on.shot()))) {
                double from = plan.x(rest.from());
                pen.fillRoundRect(from, middle - 2, Math.max(4, plan.x(rest.to() + 1.0) - from), 4, 4, 4);
            }
            for (ShotMarks.Cut cut : cuts) {
                FrameSpan span = cut.where().span();
                double from = plan.x(span.from());
                Brush.hatchedBox(
                        pen, from, top + 3, Math.max(5, plan.x(span.to() + 1.0) - from), ScoreLayout.MARKS - 5);
            }
        });
    }

    private static String words(List<ShotMarks.Cut> cuts) {
        if (cuts.isEmpty()) {
            return "kept";
        }
        long kinds = cuts.stream().map(cut -> cut.mark().id()).distinct().count();
        return kinds == 1
                ? "cuts a" + (cuts.getFirst().mark().kind().word().startsWith("a") ? "n " : " ")
                        + cuts.getFirst().mark().kind().word()
                : "cuts " + kinds + " marks";
    }
}
