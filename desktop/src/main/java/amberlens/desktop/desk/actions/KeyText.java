package amberlens.desktop.desk.actions;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

/** Shortcuts as text: a key code after Shortcut, Alt or Shift, for example {@code "Shortcut+Shift+S"}. */
public final class KeyText {
    private KeyText() {}

    /** The keys that a text names; empty text, or one that names no key, is none. */
    public static Optional<KeyCombination> read(String text) {
        List<String> parts = List.of(text.split("\\+"));
        Optional<KeyCode> code = code(parts.getLast());
        List<KeyCombination.Modifier> modifiers = new ArrayList<>();
        if (parts.contains("Shift")) {
            modifiers.add(KeyCombination.SHIFT_DOWN);
        }
        if (parts.contains("Alt")) {
            modifiers.add(KeyCombination.ALT_DOWN);
        }
        if (parts.contains("Shortcut")) {
            modifiers.add(KeyCombination.SHORTCUT_DOWN);
        }
        return code.map(found -> new KeyCodeCombination(found, modifiers.toArray(new KeyCombination.Modifier[0])));
    }

    private static Optional<KeyCode> code(String name) {
        try {
            return Optional.of(KeyCode.valueOf(name.toUpperCase(Locale.ROOT)));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    /** The text for pressed keys; empty while only modifiers are down. */
    public static Optional<String> of(KeyEvent event) {
        if (event.getCode().isModifierKey() || event.getCode() == KeyCode.UNDEFINED) {
            return Optional.empty();
        }
        return Optional.of((event.isShortcutDown() ? "Shortcut+" : "")
                + (event.isAltDown() ? "Alt+" : "")
                + (event.isShiftDown() ? "Shift+" : "")
                + event.getCode().name());
    }
}
