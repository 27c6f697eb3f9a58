package amberlens.desktop.play;

import amberlens.core.edit.MarkerEdits;
import amberlens.core.model.Marker;
import amberlens.desktop.desk.Desk;
import amberlens.desktop.desk.Selection;
import amberlens.desktop.style.DialogParts;
import amberlens.desktop.style.Overlay;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

/** The dialog for the name of a marker. */
final class MarkerPanel extends VBox {
    MarkerPanel(Desk desk, Overlay overlay, Selection.MarkerAt marker) {
        Optional<String> shot =
                marker.onLineUp() ? Optional.empty() : desk.cursor().selection().shotId();
        List<Marker> markers = marker.onLineUp()
                ? desk.document().project().markers()
                : desk.cursor().selectedShot().map(found -> found.markers()).orElse(List.of());
        TextField name = new TextField(markers.stream()
                .filter(found -> found.at() == marker.frame())
                .map(Marker::name)
                .findFirst()
                .orElse(""));
        name.setId("marker-name");
        name.setPromptText("for example: door opens");
        Platform.runLater(name::requestFocus);
        setSpacing(12);
        getChildren()
                .addAll(
                        DialogParts.title("Name of the marker"),
                        name,
                        DialogParts.foot(
                                "Set",
                                () -> {
                                    desk.document()
                                            .apply(MarkerEdits.rename(
                                                    shot,
                                                    marker.frame(),
                                                    name.getText().strip()));
                                    overlay.close();
                                },
                                overlay::close));
    }
}
