package amberlens.desktop.time.score;

import amberlens.core.base.time.FrameSpan;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.edges.Margin;
import amberlens.core.judge.edges.MarginShape;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.material.planes.PlaneReport;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.motion.pace.Pace;
import amberlens.core.motion.pace.PaceReport;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Fonts;
import amberlens.desktop.kit.style.Palette;
import java.util.List;
import java.util.Locale;
import java.util.function.IntToDoubleFunction;
import java.util.stream.Stream;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** Paints the strips that judge the move: edges, pace and enlargement. */
final class CheckPainter {
    private CheckPainter() {}

    static void paint(Painting on) {
        GraphicsContext pen = on.pen();
        ScoreLayout plan = on.plan();
        pen.setFill(Palette.GROUND.colour());
        pen.fillRect(0, plan.edgesTop(), plan.width(), ScoreLayout.EDGES + ScoreLayout.PACE + ScoreLayout.CHECK);
        pen.setStroke(Palette.LINE.colour());
        pen.setLineWidth(1);
        for (double y : new double[] {plan.edgesTop(), plan.paceTop(), plan.enlargementTop()}) {
            pen.strokeLine(0, Math.floor(y) + 0.5, plan.width(), Math.floor(y) + 0.5);
        }
        edges(on);
        pace(on);
        enlargement(on);
    }

    /** What stands at the left of a line: its name, and what it amounts to. */
    static void head(Painting on, String name, String value, Color colour, double centreY) {
        double room = ScoreLayout.LEFT - 12 - Brush.width(Fonts.numbers(11), value) - 8 - 18;
        String fitted = Brush.fitted(Fonts.text(12.5), name, room);
        Brush.text(on.pen(), Fonts.text(12.5), Palette.TEXT.colour(), fitted, 18, centreY);
        Brush.aligned(on.pen(), Fonts.numbers(11), colour, value, ScoreLayout.LEFT - 12, centreY, TextAlignment.RIGHT);
    }

    private static void edges(Painting on) {
        GraphicsContext pen = on.pen();
        ScoreLayout plan = on.plan();
        EdgeReport report = on.services().facts().edges(on.desk().document().project(), on.shot());
        int open = report.open().stream().mapToInt(span -> span.span().length()).sum();
        boolean judged = on.desk().document().project().judges(on.shot());
        List<FrameSpan> behind = on.services()
                .facts()
                .planes(on.desk().document().project(), on.shot())
                .map(PlaneReport::open)
                .orElse(List.of());
        boolean opens = open > 0 || !behind.isEmpty();
        Color colour = opens && judged ? Palette.OPEN_TEXT.colour() : Palette.MUTED.colour();
        double top = plan.edgesTop();
        head(on, "Edges", !judged ? "not checked" : words(report, open, behind), colour, top + ScoreLayout.EDGES / 2);
        clipped(on, top, ScoreLayout.EDGES, () -> {
            double line = top + ScoreLayout.EDGES * 0.62;
            double above = line - top - 3;
            double below = top + ScoreLayout.EDGES - line - 2;
            List<Margin> margins = report.margins();
            area(
                    on,
                    line,
                    frame -> Math.max(0, MarginShape.height(margins.get(frame))) * above,
                    Palette.SEALED.colour());
            pen.setStroke(Palette.faint(Palette.MUTED.colour(), 0.7));
            pen.setLineWidth(1);
            pen.strokeLine(plan.x(0), line, plan.x(on.shot().length()), line);
            Stream<FrameSpan> spans =
                    Stream.concat(report.open().stream().map(EdgeReport.OpenSpan::span), behind.stream());
            spans.forEach(span -> {
                double from = plan.x(span.from());
                double to = Math.max(from + 3, plan.x(span.to() + 1.0));
                if (judged) {
                    Brush.hatchedBox(pen, from, line + 1, to - from, below);
                } else {
                    pen.setFill(Palette.faint(Palette.MUTED.colour(), 0.35));
                    pen.fillRect(from, line + 1, to - from, below);
                }
            });
            if (open > 0 && judged) {
                double x = plan.x(report.worstFrame() + 0.5);
                pen.setFill(Palette.VERMILION.colour());
                pen.fillPolygon(new double[] {x - 4, x + 4, x}, new double[] {line - 7, line - 7, line - 1}, 3);
            }
        });
    }

    private static String words(EdgeReport report, int open, List<FrameSpan> behind) {
        if (open == 0 && !behind.isEmpty()) {
            return "open " + behind.stream().mapToInt(FrameSpan::length).sum() + " f";
        }
        return open > 0
                ? "open " + open + " f"
                : String.format(
                        Locale.ROOT,
                        "sealed, %.0f px",
                        Math.max(0, report.worst().framePx()));
    }

    /** A filled shape over time, from a line upwards; of several frames in one pixel the smallest counts. */
    private static void area(Painting on, double line, IntToDoubleFunction height, Color colour) {
        ScoreLayout plan = on.plan();
        GraphicsContext pen = on.pen();
        int frames = on.shot().length();
        int step = Math.max(1, (int) Math.floor(1.5 / plan.perFrame()));
        pen.setFill(colour);
        pen.beginPath();
        pen.moveTo(plan.x(0), line);
        for (int frame = 0; frame < frames; frame += step) {
            double least = Double.POSITIVE_INFINITY;
            int end = Math.min(frames, frame + step);
            for (int at = frame; at < end; at++) {
                least = Math.min(least, height.applyAsDouble(at));
            }
            pen.lineTo(plan.x(frame), line - least);
            pen.lineTo(plan.x(end), line - least);
        }
        pen.lineTo(plan.x(frames), line);
        pen.closePath();
        pen.fill();
    }

    private static void pace(Painting on) {
        ScoreLayout plan = on.plan();
        GraphicsContext pen = on.pen();
        double top = plan.paceTop();
        FrameFormat format = on.desk().document().project().frame();
        PaceReport report = on.services().facts().pace(on.desk().document().project(), on.shot());
        Pace greatest = report.greatest();
        double across = greatest.crossingSeconds(format.size(), format.rate());
        boolean hasty = across < Pace.CALM_CROSSING_SECONDS;
        String value = Double.isInfinite(across)
                ? "still"
                : across < 100 ? String.format(Locale.ROOT, "%.1f s across", across) : "slow";
        head(on, "Pace", value, hasty ? Palette.PALE.colour() : Palette.MUTED.colour(), top + ScoreLayout.PACE / 2);
        double calm = format.size().width()
                / (Pace.CALM_CROSSING_SECONDS * format.rate().perSecond());
        double most = Math.max(report.fastestCornerPx(), calm * 1.25);
        clipped(on, top, ScoreLayout.PACE, () -> {
            double line = top + ScoreLayout.PACE - 2;
            double room = ScoreLayout.PACE - 4;
            List<Pace> paces = report.paces();
            area(
                    on,
                    line,
                    frame -> room * at(paces, frame).cornerPx() / most,
                    Palette.faint(Palette.PALE.colour(), 0.22));
            area(
                    on,
                    line,
                    frame -> room * at(paces, frame).centrePx() / most,
                    Palette.faint(Palette.AMBER.colour(), 0.75));
            double limit = Math.floor(line - room * calm / most) + 0.5;
            pen.setStroke(Palette.faint(Palette.TEXT.colour(), 0.5));
            pen.setLineWidth(1);
            pen.setLineDashes(2, 4);
            pen.strokeLine(plan.x(0), limit, plan.x(on.shot().length()), limit);
            pen.setLineDashes();
        });
    }

    private static Pace at(List<Pace> paces, int frame) {
        return paces.get(Math.min(frame, paces.size() - 1));
    }

    private static void enlargement(Painting on) {
        GraphicsContext pen = on.pen();
        ScoreLayout plan = on.plan();
        double y = plan.enlargementTop() + (ScoreLayout.CHECK - 8) / 2;
        double limit = on.desk().preferences().limitPercent();
        Enlargement greatest =
                on.services().facts().enlargement(on.desk().document().project(), on.shot());
        boolean soft = !Enlargement.isWithin(greatest.percent(), limit);
        boolean drawn = on.desk().document().project().isTitle(on.shot());
        head(
                on,
                "Enlarged",
                drawn
                        ? "vector"
                        : String.format(Locale.ROOT, soft ? "soft, %.0f %%" : "max %.0f %%", greatest.percent()),
                soft ? Palette.OPEN_TEXT.colour() : Palette.MUTED.colour(),
                y + 4);
        clipped(on, y - 2, 13, () -> {
            int step = Math.max(1, (int) Math.floor(2 / plan.perFrame()));
            for (int frame = 0; frame < on.shot().length(); frame += step) {
                double percent = drawn
                        ? greatest.percent()
                        : Enlargement.percent(on.shot().camera().scale().at(frame));
                pen.setFill(tone(percent));
                double from = plan.x(frame);
                double to = plan.x(Math.min(on.shot().length(), frame + step));
                pen.fillRect(from, y, to - from + 0.5, 8);
                if (percent > limit) {
                    pen.setFill(Palette.GROUND.colour());
                    pen.fillRect(from, y + 3, Math.max(1, (to - from) / 2), 2);
                }
            }
        });
    }

    static void clipped(Painting on, double top, double height, Runnable paint) {
        GraphicsContext pen = on.pen();
        pen.save();
        Brush.clip(pen, ScoreLayout.LEFT - 1, top, on.plan().width(), height);
        paint.run();
        pen.restore();
    }

    /** From a dark brown at a third of the pixels to full amber at 100 % and above. */
    private static Color tone(double percent) {
        return Palette.RAISED.colour().interpolate(Palette.AMBER.colour(), Math.clamp((percent - 20) / 90, 0.12, 1));
    }
}
