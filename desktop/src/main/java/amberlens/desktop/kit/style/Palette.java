package amberlens.desktop.kit.style;

import java.util.Locale;
import javafx.scene.paint.Color;

/** The colours, once: the stylesheet knows them as {@code -amber-ground} and so on, what is painted asks for them here. */
public enum Palette {
    GROUND("#171411", "#F1ECE3"),
    PANEL("#1F1B17", "#FAF7F1"),
    RAISED("#2B2620", "#E6DED0"),
    LINE("#322C25", "#CFC5B4"),
    TEXT("#EDE4D6", "#241E18"),
    MUTED("#A4998A", "#61574B"),
    AMBER("#F5A83B", "#8A5206"),
    PALE("#F0DFC0", "#5A4526"),
    /** Open edges, and nothing else. */
    VERMILION("#E2563F", "#C43A24"),
    /** Vermilion as text. */
    OPEN_TEXT("#F4A595", "#A32B17"),
    /** Markers and subject points. */
    SEA("#7FD0C4", "#0F665B"),
    SEALED("#3F4A3F", "#C6D2C0"),
    /** Around pictures, which are judged against the same surround in any appearance. */
    SURROUND("#12100E", "#12100E"),
    /** Over what has to wait. */
    VEIL("#0F0C0AA8", "#3A332A99");

    private static ThemeChoice worn = ThemeChoice.DARK;
    private static ThemeChoice painting = ThemeChoice.DARK;

    private final Color dark;
    private final Color light;

    Palette(String dark, String light) {
        this.dark = Color.web(dark);
        this.light = Color.web(light);
    }

    /** The colour in what is being painted now. */
    public Color colour() {
        return in(painting);
    }

    public Color in(ThemeChoice appearance) {
        return appearance == ThemeChoice.LIGHT ? light : dark;
    }

    /** The name that the stylesheet has for it. */
    String variable() {
        return "-amber-" + name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** From now on the interface has this appearance. */
    static void wear(ThemeChoice appearance) {
        worn = appearance;
        painting = appearance;
    }

    /** Paints something: pictures and what lies over them in the dark colours, all else in those that are worn. */
    static void paint(boolean pictures, Runnable painter) {
        painting = pictures ? ThemeChoice.DARK : worn;
        try {
            painter.run();
        } finally {
            painting = worn;
        }
    }

    public static Color faint(Color colour, double opacity) {
        return colour.deriveColor(0, 1, 1, opacity);
    }
}
