package amberlens.core.material.title;

import amberlens.core.base.colour.Colour;

/**
 * A box of one colour behind the letters.
 *
 * @param opacity % opaque
 * @param padding how far it reaches beyond the text box on each side, in frame pixels, 0 … 1000
 * @param radius of its corners, in frame pixels, 0 … 1000
 */
public record Plate(Colour colour, double opacity, double padding, double radius) {
    /** The farthest it reaches and the greatest radius. */
    public static final double MOST = 1000;

    public static final Plate USUAL = new Plate(Colour.BLACK, 60, 24, 0);

    public Plate {
        Title.require(opacity, 0, 100, "the box of a title", "% opaque");
        Title.require(padding, 0, MOST, "the box of a title", "pixels larger than its text");
        Title.require(radius, 0, MOST, "the corners of a title's box", "pixels round");
    }

    public Plate withColour(Colour newColour) {
        return new Plate(newColour, opacity, padding, radius);
    }

    public Plate withOpacity(double percent) {
        return new Plate(colour, percent, padding, radius);
    }

    public Plate withPadding(double px) {
        return new Plate(colour, opacity, px, radius);
    }

    public Plate withRadius(double px) {
        return new Plate(colour, opacity, padding, px);
    }
}
