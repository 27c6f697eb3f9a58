package amberlens.desktop.time.score;

import amberlens.core.material.look.Looks;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.property.Lane;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Fonts;
import amberlens.desktop.kit.style.Palette;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;

/** Paints the lanes: their heads, their curves and their beads. */
final class LanePainter {
    /** Beads closer together than this hide one another. */
    private static final double LEAST_GAP = 2.5;

    private static final double GRIP = 12;

    private LanePainter() {}

    static void lanes(Painting on) {
        GraphicsContext pen = on.pen();
        ScoreLayout plan = on.plan();
        pen.save();
        Brush.clip(pen, 0, plan.lanesTop(), plan.width(), plan.lanesHeight());
        plan.lanes().forEach((lane, band) -> {
            pen.setStroke(Palette.faint(Palette.LINE.colour(), 0.6));
            pen.setLineWidth(1);
            double line = Math.floor(band.top()) + 0.5;
            pen.strokeLine(0, line, plan.width(), line);
            head(on, lane, band);
            pen.save();
            Brush.clip(pen, ScoreLayout.LEFT - 9, band.top(), plan.width(), band.height());
            body(on, lane, band);
            pen.restore();
        });
        if (plan.below() > 0) {
            Brush.text(pen, Fonts.text(10.5), Palette.MUTED.colour(), "+" + plan.below(), 3, plan.lanesBottom() - 8);
        }
        pen.restore();
    }

    private static void head(Painting on, Lane lane, ScoreLayout.Band band) {
        GraphicsContext pen = on.pen();
        Channel<?> channel = on.shot().camera().channel(lane);
        double y = band.tall() ? band.top() + 14 : band.top() + band.height() / 2;
        grip(pen, band);
        boolean muted = on.shot().camera().get(lane.property()).muted();
        Brush.text(pen, Fonts.text(13), muted ? Palette.MUTED.colour() : Palette.TEXT.colour(), lane.words(), 18, y);
        Looks.find(on.shot().looks(), lane.owner())
                .ifPresent(look -> Brush.text(
                        pen,
                        Fonts.text(11),
                        Palette.MUTED.colour(),
                        look.words(),
                        24 + Brush.width(Fonts.text(13), lane.words()),
                        y));
        String value = muted ? "muted" : ValueText.of(on.desk(), on.shot(), lane);
        if (channel.animated() || !muted) {
            Brush.aligned(
                    pen,
                    Fonts.numbers(11),
                    Palette.MUTED.colour(),
                    value,
                    ScoreLayout.LEFT - 12,
                    y,
                    TextAlignment.RIGHT);
        }
    }

    /** Where a lane is taken hold of to pull it tall: on its lower border, at its head. */
    private static void grip(GraphicsContext pen, ScoreLayout.Band band) {
        double y = Math.floor(band.top() + band.height()) - 2.5;
        double middle = ScoreLayout.LEFT / 2;
        pen.setStroke(Palette.LINE.colour());
        pen.setLineWidth(2);
        pen.strokeLine(middle - GRIP, y, middle + GRIP, y);
    }

    private static void body(Painting on, Lane lane, ScoreLayout.Band band) {
        LaneValues values = LaneValues.of(on.shot(), lane);
        if (band.tall()) {
            CurvePainter.paint(on, lane, values);
        } else if (values.channel().animated()) {
            CurvePainter.curve(on, lane, values, values.livelierPart());
            beads(on, lane);
        } else {
            double middle = band.top() + band.height() / 2;
            on.pen().setStroke(Palette.LINE.colour());
            on.pen().setLineDashes(2, 5);
            on.pen().strokeLine(on.plan().x(0), middle, on.plan().x(on.shot().length()), middle);
            on.pen().setLineDashes();
        }
    }

    static void beads(Painting on, Lane lane) {
        boolean muted = on.shot().camera().get(lane.property()).muted();
        int now = on.desk().cursor().insideShot() ? on.desk().cursor().shotFrame() : Integer.MIN_VALUE;
        on.pen().setGlobalAlpha(muted ? 0.45 : 1);
        double lastX = Double.NEGATIVE_INFINITY;
        boolean lastSelected = false;
        for (Bead bead : Bead.of(on.shot(), lane, on.plan(), on.view())) {
            boolean selected = on.selected().contains(bead.key());
            boolean hidden = Math.abs(bead.x() - lastX) < LEAST_GAP && selected == lastSelected && bead.part() == 0;
            if (!hidden
                    && bead.x() > ScoreLayout.LEFT - 10
                    && bead.x() < on.plan().width() + 10) {
                Brush.bead(on.pen(), bead.x(), bead.y(), Bead.RADIUS, bead.key().at() == now, selected);
                lastX = bead.x();
                lastSelected = selected;
            }
        }
        on.pen().setGlobalAlpha(1);
    }
}
