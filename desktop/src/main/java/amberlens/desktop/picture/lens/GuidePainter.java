package amberlens.desktop.picture.lens;

import amberlens.core.base.geometry.DeliveryGuide;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.SafeArea;
import amberlens.core.base.geometry.Size;
import amberlens.desktop.desk.state.Tools;
import amberlens.desktop.desk.state.Tools.Guide;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Fonts;
import amberlens.desktop.kit.style.Palette;
import javafx.scene.canvas.GraphicsContext;

/** Paints lines over the output: thirds, centre, diagonals, safe areas, and the delivery guide of another delivery. */
final class GuidePainter {
    private GuidePainter() {}

    /** @param safeAreas whether these are shown whatever is chosen */
    static void paint(GraphicsContext pen, Tools viewing, boolean safeAreas, LensView view) {
        viewing.delivery().ifPresent(delivery -> delivery(pen, delivery, viewing.judgingDelivery(), view));
        pen.setLineWidth(1);
        for (boolean shade : new boolean[] {true, false}) {
            pen.setStroke(
                    shade ? Palette.faint(Palette.GROUND.colour(), 0.5) : Palette.faint(Palette.PALE.colour(), 0.6));
            pen.save();
            pen.translate(shade ? 1 : 0, shade ? 1 : 0);
            lines(pen, viewing, safeAreas, view);
            pen.restore();
        }
    }

    private static void lines(GraphicsContext pen, Tools viewing, boolean safeAreas, LensView view) {
        Size frame = view.frame();
        double w = frame.width();
        double h = frame.height();
        if (viewing.shows(Guide.THIRDS)) {
            for (int third = 1; third < 3; third++) {
                line(pen, view, w * third / 3, 0, w * third / 3, h);
                line(pen, view, 0, h * third / 3, w, h * third / 3);
            }
        }
        if (viewing.shows(Guide.DIAGONALS)) {
            line(pen, view, 0, 0, w, h);
            line(pen, view, w, 0, 0, h);
        }
        if (safeAreas || viewing.shows(Guide.SAFE_AREAS)) {
            for (SafeArea area : SafeArea.values()) {
                double x = area.insetX(frame);
                double y = area.insetY(frame);
                pen.strokeRect(
                        view.left() + view.zoom() * x,
                        view.top() + view.zoom() * y,
                        view.zoom() * (w - 2 * x),
                        view.zoom() * (h - 2 * y));
            }
        }
        if (viewing.shows(Guide.CENTRE)) {
            FramePoint centre = view.toScreen(frame.centre());
            pen.strokeLine(centre.x() - 9, centre.y(), centre.x() + 9, centre.y());
            pen.strokeLine(centre.x(), centre.y() - 9, centre.x(), centre.y() + 9);
        }
    }

    private static void line(GraphicsContext pen, LensView view, double x1, double y1, double x2, double y2) {
        FramePoint from = view.toScreen(new FramePoint(x1, y1));
        FramePoint to = view.toScreen(new FramePoint(x2, y2));
        pen.strokeLine(from.x(), from.y(), to.x(), to.y());
    }

    /** What another delivery would crop, darkened. */
    private static void delivery(GraphicsContext pen, DeliveryGuide shape, boolean judged, LensView view) {
        Size frame = view.frame();
        Size kept = shape.in(frame);
        double x = (frame.width() - kept.width()) / 2.0 * view.zoom();
        double y = (frame.height() - kept.height()) / 2.0 * view.zoom();
        double width = view.zoom() * frame.width();
        double height = view.zoom() * frame.height();
        pen.setFill(Palette.faint(Palette.GROUND.colour(), 0.78));
        pen.fillRect(view.left(), view.top(), x, height);
        pen.fillRect(view.left() + width - x, view.top(), x, height);
        pen.fillRect(view.left() + x, view.top(), width - 2 * x, y);
        pen.fillRect(view.left() + x, view.top() + height - y, width - 2 * x, y);
        pen.setStroke(Palette.PALE.colour());
        pen.setLineWidth(1.2);
        pen.strokeRect(view.left() + x, view.top() + y, width - 2 * x, height - 2 * y);
        String words = shape.words() + (judged ? " · checked" : "");
        double wide = Brush.width(Fonts.strong(11), words) + 10;
        pen.setFill(Palette.faint(Palette.GROUND.colour(), 0.85));
        pen.fillRoundRect(view.left() + x + 5, view.top() + y + 5, wide, 16, 4, 4);
        Brush.text(pen, Fonts.strong(11), Palette.PALE.colour(), words, view.left() + x + 10, view.top() + y + 13);
    }
}
