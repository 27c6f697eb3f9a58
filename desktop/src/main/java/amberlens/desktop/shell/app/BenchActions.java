package amberlens.desktop.shell.app;

import amberlens.core.edit.edits.InsetEdits;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.actions.Needs;
import amberlens.desktop.desk.commands.DeskNeeds;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.dialogs.session.FileChoice;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.shelf.panes.ShelfTab;
import amberlens.project.LookFile;
import amberlens.project.MoveFile;
import amberlens.project.ShakeFile;
import java.util.Locale;

/** The actions that act on a view of the bench rather than on the project. */
final class BenchActions {
    private static final double ZOOM = 1.5;

    private final Desk desk;
    private final Bench on;
    private final Dialogs dialogs;
    private final Overlay overlay;
    private final FileChoice files;

    BenchActions(Desk desk, Bench on, Dialogs dialogs, Overlay overlay, FileChoice files) {
        this.desk = desk;
        this.on = on;
        this.dialogs = dialogs;
        this.overlay = overlay;
        this.files = files;
    }

    /** Adds what acts on a view rather than on the project. */
    void add(Actions actions) {
        actions.add(Menu.PLAY, "go.time", "Type a time", "T", Needs.NOTHING, () -> on.lens()
                .askTime());
        actions.add(Menu.KEYS, "score.curves", "Curves in the Score", "C", Needs.NOTHING, () -> on.score()
                .toggleCurves());
        actions.add(
                Menu.KEYS,
                "score.tall",
                "Expand the lanes of the selected keys",
                "Enter",
                Needs.NOTHING,
                () -> on.score().toggleTall());
        actions.add(Menu.KEYS, "score.closer", "Zoom in", "Equals", Needs.NOTHING, () -> on.score()
                .zoomTime(1 / ZOOM));
        actions.add(Menu.KEYS, "score.further", "Zoom out", "Minus", Needs.NOTHING, () -> on.score()
                .zoomTime(ZOOM));
        actions.add(Menu.VIEW, "lens.full", "Lens: fill the screen", "F11", Needs.NOTHING, () -> on.lensWindow()
                .toggle(true));
        actions.add(
                Menu.VIEW, "lens.window", "Lens: a window of its own", "Shift+F11", Needs.NOTHING, () -> on.lensWindow()
                        .toggle(false));
        actions.add(
                Menu.SHOT,
                "shelf.lay",
                "Add the selected pictures to the Line-up",
                "Shortcut+Enter",
                Needs.of(
                        "a picture on the Shelf",
                        () -> !desk.document().project().media().isEmpty()),
                () -> on.shelf().laySelected());
        for (InsetEdits.Order order : InsetEdits.Order.values()) {
            actions.add(
                    Menu.SHOT,
                    "shelf.inset_" + order.name().toLowerCase(Locale.ROOT),
                    "Add the selected pictures as insets: " + order.words(),
                    "",
                    Needs.of(
                            "a picture on the Shelf, and a shot",
                            () -> desk.document().project().media().stream().anyMatch(Media::isSeen)
                                    && !desk.document().project().shots().isEmpty()),
                    () -> on.shelf().laySelectedAsInsets(order));
        }
        actions.add(
                Menu.VIEW,
                "shelf.ready",
                "Pictures or ready moves",
                "Y",
                Needs.NOTHING,
                () -> on.show(on.shelf().tab() == ShelfTab.MOVES ? ShelfTab.PICTURES : ShelfTab.MOVES));
        actions.add(
                Menu.VIEW,
                "shelf.looks",
                "Pictures or looks",
                "Alt+Y",
                Needs.NOTHING,
                () -> on.show(on.shelf().tab() == ShelfTab.LOOKS ? ShelfTab.PICTURES : ShelfTab.LOOKS));
        actions.add(Menu.SHOT, "look.open", "Import looks…", "", Needs.NOTHING, this::takeLooks);
        actions.add(
                Menu.MOVE, "aim.places", "Pan and zoom between two places", "J", DeskNeeds.shot(desk), () -> on.shelf()
                        .panBetweenPlaces());
        actions.add(Menu.MOVE, "move.open", "Import kept move…", "", Needs.NOTHING, this::takeMove);
        actions.add(
                Menu.EDGES,
                "edges.check-all",
                "Check all shots…",
                "Shortcut+B",
                DeskNeeds.shots(desk),
                dialogs::showCheck);
        actions.add(Menu.PROJECT, "settings.show", "Settings…", "Shortcut+I", Needs.NOTHING, dialogs::showSettings);
        actions.add(
                Menu.HELP, "help.first-move", "Your first move in five steps", "", Needs.NOTHING, () -> on.firstMove()
                        .begin());
        actions.add(Menu.HELP, "help.guide", "Guide", "Shift+F1", Needs.NOTHING, dialogs::showGuide);
        actions.add(Menu.HELP, "help.keys", "Find an action…", "F1", Needs.NOTHING, dialogs::showActionSearch);
    }

    private void takeLooks() {
        files.looksToTake().ifPresent(file -> {
            try {
                on.shelf().take(LookFile.open(file));
            } catch (FileProblem e) {
                overlay.tell("Those looks cannot be used", e.getMessage());
            }
        });
    }

    private void takeMove() {
        files.moveToTake().ifPresent(file -> {
            try {
                if (file.toString().endsWith(ShakeFile.ENDING)) {
                    on.shelf().take(ShakeFile.open(file));
                } else {
                    on.shelf().take(MoveFile.open(file));
                }
            } catch (FileProblem e) {
                overlay.tell("That move cannot be used", e.getMessage());
            }
        });
    }
}
