package amberlens.desktop.app;

import amberlens.desktop.desk.Desk;
import amberlens.desktop.shelf.ShelfPane;
import javafx.scene.Group;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;

/** The rail to which the Shelf folds: its tabs as upright words. A word opens its tab, or folds the Shelf when it is open. */
final class ShelfRail extends VBox {
    private final Desk desk;
    private final ShelfPane shelf;
    private final ToggleButton pictures = word("Shelf", "rail-shelf", false);
    private final ToggleButton ready = word("Ready moves", "rail-ready", true);

    ShelfRail(Desk desk, ShelfPane shelf) {
        this.desk = desk;
        this.shelf = shelf;
        getChildren().addAll(new Group(pictures), new Group(ready));
        getStyleClass().add("shelf-rail");
    }

    private ToggleButton word(String words, String id, boolean opens) {
        ToggleButton button = new ToggleButton(words);
        button.setId(id);
        button.setRotate(-90);
        button.getStyleClass().add("rail-word");
        button.setTooltip(new Tooltip("Open or fold: " + words));
        button.setOnAction(_ -> press(opens));
        return button;
    }

    private void press(boolean opens) {
        boolean open = desk.preferences().shelfOpen();
        boolean fold = open && shelf.showsReady() == opens;
        shelf.show(opens);
        desk.prefer(to -> to.setShelfOpen(!fold));
        show(!fold);
    }

    /** Shows which tab stands open. */
    void show(boolean open) {
        pictures.setSelected(open && !shelf.showsReady());
        ready.setSelected(open && shelf.showsReady());
    }
}
