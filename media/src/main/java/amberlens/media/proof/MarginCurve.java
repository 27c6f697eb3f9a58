package amberlens.media.proof;

import amberlens.core.base.words.Figures;
import amberlens.core.edit.check.ShotCheck;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.edges.Margin;
import amberlens.core.judge.edges.MarginShape;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import javax.xml.stream.XMLStreamException;

/**
 * The margins of a shot along its frames, drawn: sealed ones stand on the line, open ones hang below it, hatched, so that they are told apart
 * in grey too. A long shot has a column for several frames, with the worst of them.
 */
final class MarginCurve {
    private static final int WIDTH = 1200;
    private static final int ABOVE = 60;
    private static final int BELOW = 36;
    private static final int LINE = 64;
    private static final int WORDS = 16;

    private final EdgeReport edges;
    private final int columns;
    private final int foot;

    private MarginCurve(EdgeReport edges) {
        this.edges = edges;
        columns = Math.min(WIDTH, edges.margins().size());
        foot = LINE + (edges.isSealed() ? 0 : BELOW) + WORDS;
    }

    static void write(ShotCheck check, Html page) throws XMLStreamException {
        var curve = new MarginCurve(check.edges());
        page.open("svg", "viewBox", "0 0 " + WIDTH + " " + (curve.foot + 4), "class", "curve", "role", "img");
        page.text("title", "Margin of every frame");
        page.empty("path", "d", curve.area(true), "class", "sealed");
        if (!check.edges().isSealed()) {
            page.empty("path", "d", curve.area(false), "class", "open");
            page.empty("path", "d", curve.area(false), "class", "hatch");
        }
        page.empty("path", "d", "M0 " + LINE + "H" + WIDTH, "class", "line");
        curve.worst(page);
        page.text("text", "0", "x", "0", "y", String.valueOf(curve.foot));
        page.text(
                "text",
                "frame " + (curve.edges.margins().size() - 1),
                "x",
                String.valueOf(WIDTH),
                "y",
                String.valueOf(curve.foot),
                "text-anchor",
                "end");
        page.close();
    }

    /** Where the worst frame is, with its margin. */
    private void worst(Html page) throws XMLStreamException {
        Margin worst = edges.worst();
        if (Double.isInfinite(worst.framePx())) {
            return;
        }
        double x = (edges.worstFrame() + 0.5) * WIDTH / edges.margins().size();
        double y = y(worst);
        page.empty("circle", "cx", number(x), "cy", number(y), "r", "3.5", "class", "worst");
        boolean left = x < WIDTH / 2.0;
        page.text(
                "text",
                Figures.fixed(worst.framePx(), 1) + " px",
                "x",
                number(x + (left ? 8 : -8)),
                "y",
                number(worst.isSealed() ? Math.max(12, y - 6) : LINE - 6),
                "text-anchor",
                left ? "start" : "end",
                "class",
                "worst-words");
    }

    /** The sealed or the open part, as steps. */
    private String area(boolean sealed) {
        StringBuilder path = new StringBuilder("M0 ").append(LINE);
        for (int column = 0; column < columns; column++) {
            Margin margin = worstOf(column);
            double y = margin.isSealed() == sealed ? y(margin) : LINE;
            path.append("V").append(number(y)).append("H").append(number((column + 1.0) * WIDTH / columns));
        }
        return path.append("V").append(LINE).append("Z").toString();
    }

    private Margin worstOf(int column) {
        List<Margin> margins = edges.margins();
        int from = (int) ((long) column * margins.size() / columns);
        int to = (int) ((column + 1L) * margins.size() / columns);
        return IntStream.range(from, to)
                .mapToObj(margins::get)
                .min(Comparator.comparingDouble(Margin::framePx))
                .orElseThrow();
    }

    private static double y(Margin margin) {
        double height = MarginShape.height(margin);
        return LINE - height * (height > 0 ? ABOVE : BELOW);
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }
}
