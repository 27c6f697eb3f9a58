package amberlens.desktop.inspector.camera;

import amberlens.core.material.look.Look;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Overlay;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The looks of the selected shot, in their order, each with its amounts. */
final class LookList extends VBox {
    private final Desk desk;
    private final Overlay overlay;
    private final VBox boxes = new VBox();
    private final Label nothing = new Label(
            "No looks yet. A look changes how the picture appears: tone, softness, vignette, border, mask. Every amount can be keyed. Ready looks are on the Shelf.");
    private List<Look> shown = List.of();
    private String shownOf = "";

    LookList(Desk desk, Overlay overlay, Actions actions, AddLook add) {
        this.desk = desk;
        this.overlay = overlay;
        nothing.setWrapText(true);
        nothing.getStyleClass().addAll("quiet", "camera-empty");
        nothing.managedProperty().bind(nothing.visibleProperty());
        Button copy = actions.bind(new Button("Copy to shots"), "look.copy");
        copy.getStyleClass().add("quiet-button");
        copy.setMaxWidth(Double.MAX_VALUE);
        add.setMaxWidth(Double.MAX_VALUE);
        HBox foot = new HBox(8, add, copy);
        HBox.setHgrow(add, Priority.ALWAYS);
        HBox.setHgrow(copy, Priority.ALWAYS);
        foot.getStyleClass().add("look-foot");
        getChildren().addAll(boxes, nothing, foot);
        getStyleClass().add("look-list");
        managedProperty().bind(visibleProperty());
    }

    /** Shows the looks of a shot at one of its frames. */
    void show(Shot shot, int frame) {
        if (!shot.looks().equals(shown) || !shot.id().equals(shownOf)) {
            fill(shot);
        }
        boxes.getChildren().forEach(box -> ((LookBox) box).show(shot, frame));
    }

    private void fill(Shot shot) {
        List<Node> before = shot.id().equals(shownOf) ? List.copyOf(boxes.getChildren()) : List.of();
        List<Node> made = new ArrayList<>();
        for (Look look : shot.looks()) {
            made.add(before.stream()
                    .filter(box -> ((LookBox) box).takes(look))
                    .findFirst()
                    .orElseGet(() -> new LookBox(desk, overlay, look)));
        }
        shown = shot.looks();
        shownOf = shot.id();
        if (!boxes.getChildren().equals(made)) {
            boxes.getChildren().setAll(made);
        }
        nothing.setVisible(made.isEmpty());
    }
}
