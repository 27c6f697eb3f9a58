package amberlens.media.title;

import amberlens.core.material.title.Title;
import amberlens.core.material.title.Weight;
import java.awt.Font;
import java.awt.GraphicsEnvironment;
import java.awt.font.TextAttribute;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The fonts a title is set in.
 *
 * @param own that of its family, or what stands in for it
 * @param others those that are asked for letters that it lacks, the first first
 * @param missing whether the family is not on this machine
 * @param upright whether it has no italics although they are asked for, so that its letters have to be slanted
 */
record Faces(Font own, List<Font> others, boolean missing, boolean upright) {
    /** The family that stands in for one that is missing. */
    private static final String STAND_IN = Title.USUAL_FONT;

    static Faces of(Title title) {
        Optional<ShippedFonts.Shipped> shipped = shipped(title.font(), title);
        Optional<Font> found = shipped.map(ShippedFonts.Shipped::font).or(() -> ofMachine(title));
        ShippedFonts.Shipped standIn =
                shipped.or(() -> shipped(STAND_IN, title)).orElseThrow();
        boolean upright = (shipped.isPresent() || found.isEmpty()) && title.italic() && !standIn.italic();
        Title others = title.withItalic(title.italic() && !upright);
        return new Faces(sized(found.orElse(standIn.font()), title), others(others), found.isEmpty(), upright);
    }

    private static List<Font> others(Title title) {
        Stream<Font> shipped = ShippedFonts.families().stream()
                .flatMap(family -> shipped(family, title).stream())
                .map(ShippedFonts.Shipped::font);
        Stream<Font> machine =
                Stream.of(Font.SERIF, Font.SANS_SERIF, Font.DIALOG).map(name -> logical(name, title));
        return Stream.concat(shipped, machine).map(font -> sized(font, title)).toList();
    }

    private static Optional<ShippedFonts.Shipped> shipped(String family, Title title) {
        return ShippedFonts.find(family, title.weight(), title.italic());
    }

    private static Font logical(String name, Title title) {
        int style = (title.weight().number() >= Weight.SEMIBOLD.number() ? Font.BOLD : Font.PLAIN)
                | (title.italic() ? Font.ITALIC : Font.PLAIN);
        return new Font(name, style, 1);
    }

    /** A font that a name does not lead to is another one, of another name. */
    private static Optional<Font> ofMachine(Title title) {
        String family = title.font().strip();
        Font font = logical(family, title);
        boolean logical = Stream.of(Font.DIALOG, Font.DIALOG_INPUT, Font.SERIF, Font.SANS_SERIF, Font.MONOSPACED)
                .anyMatch(family::equalsIgnoreCase);
        boolean found = font.getFamily(Locale.ROOT).equalsIgnoreCase(family)
                || font.getFontName(Locale.ROOT).equalsIgnoreCase(family);
        return logical || found ? Optional.of(font) : Optional.empty();
    }

    /** A font with the size and spacing of a title. */
    private static Font sized(Font font, Title title) {
        Map<TextAttribute, Object> how = new HashMap<>();
        how.put(TextAttribute.SIZE, (float) title.size());
        how.put(TextAttribute.KERNING, TextAttribute.KERNING_ON);
        if (title.letterSpacing() == 0) {
            how.put(TextAttribute.LIGATURES, TextAttribute.LIGATURES_ON);
        } else {
            how.put(TextAttribute.TRACKING, (float) (title.letterSpacing() / 100));
        }
        return font.deriveFont(how);
    }

    /** The first font that has a letter; empty when none has. */
    Optional<Font> having(int codePoint) {
        return own.canDisplay(codePoint)
                ? Optional.of(own)
                : others.stream().filter(font -> font.canDisplay(codePoint)).findFirst();
    }

    /** All families of this machine, in the order of the alphabet; takes its time when it is first asked. */
    static List<String> ofMachine() {
        return Arrays.stream(GraphicsEnvironment.getLocalGraphicsEnvironment().getAvailableFontFamilyNames(Locale.ROOT))
                .distinct()
                .sorted(String.CASE_INSENSITIVE_ORDER)
                .toList();
    }
}
