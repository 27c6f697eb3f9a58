package amberlens.core.material.layering;

import amberlens.core.base.colour.Colour;

/** What is seen behind a picture that does not fill the frame. */
public sealed interface Backdrop {
    /** The shots below, and where there are none the project's backdrop. */
    record Below() implements Backdrop {}

    record Plain(Colour colour) implements Backdrop {}

    /** A blurred and darkened copy of the picture itself, which fills the frame. */
    record Blurred() implements Backdrop {}

    /** From one colour at the top to another at the bottom. */
    record Gradient(Colour top, Colour bottom) implements Backdrop {}

    /**
     * Soft clouds of light in a colour, drawn by chance.
     *
     * @param seed the same seed, the same clouds
     */
    record Clouds(Colour colour, long seed) implements Backdrop {}

    Backdrop BELOW = new Below();
    Backdrop BLURRED = new Blurred();
}
