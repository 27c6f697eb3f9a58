package amberlens.desktop.shelf.panes;

import amberlens.desktop.kit.style.Hint;
import java.util.Locale;
import javafx.scene.control.MenuButton;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.ToggleGroup;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Chooses the order of the pictures. */
final class OrderMenu extends MenuButton {
    private ShelfOrder chosen = ShelfOrder.ADDED;

    /** @param changed is called when another order was chosen */
    OrderMenu(Runnable changed) {
        setId("shelf-order");
        setGraphic(new FontIcon(Feather.LIST));
        getStyleClass().addAll("icon-button", "guide-menu");
        setMinWidth(USE_PREF_SIZE);
        var group = new ToggleGroup();
        for (ShelfOrder order : ShelfOrder.values()) {
            RadioMenuItem item = new RadioMenuItem("Pictures " + order.words());
            item.setId("order-" + order.name().toLowerCase(Locale.ROOT));
            item.setToggleGroup(group);
            item.setSelected(order == chosen);
            item.setOnAction(_ -> {
                chosen = order;
                name();
                changed.run();
            });
            getItems().add(item);
        }
        name();
    }

    private void name() {
        Hint.of(this, "Order: " + chosen.words());
        setAccessibleText("Order of the pictures: " + chosen.words());
    }

    ShelfOrder chosen() {
        return chosen;
    }
}
