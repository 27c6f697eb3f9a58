package amberlens.desktop.kit.style;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/** What forms in the Camera are made of: rows of a name with what belongs to it, and words between numbers. */
public final class FormRows {
    private FormRows() {}

    /** What a number counts, and what joins it to the next; never cut. */
    public static Label unit(String words) {
        Label unit = DialogParts.quiet(words);
        unit.setMinWidth(Region.USE_PREF_SIZE);
        return unit;
    }

    /** A row; without words it goes on with the one before and is seen while its first part is. */
    public static HBox row(String words, Node... parts) {
        Label name = new Label(words);
        name.getStyleClass().addAll("property-name", "long");
        name.setLabelFor(parts[0]);
        HBox row = new HBox(6, name);
        row.getChildren().addAll(parts);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("choice-row");
        row.managedProperty().bind(row.visibleProperty());
        if (words.isEmpty()) {
            row.visibleProperty().bind(parts[0].visibleProperty());
        }
        return row;
    }
}
