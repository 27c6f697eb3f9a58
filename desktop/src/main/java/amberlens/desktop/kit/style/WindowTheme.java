package amberlens.desktop.kit.style;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import java.util.ArrayList;
import java.util.List;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.text.Font;

/** Dresses the windows in the appearance and the text size that a person has chosen. Used by the interface thread. */
public final class WindowTheme {
    private static final double LEAST = 0.9;
    private static final double MOST = 1.5;

    /** What the system calls its usual text, in points of JavaFX: common practice of each system's own settings. */
    private static final double USUAL = 13;

    private static final double USUAL_ON_WINDOWS = 12;
    private static final double STEP = 0.05;

    private final List<Scene> scenes = new ArrayList<>();
    private double text = 1;
    private ThemeChoice appearance = ThemeChoice.DARK;

    /** Dresses one more window, and again whenever something changes. */
    public void dress(Scene scene) {
        scenes.add(scene);
        scene.getStylesheets().setAll(Stylesheet.of(appearance, text));
    }

    /** A window that is gone. */
    public void forget(Scene scene) {
        scenes.remove(scene);
    }

    /**
     * Changes what is worn.
     *
     * @param textPercent of the size that the system wants, which counts too; all together within 90 … 150 %
     */
    public void wear(ThemeChoice wanted, int textPercent) {
        double size = Math.clamp(textPercent / 100.0 * ofSystem(), LEAST, MOST);
        if (wanted == appearance && size == text) {
            return;
        }
        if (wanted != appearance) {
            theme(wanted);
        }
        appearance = wanted;
        text = size;
        String sheet = Stylesheet.of(appearance, size);
        for (Scene scene : scenes) {
            scene.getStylesheets().setAll(sheet);
            scene.getRoot().lookupAll(".surface").forEach(painted -> ((Surface) painted).redraw());
        }
    }

    /** The look of plain controls and the painted colours; before any scene the dark one. */
    public static void theme(ThemeChoice appearance) {
        Palette.wear(appearance);
        Application.setUserAgentStylesheet(
                appearance == ThemeChoice.DARK
                        ? new PrimerDark().getUserAgentStylesheetBSS()
                        : new PrimerLight().getUserAgentStylesheetBSS());
    }

    /** The text size, 1 for the usual one. */
    public double text() {
        return text;
    }

    /** How much larger than usual the system's text is, in steps that hide what its fonts differ in. */
    private static double ofSystem() {
        boolean windows = System.getProperty("os.name", "").startsWith("Windows");
        boolean nobody = "Headless".equals(System.getProperty("glass.platform")); // there no one has set a size
        double ratio = Font.getDefault().getSize() / (windows ? USUAL_ON_WINDOWS : USUAL);
        return nobody ? 1 : Math.round(ratio / STEP) * STEP;
    }
}
