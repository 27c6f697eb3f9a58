package amberlens.desktop.desk.state;

import java.util.List;

/** How the bench is divided: what stands large. */
public enum WindowLayout {
    /** The Table large, the Lens small above the Camera. */
    TABLE("Table"),
    /** Table and Lens side by side. */
    BOTH("Both"),
    /** The Lens large, the Table small above the Camera. */
    LENS("Lens"),
    /** The Shelf as a contact sheet, the Line-up high below it: for gathering. */
    GATHER("Shelf");

    /** As they are offered: from gathering to looking. */
    public static final List<WindowLayout> OFFERED = List.of(GATHER, TABLE, BOTH, LENS);

    private final String words;

    WindowLayout(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
