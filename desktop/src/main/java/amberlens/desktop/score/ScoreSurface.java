package amberlens.desktop.score;

import amberlens.core.edges.EdgeReport;
import amberlens.core.geometry.Size;
import amberlens.core.model.Shot;
import amberlens.core.motion.Channel;
import amberlens.core.motion.Ease;
import amberlens.core.motion.Framings;
import amberlens.core.motion.Key;
import amberlens.core.motion.Leg;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Property;
import amberlens.core.sharpness.Enlargement;
import amberlens.core.time.FrameRate;
import amberlens.core.time.Timecode;
import amberlens.desktop.look.Brush;
import amberlens.desktop.look.EaseGlyph;
import amberlens.desktop.look.Fonts;
import amberlens.desktop.look.Palette;
import amberlens.desktop.look.Surface;
import amberlens.desktop.services.Services;
import amberlens.desktop.store.Selection;
import amberlens.desktop.store.Store;
import java.util.List;
import java.util.Locale;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** Paints the selected shot in time: ruler, framing strip, a lane per property, edges and enlargement. */
final class ScoreSurface extends Surface {
    static final double BEAD = 4.5;
    private static final Size CARD = new Size((int) ScoreLayout.CARD_WIDTH - 4, (int) ScoreLayout.CARD_HEIGHT - 4);

    private final Store store;
    private final Services services;

    ScoreSurface(Store store, Services services) {
        this.store = store;
        this.services = services;
        setAccessibleText("Score: the selected shot in time");
    }

    ScoreLayout plan() {
        return new ScoreLayout(
                getWidth(), getHeight(), store.selectedShot().map(Shot::length).orElse(1));
    }

    @Override
    protected void draw(GraphicsContext pen, double width, double height) {
        ScoreLayout plan = plan();
        rules(pen, plan, width);
        Brush.text(pen, Fonts.strong(13), Palette.TEXT, "Score", 14, ScoreLayout.RULER / 2);
        if (store.selectedShot().isEmpty()) {
            Brush.text(
                    pen,
                    Fonts.text(13),
                    Palette.MUTED,
                    "Select a shot, and its move is laid out here in time.",
                    ScoreLayout.LEFT + 12,
                    plan.stripTop() + ScoreLayout.STRIP / 2);
            return;
        }
        Shot shot = store.selectedShot().get();
        ruler(pen, plan, shot);
        strip(pen, plan, shot);
        for (Property property : Property.values()) {
            lane(pen, plan, shot, property);
        }
        edges(pen, plan, shot);
        enlargement(pen, plan, shot);
        playhead(pen, plan, height);
    }

    private static void rules(GraphicsContext pen, ScoreLayout plan, double width) {
        pen.setStroke(Palette.LINE);
        pen.setLineWidth(1);
        double[] at = {plan.stripTop(), plan.lanesTop(), plan.edgesTop(), plan.enlargementTop()};
        for (double y : at) {
            pen.strokeLine(0, Math.floor(y) + 0.5, width, Math.floor(y) + 0.5);
        }
        pen.setStroke(Palette.faint(Palette.LINE, 0.6));
        for (Property property : Property.values()) {
            double y = Math.floor(plan.laneTop(property)) + 0.5;
            pen.strokeLine(0, y, width, y);
        }
    }

    private void ruler(GraphicsContext pen, ScoreLayout plan, Shot shot) {
        FrameRate rate = store.project().frame().rate();
        Brush.text(
                pen,
                Fonts.text(12),
                Palette.MUTED,
                Brush.fitted(Fonts.text(12), shot.name(), 100),
                58,
                ScoreLayout.RULER / 2);
        int step = rulerStep(plan, rate);
        for (int frame = 0; frame <= shot.length(); frame += step) {
            double x = Math.floor(plan.x(frame)) + 0.5;
            pen.setStroke(Palette.LINE);
            pen.strokeLine(x, 4, x, ScoreLayout.RULER);
            if (plan.x(frame) < plan.width() - 40) {
                Brush.text(
                        pen,
                        Fonts.numbers(11),
                        Palette.MUTED,
                        Timecode.brief(frame, rate),
                        x + 4,
                        ScoreLayout.RULER / 2);
            }
        }
    }

    /** Whole seconds that leave their labels room, or frames when zoomed far in. */
    private static int rulerStep(ScoreLayout plan, FrameRate rate) {
        int step = rate.nominal();
        while (step * plan.perFrame() < 60) {
            step *= 2;
        }
        return step;
    }

    private void strip(GraphicsContext pen, ScoreLayout plan, Shot shot) {
        Brush.text(pen, Fonts.text(13), Palette.TEXT, "Framings", 14, plan.stripTop() + ScoreLayout.STRIP / 2);
        List<Integer> framings = Framings.of(shot.camera());
        if (framings.isEmpty()) {
            Brush.text(
                    pen,
                    Fonts.text(13),
                    Palette.MUTED,
                    "Frame the picture with the amber gate, then press Add framing (A) to set the first framing here.",
                    ScoreLayout.LEFT + 12,
                    plan.stripTop() + ScoreLayout.STRIP / 2);
        }
        for (int i = 0; i + 1 < framings.size(); i++) {
            leg(pen, plan, shot, framings.get(i), framings.get(i + 1));
        }
        for (int i = 0; i < framings.size(); i++) {
            card(pen, plan, shot, framings.get(i), i + 1);
        }
    }

    private void leg(GraphicsContext pen, ScoreLayout plan, Shot shot, int from, int to) {
        double y = plan.stripTop() + ScoreLayout.STRIP / 2;
        double left = plan.cardLeft(from) + ScoreLayout.CARD_WIDTH;
        double right = plan.cardLeft(to);
        Pose start = shot.camera().at(from);
        boolean still = start.equals(shot.camera().at(to));
        boolean selected = store.selection().part().equals(new Selection.LegFrom(from));
        pen.setStroke(selected ? Palette.PALE : still ? Palette.MUTED : Palette.AMBER);
        pen.setLineWidth(selected ? 3 : 2);
        pen.strokeLine(plan.x(from), y, plan.x(to), y);
        Leg leg = Framings.legAt(shot.camera(), from).orElse(Leg.LINEAR);
        double seconds = store.project().frame().rate().seconds(to - from);
        String words = still ? "holds still" : Ease.wordsFor(leg);
        String text = String.format(Locale.ROOT, "%s · %.1f s", words, seconds);
        double textWidth = Brush.width(Fonts.text(12), text);
        double pill = Math.min(textWidth + 54, right - left - 8);
        if (pill > 34) {
            pill(pen, (left + right - pill) / 2, y, pill, leg, text, selected);
        }
    }

    private static void pill(
            GraphicsContext pen, double x, double y, double width, Leg leg, String text, boolean selected) {
        pen.setFill(selected ? Palette.RAISED : Palette.PANEL);
        pen.fillRoundRect(x, y - 13, width, 26, 10, 10);
        pen.setStroke(selected ? Palette.PALE : Palette.faint(Palette.AMBER, 0.8));
        pen.setLineWidth(1.2);
        pen.strokeRoundRect(x, y - 13, width, 26, 10, 10);
        double[] points = EaseGlyph.points(leg, x + 8, y - 7, 24, 14);
        pen.setStroke(Palette.AMBER);
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
        Brush.text(pen, Fonts.text(12), Palette.TEXT, Brush.fitted(Fonts.text(12), text, width - 46), x + 40, y);
    }

    private void card(GraphicsContext pen, ScoreLayout plan, Shot shot, int frame, int number) {
        double x = plan.cardLeft(frame);
        double y = plan.cardTop();
        boolean selected = store.selection().part().equals(new Selection.Framing(frame));
        boolean beyond = frame > shot.lastFrame() || frame < 0;
        pen.setFill(Palette.RAISED);
        pen.fillRoundRect(x, y, ScoreLayout.CARD_WIDTH, ScoreLayout.CARD_HEIGHT, 6, 6);
        services.thumbnails()
                .framing(store.project(), shot, frame, CARD)
                .ifPresent(image -> pen.drawImage(image, x + 2, y + 2));
        pen.setStroke(selected ? Palette.AMBER : Palette.PALE);
        pen.setLineWidth(selected ? 2.5 : 1.4);
        if (beyond) {
            pen.setLineDashes(3, 3);
        }
        pen.strokeRoundRect(x, y, ScoreLayout.CARD_WIDTH, ScoreLayout.CARD_HEIGHT, 6, 6);
        pen.setLineDashes();
        pen.setFill(Palette.PALE);
        pen.fillRoundRect(x + 3, y + 3, 15, 14, 4, 4);
        Brush.aligned(
                pen, Fonts.strong(11), Palette.GROUND, String.valueOf(number), x + 10.5, y + 10, TextAlignment.CENTER);
    }

    private void lane(GraphicsContext pen, ScoreLayout plan, Shot shot, Property property) {
        double top = plan.laneTop(property);
        double middle = top + plan.laneHeight() / 2;
        Channel<?> channel = shot.camera().channel(property);
        Brush.text(pen, Fonts.text(13), Palette.TEXT, property.word(), 14, middle);
        Brush.aligned(
                pen,
                Fonts.numbers(11),
                Palette.MUTED,
                ValueText.of(shot.camera().at(store.shotFrame()), property),
                ScoreLayout.LEFT - 12,
                middle,
                TextAlignment.RIGHT);
        if (!channel.animated()) {
            pen.setStroke(Palette.LINE);
            pen.setLineDashes(2, 5);
            pen.strokeLine(plan.x(0), middle, plan.x(shot.length()), middle);
            pen.setLineDashes();
            return;
        }
        double[] heights = LaneCurve.heights(shot, property);
        curve(pen, plan, heights, top);
        for (Key<?> key : channel.keys()) {
            boolean filled = key.at() == store.shotFrame() && store.insideShot();
            boolean selected = store.selection().part().equals(new Selection.KeyOf(property, key.at()));
            double y = beadY(plan, heights, property, key.at());
            Brush.bead(pen, plan.x(key.at()), y, BEAD, filled, selected);
        }
    }

    /** The y of the bead of a key. */
    static double beadY(ScoreLayout plan, double[] heights, Property property, int at) {
        double height = heights[Math.clamp(at, 0, heights.length - 1)];
        return lineY(plan.laneTop(property), plan.laneHeight(), height);
    }

    private static double lineY(double top, double laneHeight, double height) {
        double air = 7;
        return top + air + (laneHeight - 2 * air) * (1 - height);
    }

    private static void curve(GraphicsContext pen, ScoreLayout plan, double[] heights, double top) {
        pen.setStroke(Palette.faint(Palette.AMBER, 0.65));
        pen.setLineWidth(1.4);
        pen.beginPath();
        int step = Math.max(1, (int) Math.floor(1 / plan.perFrame()));
        for (int frame = 0; frame < heights.length; frame += step) {
            double y = lineY(top, plan.laneHeight(), heights[frame]);
            if (frame == 0) {
                pen.moveTo(plan.x(0), y);
            } else {
                pen.lineTo(plan.x(frame), y);
            }
        }
        pen.lineTo(plan.x(heights.length), lineY(top, plan.laneHeight(), heights[heights.length - 1]));
        pen.stroke();
    }

    private void edges(GraphicsContext pen, ScoreLayout plan, Shot shot) {
        double y = plan.edgesTop() + (ScoreLayout.CHECK - 8) / 2;
        EdgeReport report = services.facts().edges(store.project(), shot);
        int open = report.open().stream().mapToInt(span -> span.span().length()).sum();
        boolean judged = shot.fillsFrame();
        Brush.text(pen, Fonts.text(12.5), Palette.TEXT, "Edges", 14, y + 4);
        Color colour = open > 0 && judged ? Palette.OPEN_TEXT : Palette.MUTED;
        String text = !judged ? "not judged" : open == 0 ? "sealed" : "open " + open + " f";
        Brush.aligned(pen, Fonts.numbers(11), colour, text, ScoreLayout.LEFT - 12, y + 4, TextAlignment.RIGHT);
        pen.setFill(Palette.SEALED);
        pen.fillRect(plan.x(0), y, plan.x(shot.length()) - plan.x(0), 8);
        report.open().forEach(span -> {
            double from = plan.x(span.span().from());
            double to = Math.max(from + 3, plan.x(span.span().to() + 1.0));
            pen.setFill(Palette.GROUND);
            pen.fillRect(from, y, to - from, 8);
            Brush.hatchedBox(pen, from, y - 1, to - from, 10);
        });
    }

    private void enlargement(GraphicsContext pen, ScoreLayout plan, Shot shot) {
        double y = plan.enlargementTop() + (ScoreLayout.CHECK - 8) / 2;
        Enlargement greatest = services.facts().enlargement(store.project(), shot);
        Brush.text(pen, Fonts.text(12.5), Palette.TEXT, "Enlargement", 14, y + 4);
        Brush.aligned(
                pen,
                Fonts.numbers(11),
                Palette.MUTED,
                String.format(Locale.ROOT, "max %.0f %%", greatest.percent()),
                ScoreLayout.LEFT - 12,
                y + 4,
                TextAlignment.RIGHT);
        int step = Math.max(1, (int) Math.floor(2 / plan.perFrame()));
        for (int frame = 0; frame < shot.length(); frame += step) {
            double percent = Enlargement.percent(shot.camera().at(frame));
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
    }

    /** From a dark brown at a third of the pixels to full amber at 100 % and above. */
    private static Color tone(double percent) {
        return Palette.RAISED.interpolate(Palette.AMBER, Math.clamp((percent - 20) / 90, 0.12, 1));
    }

    private void playhead(GraphicsContext pen, ScoreLayout plan, double height) {
        double x = plan.x(store.shotFrame());
        boolean inside = store.insideShot();
        pen.setStroke(inside ? Palette.AMBER : Palette.MUTED);
        pen.setLineWidth(1.6);
        if (!inside) {
            pen.setLineDashes(4, 4);
        }
        pen.strokeLine(x, ScoreLayout.RULER - 4, x, height);
        pen.setLineDashes();
        String text = Timecode.brief(store.shotFrame(), store.project().frame().rate());
        double width = Brush.width(Fonts.numbers(11), text) + 10;
        double left = Math.clamp(x - width / 2, ScoreLayout.LEFT - 20, plan.width() - width - 2);
        pen.setFill(inside ? Palette.AMBER : Palette.MUTED);
        pen.fillRoundRect(left, 3, width, 16, 5, 5);
        Brush.text(pen, Fonts.numbers(11), Palette.GROUND, text, left + 5, 11);
    }
}
