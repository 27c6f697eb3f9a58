package amberlens.desktop.dialogs.edit;

import amberlens.core.motion.keys.Pasting;
import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.actions.Needs;
import amberlens.desktop.desk.commands.DeskNeeds;
import amberlens.desktop.desk.commands.KeyChanges;
import amberlens.desktop.desk.commands.KeyClipboard;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Overlay;

/** The actions of the Edit menu: history, clipboard, selection. */
public final class EditActions {
    private EditActions() {}

    public static void addTo(Actions actions, Desk desk, Overlay overlay) {
        history(actions, desk, overlay);
        clipboard(actions, desk, overlay);
        selection(actions, desk);
    }

    private static void history(Actions actions, Desk desk, Overlay overlay) {
        actions.add(
                Menu.EDIT,
                "edit.undo",
                "Undo",
                () -> "Undo " + desk.document().undoName().orElse(""),
                "Shortcut+Z",
                Needs.of("a change to undo", () -> desk.document().undoName().isPresent()),
                desk.document()::undo);
        actions.add(
                Menu.EDIT,
                "edit.redo",
                "Redo",
                () -> "Redo " + desk.document().redoName().orElse(""),
                "Shortcut+Shift+Z",
                Needs.of(
                        "a change that was undone",
                        () -> desk.document().redoName().isPresent()),
                desk.document()::redo);
        actions.add(
                Menu.EDIT,
                "edit.history",
                "History…",
                "Shortcut+H",
                Needs.of(
                        "a change in the history",
                        () -> !desk.document().steps().isEmpty()),
                () -> overlay.show(new HistoryPanel(desk, overlay), overlay::close));
    }

    private static void clipboard(Actions actions, Desk desk, Overlay overlay) {
        var clipboard = new KeyClipboard(desk, overlay);
        Needs shot = DeskNeeds.shot(desk);
        Needs something = DeskNeeds.something(desk);
        Needs keys = DeskNeeds.keys(desk);
        actions.add(Menu.EDIT, "edit.cut", "Cut keys or framing", "Shortcut+X", keys, clipboard::cut);
        actions.add(Menu.EDIT, "edit.copy", "Copy keys or framing", "Shortcut+C", something, clipboard::copy);
        actions.add(Menu.EDIT, "edit.copy-move", "Copy the move", "Shortcut+Shift+C", shot, clipboard::copyMove);
        actions.add(
                Menu.EDIT,
                "edit.paste",
                "Paste at the playhead",
                "Shortcut+V",
                something,
                () -> clipboard.paste(Pasting.ALL));
        actions.add(
                Menu.EDIT,
                "edit.paste-values",
                "Paste values only",
                "Shortcut+Shift+V",
                something,
                () -> clipboard.paste(Pasting.VALUES));
        actions.add(
                Menu.EDIT,
                "edit.paste-eases",
                "Paste eases only",
                "Shortcut+Alt+V",
                something,
                () -> clipboard.paste(Pasting.EASES));
        actions.add(
                Menu.EDIT,
                "edit.paste-relative",
                "Paste relative to what is there",
                "Alt+Shift+V",
                something,
                () -> clipboard.paste(Pasting.RELATIVE));
    }

    private static void selection(Actions actions, Desk desk) {
        var changes = new KeyChanges(desk);
        Needs shot = DeskNeeds.something(desk);
        actions.add(Menu.EDIT, "edit.delete", "Delete the selection", "Delete", shot, changes::delete);
        actions.add(Menu.EDIT, "keys.all", "Select all keys of the shot", "Shortcut+A", shot, changes::selectAll);
        actions.add(
                Menu.EDIT, "keys.here", "Select the keys at the playhead", "Shift+A", shot, changes::selectAtPlayhead);
    }
}
