package amberlens.desktop.inspector.camera;

import amberlens.core.base.words.Figures;
import amberlens.core.material.shake.ShakeLayer;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.actions.Actions;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;

/** The shake that lies under the move, where there is one; a click opens it. */
final class ShakeRow extends HBox {
    private final Button which = new Button();

    ShakeRow(Actions actions) {
        super(8);
        Label name = new Label("Shake");
        name.getStyleClass().add("property-name");
        name.setMinWidth(USE_PREF_SIZE);
        which.getStyleClass().add("quiet-button");
        which.setId("camera-shake");
        which.setMinWidth(0);
        actions.bind(which, "move.shake");
        getStyleClass().add("shake-row");
        setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(name, which);
        setVisible(false);
    }

    void show(Optional<Shot> shot) {
        Optional<ShakeLayer> layer = shot.flatMap(found -> found.settings().shake());
        setVisible(layer.isPresent());
        layer.ifPresent(shake -> which.setText(shake.shake().name() + ", " + Figures.fixed(shake.amount(), 0) + " %"));
    }
}
