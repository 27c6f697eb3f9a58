package amberlens.desktop.lens;

import amberlens.core.geometry.MaskShape;
import amberlens.desktop.desk.Desk;
import amberlens.desktop.desk.Tools;
import java.util.Optional;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.Tooltip;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The guides and masks of the Lens. */
final class GuideMenu extends MenuButton {
    private final LensSurface surface;

    GuideMenu(Desk desk, LensSurface surface) {
        this.surface = surface;
        setId("guides");
        setGraphic(new FontIcon(Feather.GRID));
        setTooltip(new Tooltip("Guides, and masks of other deliveries"));
        setAccessibleText("Guides and masks");
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
        getItems().add(mask(viewing, Optional.empty(), "No mask"));
        for (MaskShape shape : MaskShape.values()) {
            getItems().add(mask(viewing, Optional.of(shape), "Mask " + shape.words()));
        }
        CheckMenuItem judged = new CheckMenuItem("Judge edges and room for the mask");
        judged.setSelected(viewing.judgingMask());
        judged.setDisable(viewing.mask().isEmpty());
        judged.setOnAction(_ -> viewing.setJudgingMask(!viewing.judgingMask()));
        getItems().addAll(new SeparatorMenuItem(), judged);
    }

    private static RadioMenuItem mask(Tools viewing, Optional<MaskShape> shape, String words) {
        RadioMenuItem item = new RadioMenuItem(words);
        item.setSelected(viewing.mask().equals(shape));
        item.setOnAction(_ -> viewing.setMask(shape));
        return item;
    }
}
