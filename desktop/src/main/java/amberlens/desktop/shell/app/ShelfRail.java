package amberlens.desktop.shell.app;

import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.WindowLayout;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.shelf.panes.ShelfPane;
import amberlens.desktop.shelf.panes.ShelfTab;
import java.util.EnumMap;
import java.util.Map;
import javafx.scene.Group;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.VBox;

/** The rail to which the Shelf folds: its tabs as upright words. A word opens its tab, or folds the Shelf when it is open. */
final class ShelfRail extends VBox {
    private final Desk desk;
    private final ShelfPane shelf;
    private final Map<ShelfTab, ToggleButton> words = new EnumMap<>(ShelfTab.class);

    ShelfRail(Desk desk, ShelfPane shelf) {
        this.desk = desk;
        this.shelf = shelf;
        for (ShelfTab tab : ShelfTab.values()) {
            ToggleButton word = word(tab);
            words.put(tab, word);
            getChildren().add(new Group(word));
        }
        getStyleClass().add("shelf-rail");
        shelf.onTab(
                () -> show(desk.preferences().shelfOpen() || desk.preferences().arrangement() == WindowLayout.GATHER));
    }

    private ToggleButton word(ShelfTab tab) {
        ToggleButton button = new ToggleButton(tab.words());
        button.setId("rail-" + tab.tag());
        button.setRotate(-90);
        button.getStyleClass().add("rail-word");
        Hint.of(button, "Show or hide: " + tab.words());
        button.setOnAction(_ -> press(tab));
        return button;
    }

    private void press(ShelfTab tab) {
        if (desk.preferences().arrangement() == WindowLayout.GATHER) {
            shelf.show(tab);
            show(true);
            return;
        }
        boolean open = desk.preferences().shelfOpen();
        boolean fold = open && shelf.tab() == tab;
        shelf.show(tab);
        desk.prefer(to -> to.setShelfOpen(!fold));
        show(!fold);
    }

    /** Shows which tab stands open. */
    void show(boolean open) {
        words.forEach((tab, word) -> word.setSelected(open && shelf.tab() == tab));
    }
}
