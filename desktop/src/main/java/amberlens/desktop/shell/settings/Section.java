package amberlens.desktop.shell.settings;

import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.TextSizes;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;

/** Settings that belong together, one below the other. What is chosen holds at once. */
class Section extends VBox {
    private static final double WIDTH = 440;

    private final GridPane form = new GridPane();
    private int rows;

    Section(String id) {
        setId("settings-" + id);
        form.getStyleClass().add("form");
        getChildren().add(form);
    }

    /** A setting with its name. */
    Section row(String words, Node field) {
        Label label = DialogParts.quiet(words);
        label.setLabelFor(field);
        form.addRow(rows++, label, field);
        return this;
    }

    /** A setting that is on or off. */
    Section check(String words, String id, boolean on, Consumer<Boolean> set) {
        CheckBox box = new CheckBox(words);
        box.setId(id);
        box.setSelected(on);
        box.setOnAction(_ -> set.accept(box.isSelected()));
        form.add(box, 0, rows++, 2, 1);
        return this;
    }

    /** Words that explain what stands above. */
    Section explain(String words) {
        Label label = DialogParts.sentence(words);
        TextSizes.maxWidth(label, WIDTH);
        form.add(label, 0, rows++, 2, 1);
        return this;
    }

    /** Something else, over the whole width. */
    Section add(Node node) {
        form.add(node, 0, rows++, 2, 1);
        return this;
    }
}
