package amberlens.desktop.desk.actions;

import amberlens.desktop.kit.style.Hint;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.css.PseudoClass;
import javafx.scene.control.ButtonBase;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

/** All actions, in the order of the menus. */
public final class Actions {
    /** Keys that a person has given to an action, instead of the usual ones. */
    public interface OwnKeys {
        /** Empty when the usual keys hold; empty text for no keys at all. */
        Optional<String> of(String action);
    }

    private static final PseudoClass IMPOSSIBLE = PseudoClass.getPseudoClass("impossible");

    private record Bound(ButtonBase button, String id) {}

    private final Map<String, Action> actions = new LinkedHashMap<>();
    private final Map<String, String> usual = new LinkedHashMap<>();
    private final List<Bound> bound = new ArrayList<>();
    private final OwnKeys own;
    private final Consumer<String> refused;

    /** @param refused is told in words why an action cannot be done now */
    public Actions(OwnKeys own, Consumer<String> refused) {
        this.own = own;
        this.refused = refused;
    }

    /**
     * Adds an action.
     *
     * @param keys the usual shortcut, see {@link KeyText}; empty for none
     */
    public void add(Action.Menu menu, String id, String name, String keys, Needs needs, Runnable run) {
        add(menu, id, name, () -> name, keys, needs, run);
    }

    /** Adds an action whose words in the menu change with the state. */
    public void add(
            Action.Menu menu,
            String id,
            String name,
            Supplier<String> menuText,
            String keys,
            Needs needs,
            Runnable run) {
        if (!keys.isEmpty() && usual.containsValue(keys)) {
            throw new IllegalStateException(id + " has keys that are taken: " + keys);
        }
        usual.put(id, keys);
        var action =
                new Action(id, menu, name, menuText, KeyText.read(own.of(id).orElse(keys)), needs, run);
        if (actions.put(id, action) != null) {
            throw new IllegalStateException("two actions are called " + id);
        }
    }

    /** Reads the shortcuts anew, after a person has changed them. */
    public void keysChanged() {
        actions.replaceAll((id, action) -> new Action(
                id,
                action.menu(),
                action.name(),
                action.menuText(),
                KeyText.read(own.of(id).orElse(usual.getOrDefault(id, ""))),
                action.needs(),
                action.run()));
        bound.forEach(this::name);
    }

    /** The action that has these keys now. */
    public Optional<Action> withKeys(KeyCombination keys) {
        return actions.values().stream()
                .filter(action -> action.shortcut().filter(keys::equals).isPresent())
                .findFirst();
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

    /** Does the action if it can be done now, or says why not. */
    public void run(String id) {
        Action action = get(id);
        if (action.isPossible()) {
            action.run().run();
        } else {
            refused.accept(action.refusal());
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
        button.setOnAction(_ -> run(id));
        button.setId(id.replace('.', '-'));
        var entry = new Bound(button, id);
        bound.add(entry);
        name(entry);
        return button;
    }

    /** Shows at the buttons what can be done now; what cannot stays there and says why when it is pressed. */
    public void refresh() {
        for (Bound entry : bound) {
            boolean possible = get(entry.id()).isPossible();
            if (possible == entry.button().getPseudoClassStates().contains(IMPOSSIBLE)) {
                name(entry);
            }
        }
    }

    private void name(Bound entry) {
        Action action = get(entry.id());
        Hint.of(entry.button(), action.hint());
        entry.button().setAccessibleText(action.name());
        entry.button().pseudoClassStateChanged(IMPOSSIBLE, !action.isPossible());
    }
}
