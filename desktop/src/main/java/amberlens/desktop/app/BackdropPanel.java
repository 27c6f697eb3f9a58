package amberlens.desktop.app;

import amberlens.core.edit.SettingsEdits;
import amberlens.core.model.Backdrop;
import amberlens.core.model.Colour;
import amberlens.core.model.Shot;
import amberlens.desktop.look.DialogParts;
import amberlens.desktop.look.Overlay;
import amberlens.desktop.store.Store;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Asks for the colour behind a shot's picture. */
final class BackdropPanel extends VBox {
    BackdropPanel(Store store, Overlay overlay, Shot shot) {
        TextField colour = new TextField(
                shot.settings().backdrop() instanceof Backdrop.Plain plain
                        ? plain.colour().toString()
                        : "#000000");
        colour.setId("backdrop-colour");
        colour.setPrefColumnCount(8);
        Label note = new Label("Written like #1A2B3C.");
        note.getStyleClass().add("quiet");
        note.setId("backdrop-note");
        HBox row = new HBox(8, DialogParts.quiet("Colour"), colour, note);
        row.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        Runnable take = () -> {
            try {
                var plain = new Backdrop.Plain(Colour.parse(colour.getText().strip()));
                store.apply(SettingsEdits.setBackdrop(shot.id(), plain));
                overlay.close();
            } catch (IllegalArgumentException e) {
                note.setText(e.getMessage());
            }
        };
        setSpacing(12);
        getChildren()
                .addAll(
                        DialogParts.title("Behind " + shot.name()),
                        row,
                        DialogParts.foot("Put it there", take, overlay::close));
    }
}
