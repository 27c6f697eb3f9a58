package amberlens.desktop.style;

import javafx.scene.paint.Color;

/**
 * The colours of what is drawn rather than laid out: the same names and values as in {@code amber.css}.
 */
public final class Palette {
    public static final Color GROUND = Color.web("#171411");
    public static final Color PANEL = Color.web("#1F1B17");
    public static final Color RAISED = Color.web("#2B2620");
    public static final Color LINE = Color.web("#322C25");
    public static final Color TEXT = Color.web("#EDE4D6");
    public static final Color MUTED = Color.web("#A4998A");
    public static final Color AMBER = Color.web("#F5A83B");
    public static final Color PALE = Color.web("#F0DFC0");
    public static final Color VERMILION = Color.web("#E2563F");
    /** Vermilion, light enough to be read as text on the ground. */
    public static final Color OPEN_TEXT = Color.web("#F4A595");

    public static final Color SEA = Color.web("#7FD0C4");
    public static final Color SEALED = Color.web("#3F4A3F");

    private Palette() {}

    public static Color faint(Color colour, double opacity) {
        return colour.deriveColor(0, 1, 1, opacity);
    }
}
