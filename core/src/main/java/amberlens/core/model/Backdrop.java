package amberlens.core.model;

/** What is seen behind a picture that does not fill the frame. */
public sealed interface Backdrop {
    /** The shots below, and where there are none the project's backdrop. */
    record Below() implements Backdrop {}

    record Plain(Colour colour) implements Backdrop {}

    /** A blurred and darkened copy of the picture itself, which fills the frame. */
    record Blurred() implements Backdrop {}

    Backdrop BELOW = new Below();
    Backdrop BLURRED = new Blurred();
}
