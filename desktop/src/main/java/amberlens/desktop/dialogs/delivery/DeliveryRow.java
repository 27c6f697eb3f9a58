package amberlens.desktop.dialogs.delivery;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.Delivery;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.TextSizes;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;

/** One frame shape in the list. It stays while its delivery changes, so that a click on it reaches what it was meant for. */
final class DeliveryRow {
    private static final double FOUND_WIDTH = 240;

    /** What may be done with a delivery from its row. */
    interface Ways {
        /** Looks at it; empty for the project's own frame. */
        void look(Optional<Delivery> delivery);

        /** Gives it what its fields say. */
        void change(Delivery delivery, TextField name, TextField across, TextField down);

        void reframe(Delivery delivery);

        void remove(Delivery delivery);
    }

    private final StackPane sign = new StackPane();
    private final TextField name;
    private final TextField across;
    private final TextField down;
    private final Label ownSize = new Label();
    private final Label found = DialogParts.quiet("…");
    private final Button look;
    private final List<Node> nodes;
    private Optional<Delivery> delivery;

    /** @param delivery empty for the project's own frame */
    DeliveryRow(Optional<Delivery> delivery, Ways ways) {
        this.delivery = delivery;
        String key = delivery.map(Delivery::id).orElse("");
        name = field("delivery-name-" + key, 9);
        across = field("delivery-width-" + key, 5);
        down = field("delivery-height-" + key, 5);
        found.setId("delivery-found-" + key);
        TextSizes.prefWidth(found, FOUND_WIDTH);
        look = button("", "delivery-look-" + key, () -> ways.look(this.delivery));
        HBox buttons = new HBox(6, look);
        buttons.setAlignment(Pos.CENTER_LEFT);
        buttons.setMinWidth(Region.USE_PREF_SIZE);
        if (delivery.isEmpty()) {
            nodes = List.of(sign, new Label("Film"), ownSize, found, buttons);
            return;
        }
        buttons.getChildren()
                .addAll(
                        button("Reframe", "delivery-reframe-" + key, () -> this.delivery.ifPresent(ways::reframe)),
                        button("Remove", "delivery-remove-" + key, () -> this.delivery.ifPresent(ways::remove)));
        for (TextField field : List.of(name, across, down)) {
            Runnable given = () -> this.delivery.ifPresent(now -> ways.change(now, name, across, down));
            field.setOnAction(_ -> given.run());
            field.focusedProperty().addListener((_, _, focused) -> {
                if (!focused) {
                    given.run();
                }
            });
        }
        delivery.ifPresent(this::write);
        HBox size = new HBox(4, across, new Label("×"), down);
        size.setAlignment(Pos.CENTER_LEFT);
        nodes = List.of(sign, name, size, found, buttons);
    }

    private static TextField field(String id, int columns) {
        TextField field = new TextField();
        field.setId(id);
        field.setPrefColumnCount(columns);
        return field;
    }

    private static Button button(String words, String id, Runnable action) {
        Button button = new Button(words);
        button.getStyleClass().add("quiet-button");
        button.setId(id);
        button.setOnAction(_ -> action.run());
        return button;
    }

    /** Its shape, name, size, findings and buttons. */
    List<Node> nodes() {
        return nodes;
    }

    /** Shows the delivery as it is now; what is being typed stays, unless the delivery is another than it was. */
    void show(Optional<Delivery> now, Size size, boolean lookedAt) {
        sign.getChildren().setAll(new ShapeSign(size));
        ownSize.setText(size.toString());
        if (!now.equals(delivery)) {
            now.ifPresent(this::write);
        }
        delivery = now;
        found.setText("…");
        look.setText(lookedAt ? "Viewing" : "View");
        look.setDisable(lookedAt);
    }

    private void write(Delivery now) {
        name.setText(now.name());
        across.setText(String.valueOf(now.size().width()));
        down.setText(String.valueOf(now.size().height()));
    }

    void setFound(String words) {
        found.setText(words);
    }
}
