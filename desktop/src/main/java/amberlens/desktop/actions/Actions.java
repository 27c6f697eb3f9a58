package amberlens.desktop.actions;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

/** All actions, in the order of the menus. */
public final class Actions {
    private final Map<String, Action> actions = new LinkedHashMap<>();

    /**
     * Adds an action.
     *
     * @param keys the shortcut: a key code after Shortcut or Shift, for example {@code "Shortcut+S"}; empty for none
     */
    public void add(Action.Menu menu, String id, String name, String keys, BooleanSupplier enabled, Runnable run) {
        add(menu, id, name, () -> name, keys, enabled, run);
    }

    /** Adds an action whose words in the menu change with the state. */
    public void add(
            Action.Menu menu,
            String id,
            String name,
            Supplier<String> menuText,
            String keys,
            BooleanSupplier enabled,
            Runnable run) {
        Optional<KeyCombination> shortcut = keys.isEmpty() ? Optional.empty() : Optional.of(combination(keys));
        var action = new Action(id, menu, name, menuText, shortcut, enabled, run);
        if (actions.put(id, action) != null) {
            throw new IllegalStateException("two actions are called " + id);
        }
    }

    private static KeyCombination combination(String keys) {
        List<String> parts = List.of(keys.split("\\+"));
        KeyCode code = KeyCode.valueOf(parts.getLast().toUpperCase(Locale.ROOT));
        List<KeyCombination.Modifier> modifiers = new ArrayList<>();
        if (parts.contains("Shift")) {
            modifiers.add(KeyCombination.SHIFT_DOWN);
        }
        if (parts.contains("Shortcut")) {
            modifiers.add(KeyCombination.SHORTCUT_DOWN);
        }
        return new KeyCodeCombination(code, modifiers.toArray(new KeyCombination.Modifier[0]));
    }

    public Action get(String id) {
        Action action = actions.get(id);
        if (action == null) {
            throw new IllegalArgumentException("no action is called " + id);
        }
        return action;
    }

    public List<Action> in(Action.Menu menu) {
        return actions.values().stream().filter(action -> action.menu() == menu).toList();
    }

    public List<Action> all() {
        return List.copyOf(actions.values());
    }

    /** Does the action if it can be done now. */
    public void run(String id) {
        Action action = get(id);
        if (action.enabled().getAsBoolean()) {
            action.run().run();
        }
    }

    /** The action that the pressed keys ask for. */
    public Optional<Action> matching(KeyEvent event) {
        return actions.values().stream()
                .filter(action ->
                        action.shortcut().map(keys -> keys.match(event)).orElse(false))
                .findFirst();
    }

    /** Lets a button do an action, with the action's tooltip and name. */
    public <B extends ButtonBase> B bind(B button, String id) {
        Action action = get(id);
        button.setOnAction(_ -> run(id));
        button.setTooltip(new Tooltip(action.nameWithKeys()));
        button.setAccessibleText(action.name());
        button.setId(id.replace('.', '-'));
        return button;
    }
}
