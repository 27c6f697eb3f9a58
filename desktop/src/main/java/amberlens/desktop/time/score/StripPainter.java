package amberlens.desktop.time.score;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.Timecode;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Leg;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.EaseGlyph;
import amberlens.desktop.kit.style.Fonts;
import amberlens.desktop.kit.style.Palette;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;

/** Paints the framing strip: a card at every framing, and the legs between them. */
final class StripPainter {
    private static final Size CARD = new Size((int) ScoreLayout.CARD_WIDTH - 4, (int) ScoreLayout.CARD_HEIGHT - 4);

    /** Framings closer together than this are only ticks. */
    private static final double LEAST_GAP = 7;

    /** Of a card that is seen less, the next one hides the picture. */
    private static final double LEAST_PICTURE = 24;

    private static final double LEAST_PILL = 42;

    private StripPainter() {}

    static void paint(Painting on) {
        GraphicsContext pen = on.pen();
        ScoreLayout plan = on.plan();
        Shot shot = on.shot();
        Brush.text(pen, Fonts.text(13), Palette.TEXT.colour(), "Framings", 18, plan.stripTop() + ScoreLayout.STRIP / 2);
        pen.save();
        Brush.clip(pen, ScoreLayout.LEFT - 8, plan.stripTop(), plan.width(), ScoreLayout.STRIP);
        List<Integer> framings = Framings.of(shot.camera());
        if (framings.isEmpty()) {
            Brush.text(
                    pen,
                    Fonts.text(13),
                    Palette.MUTED.colour(),
                    "Frame the picture with the amber gate, then press Add framing (A) to set the first framing here.",
                    ScoreLayout.LEFT + 12,
                    plan.stripTop() + ScoreLayout.STRIP / 2);
        }
        for (int i = 0; i + 1 < framings.size(); i++) {
            leg(on, framings.get(i), framings.get(i + 1));
        }
        for (int i = 0; i < framings.size(); i++) {
            boolean last = i + 1 == framings.size();
            double seen = last ? CARD.width() : (framings.get(i + 1) - framings.get(i)) * plan.perFrame();
            if (seen >= LEAST_GAP) {
                card(on, framings.get(i), i + 1, seen >= LEAST_PICTURE);
            }
        }
        pen.restore();
    }

    private static void leg(Painting on, int from, int to) {
        GraphicsContext pen = on.pen();
        ScoreLayout plan = on.plan();
        Shot shot = on.shot();
        double y = plan.stripTop() + ScoreLayout.STRIP / 2;
        double left = plan.cardLeft(from) + ScoreLayout.CARD_WIDTH;
        double right = plan.cardLeft(to);
        boolean wide = plan.x(to) - plan.x(from) >= LEAST_GAP;
        boolean still = wide && shot.camera().at(from).equals(shot.camera().at(to));
        boolean selected = on.desk().cursor().selection().part().equals(new Selection.LegFrom(from));
        pen.setStroke(selected ? Palette.PALE.colour() : still ? Palette.MUTED.colour() : Palette.AMBER.colour());
        pen.setLineWidth(selected ? 3 : 2);
        pen.strokeLine(plan.x(from), y, plan.x(to), y);
        Leg leg = Framings.legAt(shot.camera(), from).orElse(Leg.LINEAR);
        String time =
                Timecode.brief(to - from, on.desk().document().project().frame().rate());
        if (right - left < LEAST_PILL) {
            return;
        }
        String words = still ? "holds still" : Ease.wordsFor(leg);
        String text = words + " · " + time;
        double textWidth = Brush.width(Fonts.text(12), text);
        double pill = Math.min(textWidth + 54, right - left - 8);
        if (pill > LEAST_PILL - 8) {
            pill(pen, (left + right - pill) / 2, y, pill, leg, text, selected);
        }
    }

    private static void pill(
            GraphicsContext pen, double x, double y, double width, Leg leg, String text, boolean selected) {
        pen.setFill(selected ? Palette.RAISED.colour() : Palette.PANEL.colour());
        pen.fillRoundRect(x, y - 13, width, 26, 10, 10);
        pen.setStroke(selected ? Palette.PALE.colour() : Palette.faint(Palette.AMBER.colour(), 0.8));
        pen.setLineWidth(1.2);
        pen.strokeRoundRect(x, y - 13, width, 26, 10, 10);
        double[] points = EaseGlyph.points(leg, x + 8, y - 7, 24, 14);
        pen.setStroke(Palette.AMBER.colour());
        pen.setLineWidth(1.8);
        pen.beginPath();
        for (int i = 0; i < points.length; i += 2) {
            if (i == 0) {
                pen.moveTo(points[i], points[i + 1]);
            } else {
                pen.lineTo(points[i], points[i + 1]);
            }
        }
        pen.stroke();
        Brush.text(
                pen, Fonts.text(12), Palette.TEXT.colour(), Brush.fitted(Fonts.text(12), text, width - 46), x + 40, y);
    }

    /** What a rest is drawn out with: two short lines at the card's right side. */
    private static void restGrip(GraphicsContext pen, double right, double middle) {
        pen.setFill(Palette.faint(Palette.GROUND.colour(), 0.75));
        pen.fillRoundRect(right - ScoreLayout.REST_GRIP - 1, middle - 10, ScoreLayout.REST_GRIP, 20, 4, 4);
        pen.setStroke(Palette.AMBER.colour());
        pen.setLineWidth(1.4);
        for (double x : new double[] {right - 6.5, right - 3.5}) {
            pen.strokeLine(x, middle - 5, x, middle + 5);
        }
    }

    private static void card(Painting on, int frame, int number, boolean pictured) {
        GraphicsContext pen = on.pen();
        ScoreLayout plan = on.plan();
        Shot shot = on.shot();
        double x = plan.cardLeft(frame);
        if (x > plan.width() || x + ScoreLayout.CARD_WIDTH < ScoreLayout.LEFT - 8) {
            return;
        }
        double y = plan.cardTop();
        boolean selected = on.desk().cursor().selection().part().equals(new Selection.Framing(frame))
                || on.selectedFrames().contains(frame);
        boolean beyond = frame > shot.lastFrame() || frame < 0;
        pen.setFill(Palette.RAISED.colour());
        pen.fillRoundRect(x, y, ScoreLayout.CARD_WIDTH, ScoreLayout.CARD_HEIGHT, 6, 6);
        if (pictured) {
            on.services()
                    .thumbnails()
                    .framing(on.desk().document().project(), shot, frame, CARD)
                    .ifPresent(image -> {
                        Size size = on.desk().document().project().frameSize().fittedInto(CARD.width(), CARD.height());
                        pen.drawImage(
                                image,
                                x + 2 + (CARD.width() - size.width()) / 2.0,
                                y + 2 + (CARD.height() - size.height()) / 2.0,
                                size.width(),
                                size.height());
                    });
        }
        if (selected) {
            restGrip(pen, x + ScoreLayout.CARD_WIDTH, y + ScoreLayout.CARD_HEIGHT / 2);
        }
        pen.setStroke(selected ? Palette.AMBER.colour() : Palette.PALE.colour());
        pen.setLineWidth(selected ? 2.5 : 1.4);
        if (beyond) {
            pen.setLineDashes(3, 3);
        }
        pen.strokeRoundRect(x, y, ScoreLayout.CARD_WIDTH, ScoreLayout.CARD_HEIGHT, 6, 6);
        pen.setLineDashes();
        pen.setFill(Palette.PALE.colour());
        pen.fillRoundRect(x + 3, y + 3, 15, 14, 4, 4);
        Brush.aligned(
                pen,
                Fonts.strong(11),
                Palette.GROUND.colour(),
                String.valueOf(number),
                x + 10.5,
                y + 10,
                TextAlignment.CENTER);
    }
}
