package amberlens.desktop.kit.style;

import java.util.Locale;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.Region;

/** Sizes that grow with the text size. They are given in pixels at the usual text size. */
public final class TextSizes {
    /** The usual text, in pixels; the root of the stylesheet has it. */
    private static final double USUAL = 13;

    private TextSizes() {}

    /** As wide as that at most. */
    public static void maxWidth(Region region, double px) {
        style(region, "-fx-max-width", px);
    }

    /** As wide as that if there is room. */
    public static void prefWidth(Region region, double px) {
        style(region, "-fx-pref-width", px);
    }

    /** That large if there is room. */
    public static void pref(Region region, double width, double height) {
        prefWidth(region, width);
        style(region, "-fx-pref-height", height);
    }

    /** As wide as that at least. */
    public static void minWidth(Region region, double px) {
        style(region, "-fx-min-width", px);
    }

    /** How many times as large as usual the text of a plain label is. */
    public static double of(Labeled label) {
        return label.getFont().getSize() / USUAL;
    }

    /** Likewise of a field. */
    public static double of(TextInputControl field) {
        return field.getFont().getSize() / USUAL;
    }

    private static void style(Region region, String property, double px) {
        region.setStyle(region.getStyle() + property + ": " + String.format(Locale.ROOT, "%.3fem; ", px / USUAL));
    }
}
