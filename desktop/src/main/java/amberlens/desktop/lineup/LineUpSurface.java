package amberlens.desktop.lineup;

import amberlens.core.geometry.Size;
import amberlens.core.model.LineUp;
import amberlens.core.model.Marker;
import amberlens.core.model.Shot;
import amberlens.core.time.Timecode;
import amberlens.desktop.look.Brush;
import amberlens.desktop.look.Fonts;
import amberlens.desktop.look.Palette;
import amberlens.desktop.look.Surface;
import amberlens.desktop.services.Services;
import amberlens.desktop.store.Selection;
import amberlens.desktop.store.Store;
import java.util.OptionalDouble;
import javafx.scene.canvas.GraphicsContext;

/** Paints all shots in a row, the mark of open edges, and the playhead through them. */
final class LineUpSurface extends Surface {
    /** The height of the marks of markers. */
    static final double MARKER = 9;

    private final Store store;
    private final Services services;
    private OptionalDouble dropX = OptionalDouble.empty();

    LineUpSurface(Store store, Services services) {
        this.store = store;
        this.services = services;
        setAccessibleText("Line-up: all shots in a row");
    }

    LineUpLayout plan() {
        return new LineUpLayout(store.project(), getWidth(), getHeight());
    }

    /** Shows where a drop would put a shot. */
    void showDrop(OptionalDouble x) {
        dropX = x;
        redraw();
    }

    @Override
    protected void draw(GraphicsContext pen, double width, double height) {
        LineUpLayout plan = plan();
        boolean empty = store.project().shots().isEmpty();
        Brush.text(pen, Fonts.strong(13), Palette.TEXT, "Line-up", 14, height / 2 - (empty ? 0 : 8));
        if (!empty) {
            String whole = Timecode.brief(
                    LineUp.length(store.project()), store.project().frame().rate());
            Brush.text(pen, Fonts.numbers(11), Palette.MUTED, whole, 14, height / 2 + 10);
        }
        if (store.project().shots().isEmpty()) {
            pen.setStroke(Palette.LINE);
            pen.setLineDashes(4, 4);
            pen.strokeRoundRect(
                    LineUpLayout.LEFT,
                    LineUpLayout.AIR,
                    width - LineUpLayout.LEFT - LineUpLayout.RIGHT,
                    height - 2 * LineUpLayout.AIR,
                    6,
                    6);
            pen.setLineDashes();
            Brush.text(
                    pen,
                    Fonts.text(13),
                    Palette.MUTED,
                    "Shots stand here in a row. Drop a picture, or double-click it on the shelf.",
                    LineUpLayout.LEFT + 14,
                    height / 2);
        }
        store.project().shots().forEach(shot -> shot(pen, plan, shot));
        markers(pen, plan, height);
        dropX.ifPresent(x -> {
            pen.setFill(Palette.SEA);
            pen.fillRect(x - 1.5, 2, 3, height - 4);
        });
        if (!store.project().shots().isEmpty()) {
            double x = plan.x(store.playhead());
            pen.setStroke(Palette.AMBER);
            pen.setLineWidth(1.6);
            pen.strokeLine(x, 0, x, height);
        }
    }

    private void shot(GraphicsContext pen, LineUpLayout plan, Shot shot) {
        double x = plan.x(shot.start()) + 1;
        double y = plan.top(shot) + 1;
        double width = Math.max(2, shot.length() * plan.perFrame() - 2);
        double height = plan.rowHeight() - 2;
        boolean shown = store.selection().shotId().filter(shot.id()::equals).isPresent();
        boolean selected = store.selection().includes(shot.id());
        pen.save();
        pen.beginPath();
        pen.rect(x, y, width, height);
        pen.clip();
        pen.setFill(Palette.RAISED);
        pen.fillRect(x, y, width, height);
        int thumbWidth = (int) Math.max(16, Math.round(height * 16 / 9));
        var size = new Size(thumbWidth, (int) Math.max(9, height));
        services.thumbnails().framing(store.project(), shot, 0, size).ifPresent(image -> pen.drawImage(image, x, y));
        boolean named = width > thumbWidth + 30;
        double textX = named ? x + thumbWidth + 8 : x + 6;
        if (!named) {
            pen.setFill(Palette.faint(Palette.GROUND, 0.55));
            pen.fillRect(x, y, width, height);
        }
        double textWidth = x + width - textX - 4;
        Brush.text(
                pen,
                Fonts.strong(12.5),
                Palette.TEXT,
                Brush.fitted(Fonts.strong(12.5), shot.name(), textWidth),
                textX,
                y + height * 0.36);
        boolean missing =
                services.ready().problem(store.project().mediaOf(shot)).isPresent();
        boolean soft = services.facts().enlargement(store.project(), shot).percent()
                > store.preferences().limitPercent();
        String length = (missing ? "missing · " : "")
                + (soft ? "soft · " : "")
                + Timecode.brief(shot.length(), store.project().frame().rate());
        Brush.text(
                pen,
                Fonts.numbers(11),
                Palette.MUTED,
                Brush.fitted(Fonts.numbers(11), length, textWidth),
                textX,
                y + height * 0.7);
        pen.restore();
        pen.setStroke(selected ? Palette.AMBER : Palette.LINE);
        pen.setLineWidth(selected ? 2 : 1);
        if (selected && !shown) {
            pen.setLineDashes(5, 3);
        }
        pen.strokeRoundRect(x, y, width, height, 5, 5);
        pen.setLineDashes();
        mark(pen, plan, shot, y);
    }

    private void markers(GraphicsContext pen, LineUpLayout plan, double height) {
        for (Marker marker : store.project().markers()) {
            double x = plan.x(marker.at());
            boolean selected = store.selection().part().equals(new Selection.MarkerAt(marker.at(), true));
            pen.setStroke(Palette.faint(Palette.SEA, selected ? 1 : 0.6));
            pen.setLineWidth(1);
            pen.strokeLine(x, MARKER, x, height);
            pen.setFill(Palette.SEA);
            pen.fillPolygon(new double[] {x - 5, x + 5, x}, new double[] {0, 0, MARKER}, 3);
            if (!marker.name().isEmpty()) {
                double width = Brush.width(Fonts.text(11), marker.name()) + 8;
                pen.setFill(Palette.faint(Palette.GROUND, 0.8));
                pen.fillRoundRect(x + 6, 0, width, 14, 4, 4);
                Brush.text(pen, Fonts.text(11), Palette.SEA, marker.name(), x + 10, 7);
            }
        }
    }

    /** Hatching over the open frames. */
    private void mark(GraphicsContext pen, LineUpLayout plan, Shot shot, double top) {
        if (!services.facts().open(store.project(), shot)) {
            return;
        }
        services.facts().edges(store.project(), shot).open().forEach(span -> {
            double from = plan.x(shot.start() + span.span().from());
            double to = Math.max(from + 4, plan.x(shot.start() + span.span().to() + 1.0));
            Brush.hatchedBox(pen, from, top, to - from, 7);
        });
    }
}
