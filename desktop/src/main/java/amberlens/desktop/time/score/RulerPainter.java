package amberlens.desktop.time.score;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.time.Timecode;
import amberlens.core.model.project.Marker;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.BeatTicks;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Fonts;
import amberlens.desktop.kit.style.Palette;
import javafx.scene.canvas.GraphicsContext;

/** Paints what belongs to time as a whole: ruler, markers, the stretch bar, the snap line and the playhead. */
final class RulerPainter {
    private static final double LABEL = 60;
    private static final double READY = 2;

    private RulerPainter() {}

    static void ruler(Painting on) {
        GraphicsContext pen = on.pen();
        ScoreLayout plan = on.plan();
        FrameRate rate = on.desk().document().project().frame().rate();
        int step = step(plan, rate);
        int first = (int) Math.floor(plan.from() / step) * step;
        for (int frame = first; frame <= Math.min(on.shot().length(), plan.from() + plan.shown()); frame += step) {
            double x = Math.floor(plan.x(frame)) + 0.5;
            if (x < ScoreLayout.LEFT - 1) {
                continue;
            }
            pen.setStroke(Palette.LINE.colour());
            pen.setLineWidth(1);
            pen.strokeLine(x, 4, x, ScoreLayout.RULER);
            String label = Timecode.brief(frame, rate);
            boolean underPlayhead = Math.abs(x + 15 - plan.x(on.desk().cursor().shotFrame())) < 36;
            if (x < plan.width() - 40 && !underPlayhead && !underMarker(on, x, Brush.width(Fonts.numbers(11), label))) {
                Brush.text(pen, Fonts.numbers(11), Palette.MUTED.colour(), label, x + 4, 9);
            }
        }
    }

    /** A thin line over what is ready to be played. */
    static void ready(Painting on) {
        GraphicsContext pen = on.pen();
        ScoreLayout plan = on.plan();
        pen.setFill(Palette.PALE.colour());
        for (FrameSpan span : on.services().made().spans()) {
            double from = Math.max(
                    ScoreLayout.LEFT - 1,
                    plan.x(Math.max(0, span.from() - on.shot().start())));
            double to = Math.min(
                    plan.width(),
                    plan.x(Math.min(
                            on.shot().length(), span.to() + 1 - on.shot().start())));
            if (to > from) {
                pen.fillRect(from, 0, to - from, READY);
            }
        }
    }

    /** Beats hang from the upper border, as in the Line-up. */
    static void beats(Painting on) {
        double perSecond = on.desk().document().project().frame().rate().perSecond();
        double right = Math.min(on.plan().width(), on.plan().x(on.shot().length()));
        BeatTicks.paint(
                on.pen(),
                on.services().sounds().beats(on.desk().document().project()),
                beat -> on.plan().x(beat.seconds() * perSecond - on.shot().start()),
                Math.max(ScoreLayout.LEFT - 1, on.plan().x(0) - 1),
                right);
    }

    /** Whether a time would stand under a marker or its name. */
    private static boolean underMarker(Painting on, double x, double width) {
        return on.shot().markers().stream().anyMatch(marker -> {
            double from = on.plan().x(marker.at());
            return x + 4 < from + Math.max(5, nameWidth(marker)) && x + 4 + width > from - 5;
        });
    }

    private static double nameWidth(Marker marker) {
        return marker.name().isEmpty() ? 0 : Brush.width(Fonts.text(11), marker.name()) + 12;
    }

    /** Whole seconds that leave their labels room, or an even part of a second when zoomed far in. */
    private static int step(ScoreLayout plan, FrameRate rate) {
        for (int frames = 1; frames < rate.nominal(); frames++) {
            if (rate.nominal() % frames == 0 && frames * plan.perFrame() >= LABEL) {
                return frames;
            }
        }
        int step = rate.nominal();
        while (step * plan.perFrame() < LABEL) {
            step *= 2;
        }
        return step;
    }

    static void markers(Painting on) {
        GraphicsContext pen = on.pen();
        ScoreLayout plan = on.plan();
        for (Marker marker : on.shot().markers()) {
            double x = plan.x(marker.at());
            if (x < ScoreLayout.LEFT - 1) {
                continue;
            }
            boolean selected = on.desk().cursor().selection().part().equals(new Selection.MarkerAt(marker.at(), false));
            pen.setStroke(Palette.faint(Palette.SEA.colour(), selected ? 0.9 : 0.45));
            pen.setLineWidth(1);
            pen.strokeLine(x, ScoreLayout.RULER, x, plan.lanesBottom());
            double width = nameWidth(marker);
            if (width > 0) {
                pen.setFill(Palette.RAISED.colour());
                pen.fillRoundRect(x, 2, width, 14, 4, 4);
                Brush.text(pen, Fonts.text(11), Palette.SEA.colour(), marker.name(), x + 8, 9);
            }
            pen.setFill(Palette.SEA.colour());
            pen.fillPolygon(new double[] {x - 5, x + 5, x}, new double[] {3, 3, 12}, 3);
            if (selected) {
                pen.setStroke(Palette.TEXT.colour());
                pen.setLineWidth(1.5);
                pen.strokePolygon(new double[] {x - 5, x + 5, x}, new double[] {3, 3, 12}, 3);
            }
        }
    }

    static void stretchBar(Painting on) {
        if (!StretchGrips.on(on.selected())) {
            return;
        }
        var grips = StretchGrips.of(on.selected());
        GraphicsContext pen = on.pen();
        double from = on.plan().x(grips.first());
        double to = on.plan().x(grips.last());
        double top = StretchGrips.top();
        pen.setFill(Palette.faint(Palette.PALE.colour(), 0.35));
        pen.fillRect(from, top + 2.5, to - from, 3);
        pen.setFill(Palette.PALE.colour());
        pen.fillRoundRect(from - 7, top, 7, StretchGrips.HEIGHT, 3, 3);
        pen.fillRoundRect(to, top, 7, StretchGrips.HEIGHT, 3, 3);
    }

    static void snapLine(Painting on) {
        on.view().snapLine().ifPresent(frame -> {
            double x = on.plan().x(frame);
            on.pen().setStroke(Palette.SEA.colour());
            on.pen().setLineWidth(1.4);
            on.pen().setLineDashes(3, 3);
            on.pen().strokeLine(x, ScoreLayout.RULER, x, on.plan().height());
            on.pen().setLineDashes();
        });
    }

    static void playhead(Painting on) {
        GraphicsContext pen = on.pen();
        int frame = on.desk().cursor().shotFrame();
        double x = on.plan().x(frame);
        if (x < ScoreLayout.LEFT - 2 || x > on.plan().width()) {
            return;
        }
        boolean inside = on.desk().cursor().insideShot();
        pen.setStroke(inside ? Palette.AMBER.colour() : Palette.MUTED.colour());
        pen.setLineWidth(1.6);
        if (!inside) {
            pen.setLineDashes(4, 4);
        }
        pen.strokeLine(x, ScoreLayout.RULER - 7, x, on.plan().height());
        pen.setLineDashes();
        String text =
                Timecode.brief(frame, on.desk().document().project().frame().rate());
        double width = Brush.width(Fonts.numbers(11), text) + 10;
        double left = Math.clamp(x - width / 2, ScoreLayout.LEFT - 20, on.plan().width() - width - 2);
        pen.setFill(inside ? Palette.AMBER.colour() : Palette.MUTED.colour());
        pen.fillRoundRect(left, 1, width, 16, 5, 5);
        Brush.text(pen, Fonts.numbers(11), Palette.GROUND.colour(), text, left + 5, 9);
    }
}
