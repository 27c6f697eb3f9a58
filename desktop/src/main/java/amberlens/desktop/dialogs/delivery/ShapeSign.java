package amberlens.desktop.dialogs.delivery;

import amberlens.core.base.geometry.Size;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.Rectangle;

/** A small frame of a shape. */
final class ShapeSign extends StackPane {
    private static final double LONGER = 13;

    ShapeSign(Size shape) {
        double longer = Math.max(shape.width(), shape.height());
        var frame = new Rectangle(
                Math.max(3, LONGER * shape.width() / longer), Math.max(3, LONGER * shape.height() / longer));
        frame.getStyleClass().add("shape-sign");
        getChildren().add(frame);
        setMinSize(LONGER + 2, LONGER + 2);
        setMaxSize(LONGER + 2, LONGER + 2);
    }
}
