package amberlens.desktop.dialogs.delivery;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.Project;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Hint;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;

/** In which frame the film is looked at, and the way to the others. */
public final class ShapeChip extends MenuButton {
    private final Desk desk;
    private final Actions actions;

    public ShapeChip(Desk desk, Actions actions) {
        this.desk = desk;
        this.actions = actions;
        setId("shape");
        getStyleClass().addAll("chip", "shape-chip");
        Hint.of(this, "The frame shape you view and work in");
        setOnShowing(_ -> fill());
        getItems().add(new MenuItem());
        setMinWidth(USE_PREF_SIZE);
    }

    /** Shows what is looked at. */
    public void refresh() {
        Optional<Delivery> delivery = desk.document().delivery();
        setText(delivery.map(Delivery::name).orElse("Film"));
        setGraphic(new ShapeSign(desk.document().project().frameSize()));
    }

    private void fill() {
        Project whole = desk.document().whole();
        List<MenuItem> items = new ArrayList<>();
        items.add(item("Film", whole.frameSize(), Optional.empty()));
        whole.deliveries()
                .forEach(delivery -> items.add(item(delivery.name(), delivery.size(), Optional.of(delivery.id()))));
        MenuItem more = new MenuItem("Deliveries…");
        more.setOnAction(_ -> actions.run("delivery.list"));
        items.add(new SeparatorMenuItem());
        items.add(more);
        getItems().setAll(items);
    }

    private RadioMenuItem item(String name, Size size, Optional<String> id) {
        RadioMenuItem item = new RadioMenuItem(name + "  " + size);
        item.setMnemonicParsing(false);
        item.setSelected(desk.document().delivery().map(Delivery::id).equals(id));
        item.setOnAction(_ -> desk.document().lookAt(id));
        return item;
    }
}
