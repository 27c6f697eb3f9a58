package amberlens.core.material.title;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.extras.Extras;
import java.util.Locale;
import java.util.Optional;

/**
 * Words that are shown.
 *
 * @param text its lines are those of the text; any length, see {@link Typesetter} for what is shown of very long ones
 * @param font the name of a family; one that this machine lacks is kept and replaced in what is shown
 * @param size of the letters, in frame pixels, 1 … 4000
 * @param lineSpacing from one base line to the next, in sizes, 0.3 … 10
 * @param letterSpacing what is added between letters, in % of the size, −50 … 1000
 * @param extras what a file says beyond
 */
public record Title(
        String text,
        String font,
        double size,
        Colour colour,
        Align align,
        Weight weight,
        boolean italic,
        double lineSpacing,
        double letterSpacing,
        Optional<TitleOutline> outline,
        Optional<Plate> box,
        Extras extras) {
    public static final double LEAST_SIZE = 1;
    public static final double LARGEST_SIZE = 4000;
    public static final double LEAST_LINES = 0.3;
    public static final double LARGEST_LINES = 10;
    public static final double LEAST_LETTERS = -50;
    public static final double LARGEST_LETTERS = 1000;

    /** The family that titles have where none is named. */
    public static final String USUAL_FONT = "EB Garamond";

    public static final Colour USUAL_COLOUR = new Colour(0xFFFFFF);
    public static final double USUAL_SIZE = 96;
    public static final double USUAL_LINES = 1.2;

    /** How many letters of the text make its name. */
    private static final int NAME = 40;

    public Title {
        if (font.isBlank()) {
            throw new IllegalArgumentException("a title names its font");
        }
        require(size, LEAST_SIZE, LARGEST_SIZE, "the letters of a title", "pixels large");
        require(lineSpacing, LEAST_LINES, LARGEST_LINES, "the lines of a title", "sizes apart");
        require(letterSpacing, LEAST_LETTERS, LARGEST_LETTERS, "the letters of a title", "% of their size apart");
    }

    static void require(double number, double least, double most, String what, String unit) {
        if (!(number >= least && number <= most)) {
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT, "%s are %s … %s %s, not %s", what, plain(least), plain(most), unit, plain(number)));
        }
    }

    private static String plain(double number) {
        return number == Math.rint(number) ? String.format(Locale.ROOT, "%.0f", number) : Double.toString(number);
    }

    /** White letters of the usual size, in the middle. */
    public static Title of(String text) {
        return new Title(
                text,
                USUAL_FONT,
                USUAL_SIZE,
                USUAL_COLOUR,
                Align.CENTRE,
                Weight.REGULAR,
                false,
                USUAL_LINES,
                0,
                Optional.empty(),
                Optional.empty(),
                Extras.NONE);
    }

    /** What people call it: the beginning of its text, or "Title" for an empty one. */
    public String name() {
        String line = text.strip().lines().findFirst().orElse("").strip();
        if (line.isEmpty()) {
            return "Title";
        }
        return line.codePointCount(0, line.length()) <= NAME
                ? line
                : line.substring(0, line.offsetByCodePoints(0, NAME)).strip() + "…";
    }

    public Title withText(String newText) {
        return new Title(
                newText, font, size, colour, align, weight, italic, lineSpacing, letterSpacing, outline, box, extras);
    }

    public Title withFont(String newFont) {
        return new Title(
                text, newFont, size, colour, align, weight, italic, lineSpacing, letterSpacing, outline, box, extras);
    }

    public Title withSize(double newSize) {
        return new Title(
                text, font, newSize, colour, align, weight, italic, lineSpacing, letterSpacing, outline, box, extras);
    }

    public Title withColour(Colour newColour) {
        return new Title(
                text, font, size, newColour, align, weight, italic, lineSpacing, letterSpacing, outline, box, extras);
    }

    public Title withAlign(Align newAlign) {
        return new Title(
                text, font, size, colour, newAlign, weight, italic, lineSpacing, letterSpacing, outline, box, extras);
    }

    public Title withWeight(Weight newWeight) {
        return new Title(
                text, font, size, colour, align, newWeight, italic, lineSpacing, letterSpacing, outline, box, extras);
    }

    public Title withItalic(boolean isItalic) {
        return new Title(
                text, font, size, colour, align, weight, isItalic, lineSpacing, letterSpacing, outline, box, extras);
    }

    public Title withLineSpacing(double sizes) {
        return new Title(text, font, size, colour, align, weight, italic, sizes, letterSpacing, outline, box, extras);
    }

    public Title withLetterSpacing(double percent) {
        return new Title(text, font, size, colour, align, weight, italic, lineSpacing, percent, outline, box, extras);
    }

    public Title withOutline(Optional<TitleOutline> newOutline) {
        return new Title(
                text, font, size, colour, align, weight, italic, lineSpacing, letterSpacing, newOutline, box, extras);
    }

    public Title withBox(Optional<Plate> newBox) {
        return new Title(
                text, font, size, colour, align, weight, italic, lineSpacing, letterSpacing, outline, newBox, extras);
    }
}
