package amberlens.core.base.colour;

import java.util.Locale;

/**
 * An opaque sRGB colour.
 *
 * @param rgb 0xRRGGBB
 */
public record Colour(int rgb) {
    public static final Colour BLACK = new Colour(0);

    public Colour {
        if (rgb < 0 || rgb > 0xFFFFFF) {
            throw new IllegalArgumentException(
                    "a colour is between 000000 and FFFFFF, not " + Integer.toHexString(rgb));
        }
    }

    /**
     * Reads {@code #RRGGBB}.
     *
     * @throws IllegalArgumentException when the text is not such a colour
     */
    public static Colour parse(String text) {
        if (!text.matches("#[0-9A-Fa-f]{6}")) {
            throw new IllegalArgumentException("a colour is written like #1A2B3C, not \"" + text + "\"");
        }
        return new Colour(Integer.parseInt(text.substring(1), 16));
    }

    /**
     * A colour between this and another one, mixed in codes, which steps evenly for the eye.
     *
     * @param part how much of the other, 0 … 1
     */
    public Colour towards(Colour other, double part) {
        int mixed = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
            double code = (rgb >> shift & 0xFF) * (1 - part) + (other.rgb >> shift & 0xFF) * part;
            mixed |= (int) Math.round(code) << shift;
        }
        return new Colour(mixed);
    }

    /** {@code #RRGGBB}. */
    @Override
    public String toString() {
        return String.format(Locale.ROOT, "#%06X", rgb);
    }
}
