package amberlens.desktop.app;

import amberlens.desktop.look.DialogParts;
import amberlens.desktop.look.Overlay;
import amberlens.project.safe.EarlierVersions.Version;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;

/** The last saved versions of the project's file; one that is taken comes back as a step that can be undone. */
final class VersionsPanel extends VBox {
    static final DateTimeFormatter TIME = DateTimeFormatter.ofLocalizedDateTime(FormatStyle.MEDIUM)
            .localizedBy(Locale.ENGLISH)
            .withZone(ZoneId.systemDefault());

    VersionsPanel(List<Version> versions, Overlay overlay, Consumer<Version> take) {
        setSpacing(8);
        setPrefWidth(420);
        getChildren()
                .addAll(
                        DialogParts.title("Earlier versions"),
                        DialogParts.quiet(
                                versions.isEmpty()
                                        ? "Nothing was saved under this name yet."
                                        : "As they were saved, the newest first. Taking one is a step that can be undone."));
        for (int i = 0; i < versions.size(); i++) {
            Version version = versions.get(i);
            Button row = new Button("Saved " + TIME.format(version.saved()));
            row.setId("version-" + i);
            row.getStyleClass().add("list-row");
            row.setMaxWidth(Double.MAX_VALUE);
            row.setAlignment(Pos.CENTER_LEFT);
            row.setOnAction(_ -> {
                overlay.close();
                take.accept(version);
            });
            getChildren().add(row);
        }
        Button close = new Button("Close");
        close.getStyleClass().add("main-button");
        close.setOnAction(_ -> overlay.close());
        getChildren().add(close);
    }
}
