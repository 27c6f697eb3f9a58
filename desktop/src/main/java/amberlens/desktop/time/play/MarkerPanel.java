package amberlens.desktop.time.play;

import amberlens.core.edit.edits.MarkerEdits;
import amberlens.core.model.project.Marker;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.FormPanel;
import amberlens.desktop.kit.style.Overlay;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.control.TextField;

/** The dialog for the name of a marker. */
final class MarkerPanel extends FormPanel {
    private final Desk desk;
    private final Overlay overlay;
    private final Selection.MarkerAt marker;
    private final Optional<String> shot;
    private final TextField name;

    MarkerPanel(Desk desk, Overlay overlay, Selection.MarkerAt marker) {
        super("Name of the marker", "Set", overlay::close);
        this.desk = desk;
        this.overlay = overlay;
        this.marker = marker;
        shot = marker.onLineUp() ? Optional.empty() : desk.cursor().selection().shotId();
        List<Marker> markers = marker.onLineUp()
                ? desk.document().project().markers()
                : desk.cursor().selectedShot().map(found -> found.markers()).orElse(List.of());
        name = new TextField(markers.stream()
                .filter(found -> found.at() == marker.frame())
                .map(Marker::name)
                .findFirst()
                .orElse(""));
        name.setId("marker-name");
        name.setPromptText("for example: door opens");
        Platform.runLater(name::requestFocus);
        row("Name", name);
    }

    @Override
    protected void take() {
        desk.document()
                .apply(MarkerEdits.rename(shot, marker.frame(), name.getText().strip()));
        overlay.close();
    }
}
