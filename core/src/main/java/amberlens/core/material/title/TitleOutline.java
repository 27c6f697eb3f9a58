package amberlens.core.material.title;

import amberlens.core.base.colour.Colour;

/**
 * A line around the letters, outside of them.
 *
 * @param width frame pixels, 0 … 200
 */
public record TitleOutline(double width, Colour colour) {
    /** The widest one. */
    public static final double MOST = 200;

    public static final TitleOutline USUAL = new TitleOutline(3, Colour.BLACK);

    public TitleOutline {
        Title.require(width, 0, MOST, "the outline of a title", "pixels wide");
    }
}
