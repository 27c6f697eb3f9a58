package amberlens.desktop.shelf.panes;

import java.nio.file.Path;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;

/** What a right click on something kept offers. */
final class KeptMenu {
    private KeptMenu() {}

    /**
     * Gives a card its menu.
     *
     * @param what it is, in a word
     * @param say shows a sentence in the status line
     */
    static void on(Node card, String what, Path file, Consumer<String> say, Runnable remove) {
        MenuItem where = new MenuItem("Show where the file is, to share it");
        where.setOnAction(_ -> say.accept("The " + what + " is kept in " + file + "."));
        MenuItem away = new MenuItem("Remove this kept " + what);
        away.setOnAction(_ -> remove.run());
        ContextMenu menu = new ContextMenu(where, away);
        card.setOnContextMenuRequested(event -> menu.show(card, event.getScreenX(), event.getScreenY()));
    }
}
