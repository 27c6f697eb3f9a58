package amberlens.desktop.dialogs.edit;

import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.DialogPanel;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.kit.style.TextSizes;
import java.util.List;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;

/** All steps by name, the last one below; a click goes back, or forward again, to just after it. */
final class HistoryPanel extends DialogPanel {
    private static final PseudoClass UNDONE = PseudoClass.getPseudoClass("undone");
    private static final PseudoClass PRESENT = PseudoClass.getPseudoClass("present");
    private static final double ROWS_HEIGHT = 380;

    private final Desk desk;
    private final VBox rows = new VBox(1);

    HistoryPanel(Desk desk, Overlay overlay) {
        super("History");
        this.desk = desk;
        ScrollPane scroll = new ScrollPane(rows);
        scroll.getStyleClass().add("quiet-scroll");
        scroll.setFitToWidth(true);
        TextSizes.pref(scroll, 420, ROWS_HEIGHT);
        rows.setId("history-rows");
        body(DialogParts.quiet("Click a step to return to it."), scroll);
        foot(main("Close", overlay::close));
        fill();
        scroll.setVvalue(1);
    }

    private void fill() {
        rows.getChildren().clear();
        add("As it was opened", 0);
        List<String> names = desk.document().steps();
        for (int i = 0; i < names.size(); i++) {
            add((i + 1) + "   " + names.get(i), i + 1);
        }
    }

    private void add(String words, int steps) {
        Button row = new Button(words);
        row.setId("step-" + steps);
        row.getStyleClass().add("list-row");
        row.setMaxWidth(Double.MAX_VALUE);
        row.setAlignment(Pos.CENTER_LEFT);
        row.pseudoClassStateChanged(UNDONE, steps > desk.document().step());
        row.pseudoClassStateChanged(PRESENT, steps == desk.document().step());
        row.setOnAction(_ -> {
            desk.document().goToStep(steps);
            fill();
        });
        rows.getChildren().add(row);
    }
}
