package amberlens.media.film;

/** How much a film may be compressed, in plain words. Formats without losses keep everything whatever is asked for. */
public enum Quality {
    SMALL("small file"),
    GOOD("good"),
    BEST("best, large file");

    private final String words;

    Quality(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
