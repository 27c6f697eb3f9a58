package amberlens.core.base.words;

/** Which Amber Lens this is. */
public final class Release {
    public static final String VERSION = "0.1.0";
    public static final String WORDS = "Amber Lens " + VERSION;

    private Release() {}
}
