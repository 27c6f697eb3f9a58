package amberlens.desktop.kit.style;

/** Dark like a darkroom, or light for a bright room. Pictures have a dark surround in both. */
public enum ThemeChoice {
    DARK("Dark"),
    LIGHT("Light");

    private final String words;

    ThemeChoice(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
