package amberlens.desktop.kit.style;

import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.Region;

/** A card that does something when it is clicked, or when Enter is pressed on it. */
public final class CardPress {
    private CardPress() {}

    public static void on(Region card, Runnable done) {
        card.setFocusTraversable(true);
        card.setOnMouseClicked(event -> {
            if (event.isStillSincePress() && event.getButton() == MouseButton.PRIMARY) {
                card.requestFocus();
                done.run();
            }
        });
        card.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER) {
                done.run();
                event.consume();
            }
        });
    }
}
