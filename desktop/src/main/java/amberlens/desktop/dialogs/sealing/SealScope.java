package amberlens.desktop.dialogs.sealing;

/** Which shots an accepted seal is for. */
enum SealScope {
    SHOT("this shot"),
    SELECTED("selected shots"),
    ALL("all shots");

    private final String words;

    SealScope(String words) {
        this.words = words;
    }

    @Override
    public String toString() {
        return words;
    }
}
