package amberlens.desktop.picture.lens;

import amberlens.core.base.geometry.DeliveryGuide;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Tools;
import amberlens.desktop.kit.style.Hint;
import java.util.Optional;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The guides and delivery guides of the Lens. */
final class GuideMenu extends MenuButton {
    private final LensSurface surface;

    GuideMenu(Desk desk, LensSurface surface) {
        this.surface = surface;
        setId("guides");
        setGraphic(new FontIcon(Feather.GRID));
        Hint.of(this, "Guides, and what other deliveries show");
        setAccessibleText("Guides");
        getStyleClass().addAll("icon-button", "guide-menu");
        getItems().add(new MenuItem());
        setOnShowing(_ -> fill(desk.tools()));
    }

    private void fill(Tools viewing) {
        CheckMenuItem handles = new CheckMenuItem("Handles: zoom, turn and anchor of the picture");
        handles.setId("lens-handles");
        handles.setSelected(surface.showsHandles());
        handles.setOnAction(_ -> surface.setHandles(handles.isSelected()));
        getItems().setAll(handles, new SeparatorMenuItem());
        for (Tools.Guide guide : Tools.Guide.values()) {
            CheckMenuItem item = new CheckMenuItem(guide.words());
            item.setSelected(viewing.shows(guide));
            item.setOnAction(_ -> viewing.toggle(guide));
            getItems().add(item);
        }
        getItems().add(new SeparatorMenuItem());
        getItems().add(delivery(viewing, Optional.empty(), "No delivery guide"));
        for (DeliveryGuide shape : DeliveryGuide.values()) {
            getItems().add(delivery(viewing, Optional.of(shape), "Delivery guide " + shape.words()));
        }
        CheckMenuItem judged = new CheckMenuItem("Check edges and room for the delivery guide");
        judged.setSelected(viewing.judgingDelivery());
        judged.setDisable(viewing.delivery().isEmpty());
        judged.setOnAction(_ -> viewing.setJudgingDelivery(!viewing.judgingDelivery()));
        getItems().addAll(new SeparatorMenuItem(), judged);
    }

    private static RadioMenuItem delivery(Tools viewing, Optional<DeliveryGuide> shape, String words) {
        RadioMenuItem item = new RadioMenuItem(words);
        item.setSelected(viewing.delivery().equals(shape));
        item.setOnAction(_ -> viewing.setDelivery(shape));
        return item;
    }
}
