package amberlens.desktop.shelf.panes;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.words.Counted;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.kit.style.DialogParts;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/** What stands above the contact sheet: what there is, what finds and orders it, how large it is shown, and what lays it in. */
final class SheetHead extends HBox {
    private static final double LEAST = 110;
    private static final double MOST = 420;
    private static final double SHAPE = 0.68;

    private final Label count = DialogParts.quiet("");
    private final HBox finding = new HBox();
    private final Slider size = new Slider(LEAST, MOST, 208);
    private final Button lay;

    /** @param sized takes how large pictures are to be */
    SheetHead(Actions actions, Consumer<Size> sized) {
        Label title = new Label("Shelf");
        title.getStyleClass().add("view-title");
        title.setMinWidth(Region.USE_PREF_SIZE);
        Label larger = DialogParts.quiet("size");
        size.setId("sheet-size");
        size.setPrefWidth(120);
        size.setAccessibleText("How large pictures are shown");
        size.valueProperty().addListener((_, _, _) -> sized.accept(size()));
        Button add = actions.bind(new Button("Add…"), "media.add");
        add.setId("sheet-add");
        add.getStyleClass().add("quiet-button");
        lay = actions.bind(new Button("Lay in"), "shelf.lay");
        lay.setId("sheet-lay");
        lay.getStyleClass().add("main-button");
        lay.setMinWidth(Region.USE_PREF_SIZE);
        add.setMinWidth(Region.USE_PREF_SIZE);
        getChildren().addAll(title, count, DialogParts.gap(), finding, size, larger, add, lay);
        setSpacing(12);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("sheet-head");
    }

    /** How large pictures are. */
    Size size() {
        return new Size((int) size.getValue(), (int) (SHAPE * size.getValue()));
    }

    /** Larger with a turn of the wheel away from the hand. */
    void wheel(double turns) {
        size.setValue(Math.clamp(size.getValue() * Math.pow(1.1, turns), LEAST, MOST));
    }

    void put(Node tools) {
        finding.getChildren().setAll(tools);
    }

    void take(Node tools) {
        finding.getChildren().remove(tools);
    }

    /** Says what there is, and what is selected of it. */
    void tell(Project project, int selected) {
        long seen = project.media().stream()
                .filter(media -> media.isSeen() && media.hasFile())
                .count();
        long heard = project.media().stream()
                .filter(media -> media.kind() == Media.Kind.SOUND)
                .count();
        count.setText(Counted.of((int) seen, "picture") + (heard == 0 ? "" : ", " + Counted.of((int) heard, "sound")));
        lay.setText(selected == 0 ? "Lay in all" : "Lay in " + selected);
    }
}
