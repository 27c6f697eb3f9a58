package amberlens.desktop.kit.style;

import amberlens.core.base.memo.Memo;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** Small marks that several views draw the same way. */
public final class Brush {
    private static final double HATCH_STEP = 7;
    private static final long WIDTHS_BYTES = 640_000;

    private static final Memo<Written, Double> WIDTHS = new Memo<>(WIDTHS_BYTES, _ -> 160);

    private Brush() {}

    /** Slanted vermilion lines: the mark of an open edge, and of nothing else. The caller has set the clip. */
    public static void hatch(GraphicsContext pen, double x, double y, double width, double height) {
        pen.setStroke(Palette.VERMILION.colour());
        pen.setLineWidth(2);
        for (double at = x - height; at < x + width; at += HATCH_STEP) {
            pen.strokeLine(at, y + height, at + height, y);
        }
    }

    /** The same within a convex polygon, given by the x and the y of its corners. */
    public static void hatch(GraphicsContext pen, double[] xs, double[] ys) {
        pen.setStroke(Palette.VERMILION.colour());
        pen.setLineWidth(2);
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < xs.length; i++) {
            least = Math.min(least, xs[i] + ys[i]);
            most = Math.max(most, xs[i] + ys[i]);
        }
        for (double sum = least + HATCH_STEP / 2; sum < most; sum += HATCH_STEP) {
            double from = Double.POSITIVE_INFINITY;
            double to = Double.NEGATIVE_INFINITY;
            for (int i = 0; i < xs.length; i++) {
                int next = (i + 1) % xs.length;
                double here = xs[i] + ys[i] - sum;
                double there = xs[next] + ys[next] - sum;
                if (here > 0 != there > 0) {
                    double x = xs[i] + here / (here - there) * (xs[next] - xs[i]);
                    from = Math.min(from, x);
                    to = Math.max(to, x);
                }
            }
            if (from < to) {
                pen.strokeLine(from, sum - from, to, sum - to);
            }
        }
    }

    /**
     * Keeps what is painted within a rectangle of whole pixels until the pen is restored. Any other clip costs the painting of the whole
     * canvas for everything that is painted within it.
     */
    public static void clip(GraphicsContext pen, double x, double y, double width, double height) {
        double scale = pen.getTransform().getMxx();
        double left = Math.rint(x * scale) / scale;
        double top = Math.rint(y * scale) / scale;
        pen.beginPath();
        pen.rect(
                left,
                top,
                Math.rint((x + width) * scale) / scale - left,
                Math.rint((y + height) * scale) / scale - top);
        pen.clip();
    }

    /** Hatching within a rectangle. */
    public static void hatchedBox(GraphicsContext pen, double x, double y, double width, double height) {
        pen.save();
        clip(pen, x, y, width, height);
        pen.setFill(Palette.faint(Palette.VERMILION.colour(), 0.22));
        pen.fillRect(x, y, width, height);
        hatch(pen, x, y, width, height);
        pen.restore();
    }

    /** A key: a round bead, filled when the playhead is on it. */
    public static void bead(GraphicsContext pen, double x, double y, double radius, boolean filled, boolean selected) {
        pen.setFill(filled ? Palette.AMBER.colour() : Palette.GROUND.colour());
        pen.fillOval(x - radius, y - radius, 2 * radius, 2 * radius);
        pen.setStroke(selected ? Palette.TEXT.colour() : Palette.AMBER.colour());
        pen.setLineWidth(selected ? 2.5 : 2);
        pen.strokeOval(x - radius, y - radius, 2 * radius, 2 * radius);
    }

    public static void text(GraphicsContext pen, Font font, Color colour, String text, double x, double centreY) {
        aligned(pen, font, colour, text, x, centreY, TextAlignment.LEFT);
    }

    public static void aligned(
            GraphicsContext pen, Font font, Color colour, String text, double x, double centreY, TextAlignment side) {
        pen.setFont(font);
        pen.setFill(colour);
        pen.setTextBaseline(VPos.CENTER);
        pen.setTextAlign(side);
        pen.fillText(text, x, centreY);
        pen.setTextAlign(TextAlignment.LEFT);
    }

    /** The text, shortened to fit a width. */
    public static String fitted(Font font, String text, double width) {
        if (width(font, text) <= width) {
            return text;
        }
        for (int length = text.length() - 1; length > 0; length--) {
            String shorter = text.substring(0, length).strip() + "…";
            if (width(font, shorter) <= width) {
                return shorter;
            }
        }
        return "";
    }

    /** How wide a text is; asked for again and again whenever a view is painted, so it is remembered. */
    public static double width(Font font, String text) {
        return WIDTHS.get(new Written(font, text), written -> {
            var measured = new javafx.scene.text.Text(written.text());
            measured.setFont(written.font());
            return measured.getLayoutBounds().getWidth();
        });
    }

    private record Written(Font font, String text) {}
}
