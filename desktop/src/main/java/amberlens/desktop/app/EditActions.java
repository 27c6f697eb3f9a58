package amberlens.desktop.app;

import amberlens.core.keys.Pasting;
import amberlens.desktop.actions.Action.Menu;
import amberlens.desktop.actions.Actions;
import amberlens.desktop.commands.KeyChanges;
import amberlens.desktop.commands.KeyClipboard;
import amberlens.desktop.look.Overlay;
import amberlens.desktop.store.Store;
import java.util.function.BooleanSupplier;

/** The actions of the Edit menu: history, clipboard, selection. */
final class EditActions {
    private EditActions() {}

    static void addTo(Actions actions, Store store, Overlay overlay) {
        history(actions, store, overlay);
        clipboard(actions, store, overlay);
        selection(actions, store);
    }

    private static void history(Actions actions, Store store, Overlay overlay) {
        actions.add(
                Menu.EDIT,
                "edit.undo",
                "Undo",
                () -> "Undo " + store.undoName().orElse(""),
                "Shortcut+Z",
                () -> store.undoName().isPresent(),
                store::undo);
        actions.add(
                Menu.EDIT,
                "edit.redo",
                "Redo",
                () -> "Redo " + store.redoName().orElse(""),
                "Shortcut+Shift+Z",
                () -> store.redoName().isPresent(),
                store::redo);
        actions.add(
                Menu.EDIT,
                "edit.history",
                "History…",
                "Shortcut+H",
                () -> !store.steps().isEmpty(),
                () -> overlay.show(new HistoryPanel(store, overlay), overlay::close));
    }

    private static void clipboard(Actions actions, Store store, Overlay overlay) {
        var clipboard = new KeyClipboard(store, overlay);
        BooleanSupplier shot = () -> store.selectedShot().isPresent();
        BooleanSupplier keys = () -> !store.selectedKeys().isEmpty();
        actions.add(Menu.EDIT, "edit.cut", "Cut keys or framing", "Shortcut+X", keys, clipboard::cut);
        actions.add(Menu.EDIT, "edit.copy", "Copy keys or framing", "Shortcut+C", shot, clipboard::copy);
        actions.add(Menu.EDIT, "edit.copy-move", "Copy the move", "Shortcut+Shift+C", shot, clipboard::copyMove);
        actions.add(
                Menu.EDIT,
                "edit.paste",
                "Paste at the playhead",
                "Shortcut+V",
                shot,
                () -> clipboard.paste(Pasting.ALL));
        actions.add(
                Menu.EDIT,
                "edit.paste-values",
                "Paste values only",
                "Shortcut+Shift+V",
                shot,
                () -> clipboard.paste(Pasting.VALUES));
        actions.add(
                Menu.EDIT,
                "edit.paste-eases",
                "Paste eases only",
                "Shortcut+Alt+V",
                shot,
                () -> clipboard.paste(Pasting.EASES));
        actions.add(
                Menu.EDIT,
                "edit.paste-relative",
                "Paste relative to what is there",
                "Alt+Shift+V",
                shot,
                () -> clipboard.paste(Pasting.RELATIVE));
    }

    private static void selection(Actions actions, Store store) {
        var changes = new KeyChanges(store);
        BooleanSupplier shot = () -> store.selectedShot().isPresent();
        actions.add(Menu.EDIT, "edit.delete", "Delete the selection", "Delete", shot, changes::delete);
        actions.add(Menu.EDIT, "keys.all", "Select all keys of the shot", "Shortcut+A", shot, changes::selectAll);
        actions.add(
                Menu.EDIT, "keys.here", "Select the keys at the playhead", "Shift+A", shot, changes::selectAtPlayhead);
    }
}
