package amberlens.media.title;

import amberlens.core.base.geometry.Size;
import amberlens.core.material.title.Plate;
import amberlens.core.material.title.Setting;
import amberlens.core.material.title.Title;
import amberlens.core.material.title.TitleOutline;
import amberlens.core.model.project.Media;
import java.awt.Font;
import java.awt.font.FontRenderContext;
import java.awt.font.TextAttribute;
import java.awt.font.TextLayout;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.text.AttributedString;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A title's letters as shapes, in frame pixels from the upper left of its text box.
 *
 * <p>A line is as high as the line spacing times the size; the ascent and descent of its font stand in the middle of it, as CSS lays out
 * lines (CSS 2.1, section 10.8.1).
 *
 * @param letters the outlines of all of them
 */
record Composed(Title title, Path2D letters, Setting setting) {
    /** Longer texts are cut off in what is shown. */
    static final int MOST_LETTERS = 5000;

    static final int MOST_LINES = 200;

    /** Letters in one line. */
    static final int MOST_IN_LINE = 1000;

    /** So many letters that no font has are named. */
    private static final int NAMED = 5;

    /** What smoothing may add beside a shape, in frame pixels. */
    private static final double SMOOTHING = 2;

    /** How far letters lean that have no italics of their own: about 12°. */
    private static final double LEAN = 0.21;

    private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);

    /** A line, laid out; empty lines have no layout. */
    private record Line(Optional<TextLayout> layout, float advance) {}

    static Composed of(Title title) {
        Faces faces = Faces.of(title);
        Set<String> lacking = new LinkedHashSet<>();
        List<String> text = lines(title.text());
        List<Line> lines = text.stream().map(line -> line(line, faces, lacking)).toList();
        double widest = lines.stream().mapToDouble(Line::advance).max().orElse(0);
        double height = title.lineSpacing() * title.size();
        Size box = new Size(even(widest), even(height * Math.max(1, lines.size())));
        var letters = new Path2D.Double(Path2D.WIND_NON_ZERO);
        for (int i = 0; i < lines.size(); i++) {
            Line line = lines.get(i);
            if (line.layout().isPresent()) {
                TextLayout layout = line.layout().get();
                double left = (box.width() - line.advance()) * title.align().part();
                double middle = (i + 0.5) * height + (box.height() - height * lines.size()) / 2;
                double base = middle + (layout.getAscent() - layout.getDescent()) / 2;
                var place = AffineTransform.getTranslateInstance(left, base);
                place.shear(faces.upright() ? -LEAN : 0, 0);
                letters.append(layout.getOutline(place), false);
            }
        }
        return new Composed(
                title, letters, new Setting(box, reach(title, letters, box), notes(title, text, faces, lacking)));
    }

    private static Line line(String text, Faces faces, Set<String> lacking) {
        if (text.isEmpty()) {
            return new Line(Optional.empty(), 0);
        }
        var attributed = new AttributedString(text);
        attributed.addAttribute(TextAttribute.FONT, faces.own());
        for (int at = 0; at < text.length(); ) {
            int codePoint = text.codePointAt(at);
            int next = at + Character.charCount(codePoint);
            Optional<Font> font = faces.having(codePoint);
            if (font.isEmpty() && Character.isDefined(codePoint) && !Character.isISOControl(codePoint)) {
                lacking.add(Character.toString(codePoint));
            }
            attributed.addAttribute(TextAttribute.FONT, font.orElse(faces.own()), at, next);
            at = next;
        }
        var layout = new TextLayout(attributed.getIterator(), EXACT);
        return new Line(Optional.of(layout), Math.max(0, layout.getAdvance()));
    }

    /** The lines that are shown: of very long texts the beginning. */
    private static List<String> lines(String text) {
        List<String> lines = new ArrayList<>();
        int left = MOST_LETTERS;
        for (String line : text.split("\\R", MOST_LINES + 1)) {
            if (lines.size() == MOST_LINES || left <= 0) {
                break;
            }
            String shown = cut(line.replace('\t', ' '), Math.min(left, MOST_IN_LINE));
            lines.add(shown);
            left -= shown.length();
        }
        return lines;
    }

    private static String cut(String line, int most) {
        if (line.length() <= most) {
            return line;
        }
        return line.substring(0, Character.isHighSurrogate(line.charAt(most - 1)) ? most - 1 : most);
    }

    private static List<String> notes(Title title, List<String> shown, Faces faces, Set<String> lacking) {
        List<String> notes = new ArrayList<>();
        if (faces.missing()) {
            notes.add("The font \"" + title.font() + "\" is not on this machine; "
                    + faces.own().getFamily() + " stands in for it.");
        }
        int letters = shown.stream().mapToInt(String::length).sum();
        long all = title.text().lines().mapToLong(String::length).sum();
        if (letters < all) {
            notes.add("The text has " + all + " letters; the first " + letters + " are shown.");
        }
        if (!lacking.isEmpty()) {
            notes.add("No font here has "
                    + String.join(" ", lacking.stream().limit(NAMED).toList())
                    + (lacking.size() > NAMED ? " and " + (lacking.size() - NAMED) + " more" : "") + ".");
        }
        return notes;
    }

    private static double reach(Title title, Path2D letters, Size box) {
        Rectangle2D drawn = letters.getBounds2D();
        double over = letters.getCurrentPoint() == null
                ? 0
                : Math.max(
                        Math.max(-drawn.getMinX(), drawn.getMaxX() - box.width()),
                        Math.max(-drawn.getMinY(), drawn.getMaxY() - box.height()));
        double outlined =
                Math.max(0, over) + title.outline().map(TitleOutline::width).orElse(0.0);
        return Math.max(outlined, title.box().map(Plate::padding).orElse(0.0)) + SMOOTHING;
    }

    /** The least even whole number that is no less, within what media can be. */
    static int even(double length) {
        return (int) Math.clamp(2 * Math.ceil(length / 2 - 1e-6), 2, Media.LARGEST);
    }
}
