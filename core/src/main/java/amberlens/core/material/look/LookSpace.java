package amberlens.core.material.look;

/** What a look's places are counted in, and so what it moves with. */
public enum LookSpace {
    /** Source pixels: it moves with the picture. */
    PICTURE,
    /** Frame pixels: it stays where it is. */
    FRAME
}
