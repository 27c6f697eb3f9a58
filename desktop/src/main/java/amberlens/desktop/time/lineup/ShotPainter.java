package amberlens.desktop.time.lineup;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.time.Timecode;
import amberlens.core.edit.edits.LayeringEdits;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.material.layering.Fade;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.property.Properties;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Fonts;
import amberlens.desktop.kit.style.Palette;
import amberlens.desktop.work.services.Services;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;

/** Paints one shot of the Line-up: its first frame, its name, what is to be said of it, its fades, and where an edge is open. */
final class ShotPainter {
    /** Narrower shots are plain boxes. */
    private static final double PLAIN = 14;

    /** The widest small picture, in heights of its shot. */
    private static final double WIDEST = 2.4;

    private static final double TWO_LINES = 34;

    private final Desk desk;
    private final Services services;
    private final GraphicsContext pen;
    private final LineUpLayout plan;

    ShotPainter(Desk desk, Services services, GraphicsContext pen, LineUpLayout plan) {
        this.desk = desk;
        this.services = services;
        this.pen = pen;
        this.plan = plan;
    }

    void shot(Shot shot) {
        double x = plan.x(shot.start()) + 1;
        double y = plan.top(shot) + 1;
        double width = Math.max(2, shot.length() * plan.perFrame() - 2);
        double height = plan.rowHeight(shot.track()) - 2;
        pen.setFill(Palette.RAISED.colour());
        pen.fillRect(x, y, width, height);
        if (width > PLAIN) {
            pen.save();
            Brush.clip(pen, x, y, width, height);
            inside(shot, x, y, width, height);
            pen.restore();
        }
        fades(shot, x, y, width, height);
        border(shot, x, y, width, height);
        if (services.facts().open(desk.document().project(), shot)) {
            open(shot, y);
        }
        services.cuts()
                .cut(desk.document().project(), shot)
                .forEach(cut -> cut(shot, cut.where().span(), y));
    }

    /** A mark that is cut: a small open box at its frames, told from an open edge by its shape. */
    private void cut(Shot shot, FrameSpan span, double top) {
        double x = plan.x(shot.start() + (span.from() + span.to() + 1) / 2.0);
        double left = Math.clamp(
                x - 4,
                plan.x(shot.start()) + 2,
                Math.max(plan.x(shot.start()) + 2, plan.x(shot.start() + shot.length()) - 10));
        pen.setFill(Palette.GROUND.colour());
        pen.fillRect(left - 1, top + 1, 10, 10);
        pen.setStroke(Palette.VERMILION.colour());
        pen.setLineWidth(1.6);
        pen.strokeRect(left + 1, top + 3, 6, 6);
        pen.strokeLine(left + 4, top + 1.5, left + 4, top + 10.5);
    }

    /** A title is shown by its words, however small they are in the frame. */
    private Optional<Image> thumbnail(Shot shot, Size size) {
        Project project = desk.document().project();
        return project.isTitle(shot)
                ? services.thumbnails().whole(project.mediaOf(shot), size)
                : services.thumbnails().framing(project, shot, shot.fillsFrame() ? 0 : shot.length() / 2, size);
    }

    private void inside(Shot shot, double x, double y, double width, double height) {
        Size size = desk.document().project().frameSize().fittedInto(WIDEST * height, Math.max(9, height));
        thumbnail(shot, size).ifPresent(image -> pen.drawImage(image, x, y, size.width(), size.height()));
        boolean beside = width > size.width() + 30;
        double textX = beside ? x + size.width() + 8 : x + 6;
        double textWidth = x + width - textX - 4;
        boolean two = height > TWO_LINES;
        text(
                Fonts.strong(12.5),
                Palette.TEXT.colour(),
                shot.name(),
                new Line(textX, y + height * (two ? 0.34 : 0.5), textWidth, !beside));
        if (two) {
            text(
                    Fonts.numbers(11),
                    Palette.MUTED.colour(),
                    facts(shot),
                    new Line(textX, y + height * 0.72, textWidth, !beside));
        }
    }

    /**
     * Where a line of text stands.
     *
     * @param onPicture whether it lies on a picture, and needs a strip behind it to be read
     */
    private record Line(double x, double y, double width, boolean onPicture) {}

    private void text(Font font, Color colour, String words, Line line) {
        String fitted = Brush.fitted(font, words, line.width());
        if (line.onPicture() && !fitted.isEmpty()) {
            pen.setFill(Palette.faint(Palette.PANEL.colour(), 0.9));
            pen.fillRoundRect(line.x() - 4, line.y() - 8.5, Brush.width(font, fitted) + 8, 17, 4, 4);
        }
        Brush.text(pen, font, colour, fitted, line.x(), line.y());
    }

    private String facts(Shot shot) {
        Media media = desk.document().project().mediaOf(shot);
        boolean missing = services.ready().problem(media).isPresent();
        boolean soft = !Enlargement.isWithin(
                services.facts().enlargement(desk.document().project(), shot).percent(),
                desk.preferences().limitPercent());
        String speed = media.moves() && shot.camera().has(Properties.SPEED)
                ? shot.camera().get(Properties.SPEED).animated()
                        ? "speed keyed · "
                        : Math.round(shot.camera().get(Properties.SPEED).constant()) + " % · "
                : "";
        boolean damaged = services.ready().damaged(media);
        return (missing ? "missing · " : damaged ? "damaged · " : "")
                + (soft ? "soft · " : "")
                + speed
                + Timecode.brief(
                        shot.length(), desk.document().project().frame().rate());
    }

    /** A fade is a dark wedge; a dissolve with the neighbour a lighter one over both. */
    private void fades(Shot shot, double x, double y, double width, double height) {
        shot.layering().enter().ifPresent(fade -> {
            boolean dissolves = LayeringEdits.overlap(desk.document().project(), shot) > 0;
            double part = Math.min(width, fade.frames() * plan.perFrame());
            wedge(fade, dissolves, new double[] {x, x + part, x}, new double[] {y, y, y + height});
        });
        shot.layering().leave().ifPresent(fade -> {
            double part = Math.min(width, fade.frames() * plan.perFrame());
            wedge(fade, false, new double[] {x + width, x + width - part, x + width}, new double[] {y, y, y + height});
        });
    }

    private void wedge(Fade fade, boolean dissolves, double[] xs, double[] ys) {
        pen.setFill(Palette.faint(dissolves ? Palette.PALE.colour() : Palette.GROUND.colour(), dissolves ? 0.3 : 0.75));
        pen.fillPolygon(xs, ys, 3);
        pen.setStroke(fade.through().isPresent() ? Palette.MUTED.colour() : Palette.PALE.colour());
        pen.setLineWidth(1);
        pen.strokeLine(xs[1], ys[1], xs[2], ys[2]);
    }

    private void border(Shot shot, double x, double y, double width, double height) {
        boolean shown =
                desk.cursor().selection().shotId().filter(shot.id()::equals).isPresent();
        boolean selected = desk.cursor().selection().includes(shot.id());
        pen.setStroke(selected ? Palette.AMBER.colour() : Palette.LINE.colour());
        pen.setLineWidth(selected ? 2 : 1);
        if (selected && !shown) {
            pen.setLineDashes(5, 3);
        }
        pen.strokeRoundRect(x, y, width, height, 5, 5);
        pen.setLineDashes();
    }

    /** Hatching over the open frames. */
    private void open(Shot shot, double top) {
        Project project = desk.document().project();
        services.facts().edges(project, shot).open().forEach(span -> open(shot, span.span(), top));
        services.facts().planes(project, shot).ifPresent(report -> report.open()
                .forEach(span -> open(shot, span, top)));
    }

    private void open(Shot shot, FrameSpan span, double top) {
        double from = plan.x(shot.start() + span.from());
        double to = Math.max(from + 4, plan.x(shot.start() + span.to() + 1.0));
        Brush.hatchedBox(pen, from, top, to - from, 7);
    }
}
