package amberlens.desktop.desk.state;

/** How the bench is divided: what stands large. */
public enum WindowLayout {
    /** The Table large, the Lens small above the Camera. */
    TABLE("Table"),
    /** Table and Lens side by side. */
    BOTH("Both"),
    /** The Lens large, the Table small above the Camera. */
    LENS("Lens");

    private final String words;

    WindowLayout(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
