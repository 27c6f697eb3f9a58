package amberlens.desktop.shelf;

import java.util.Locale;
import javafx.scene.control.MenuButton;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Chooses the order of the pictures. */
final class OrderMenu extends MenuButton {
    private ShelfOrder chosen = ShelfOrder.ADDED;
    private final Tooltip hint = new Tooltip();

    /** @param changed is called when another order was chosen */
    OrderMenu(Runnable changed) {
        setId("shelf-order");
        setGraphic(new FontIcon(Feather.LIST));
        getStyleClass().addAll("icon-button", "guide-menu");
        setTooltip(hint);
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
        hint.setText("Order: " + chosen.words());
        setAccessibleText("Order of the pictures: " + chosen.words());
    }

    ShelfOrder chosen() {
        return chosen;
    }
}
