package amberlens.desktop.dialogs.session;

import amberlens.desktop.kit.style.DialogPanel;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.kit.style.TextSizes;
import amberlens.project.safe.EarlierVersions.Version;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** The last saved versions of the project's file; one that is taken comes back as a step that can be undone. */
final class VersionsPanel extends DialogPanel {
    static final DateTimeFormatter TIME = DateTimeFormatter.ofLocalizedDateTime(FormatStyle.MEDIUM)
            .localizedBy(Locale.ENGLISH)
            .withZone(ZoneId.systemDefault());

    VersionsPanel(List<Version> versions, Overlay overlay, Consumer<Version> take) {
        super("Earlier versions");
        TextSizes.prefWidth(this, 460);
        body(DialogParts.sentence(
                versions.isEmpty()
                        ? "Nothing was saved under this name yet."
                        : "Newest first. Restoring one can be undone."));
        for (int i = 0; i < versions.size(); i++) {
            Version version = versions.get(i);
            Button taken = new Button("Restore");
            taken.setId("version-" + i);
            taken.getStyleClass().add("quiet-button");
            taken.setOnAction(_ -> {
                overlay.close();
                take.accept(version);
            });
            Label saved = new Label(TIME.format(version.saved()));
            HBox.setHgrow(saved, Priority.ALWAYS);
            saved.setMaxWidth(Double.MAX_VALUE);
            HBox row = new HBox(12, saved, taken);
            row.setAlignment(Pos.CENTER_LEFT);
            body(row);
        }
        foot(other("Close", overlay::close));
    }
}
