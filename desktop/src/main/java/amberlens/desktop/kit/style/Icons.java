package amberlens.desktop.kit.style;

import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ToggleButton;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Buttons that show an icon, each with a tooltip and an accessible name. */
public final class Icons {
    private Icons() {}

    public static Button button(Feather icon, String name) {
        return dressed(new Button(), icon, name);
    }

    public static ToggleButton toggle(Feather icon, String name) {
        return dressed(new ToggleButton(), icon, name);
    }

    private static <B extends ButtonBase> B dressed(B button, Feather icon, String name) {
        button.setGraphic(new FontIcon(icon));
        button.getStyleClass().add("icon-button");
        name(button, name);
        return button;
    }

    /** Gives a control its tooltip and its name for assistive programs. */
    public static void name(javafx.scene.control.Control control, String name) {
        Hint.of(control, name);
        control.setAccessibleText(name);
    }
}
