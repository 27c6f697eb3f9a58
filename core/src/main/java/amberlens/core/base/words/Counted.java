package amberlens.core.base.words;

/** So many of something. */
public final class Counted {
    private Counted() {}

    /** For example "1 shot" and "2 shots", for words whose plural has an s. */
    public static String of(long count, String word) {
        return count + " " + word + (count == 1 ? "" : "s");
    }
}
