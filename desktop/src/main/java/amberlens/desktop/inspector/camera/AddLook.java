package amberlens.desktop.inspector.camera;

import amberlens.core.material.look.LookKind;
import amberlens.core.material.look.LookKinds;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.kit.style.Hint;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;

/** The kinds of looks to choose from. */
final class AddLook extends MenuButton {
    AddLook(Actions actions) {
        super("Add a look…");
        setId("look-add");
        Hint.of(this, "Adds a look to the selected shots");
        getStyleClass().add("quiet-button");
        for (LookKind kind : LookKinds.ALL) {
            MenuItem item = new MenuItem(kind.word() + ": " + kind.purpose());
            item.setId("look-add-" + kind.id());
            item.setOnAction(_ -> actions.run("look.add-" + kind.id()));
            getItems().add(item);
            if (kind.wearer() != LookKind.Wearer.ANY) {
                offerWherePossible(item, actions, "look.add-" + kind.id());
            }
        }
    }

    /** What can be seen only on some shots is offered for those. */
    private void offerWherePossible(MenuItem item, Actions actions, String action) {
        showingProperty().subscribe(_ -> item.setVisible(actions.get(action).isPossible()));
    }
}
