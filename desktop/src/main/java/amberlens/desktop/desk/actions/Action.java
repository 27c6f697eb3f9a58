package amberlens.desktop.desk.actions;

import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.input.KeyCombination;

/**
 * Something a person can do.
 *
 * @param id a stable name, for example {@code "framing.add"}
 * @param menu the menu it stands in
 * @param name what it is called, in plain words
 * @param menuText what the menu says now, for example what will be undone
 * @param shortcut the keys that do it
 * @param needs what it needs to be done
 */
public record Action(
        String id,
        Menu menu,
        String name,
        Supplier<String> menuText,
        Optional<KeyCombination> shortcut,
        Needs needs,
        Runnable run) {

    /** The menus, in their order. */
    public enum Menu {
        PROJECT("Project"),
        EDIT("Edit"),
        SHOT("Shot"),
        LINE_UP("Line-up"),
        EDGES("Edges"),
        MOVE("Move"),
        KEYS("Keys"),
        VIEW("View"),
        PLAY("Play"),
        HELP("Help");

        private final String word;

        Menu(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** Whether it can be done now. */
    public boolean isPossible() {
        return needs.areMet();
    }

    /** A sentence for people who want to do it while it cannot be done. */
    public String refusal() {
        return "\"" + name + "\" needs " + needs.otherwise() + ".";
    }

    /** What a tooltip shows: the name with its keys, and what is missing. */
    public String hint() {
        return nameWithKeys() + (isPossible() ? "" : "\nNeeds " + needs.otherwise());
    }

    /** The name with its keys. */
    public String nameWithKeys() {
        return shortcut.map(keys -> name + "  (" + keys.getDisplayText() + ")").orElse(name);
    }
}
