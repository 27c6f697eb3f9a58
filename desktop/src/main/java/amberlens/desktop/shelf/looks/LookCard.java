package amberlens.desktop.shelf.looks;

import amberlens.desktop.kit.style.CardPress;
import amberlens.desktop.kit.style.Hint;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Looks to choose: how the selected shot would look with them, and their name. A click or Enter gives them to the selected shots. */
final class LookCard extends VBox {
    private final ImageView picture = new ImageView();

    /** @param give gives the looks to the selected shots */
    LookCard(String id, String name, String purpose, Runnable give) {
        StackPane frame = new StackPane(picture);
        frame.getStyleClass().add("thumbnail");
        frame.setMinSize(LookPreviews.SIZE.width() + 2.0, LookPreviews.SIZE.height() + 2.0);
        frame.setMaxSize(LookPreviews.SIZE.width() + 2.0, LookPreviews.SIZE.height() + 2.0);
        Label title = new Label(name);
        title.getStyleClass().add("card-name");
        title.setMaxWidth(LookPreviews.SIZE.width());
        title.setMinWidth(0);
        setSpacing(2);
        setAlignment(Pos.TOP_LEFT);
        getChildren().addAll(frame, title);
        getStyleClass().add("move-card");
        setId("look-card-" + id);
        setAccessibleText(name + ": " + purpose);
        Hint.of(this, name + ": " + purpose + ". Click or Enter: apply to the selected shots.");
        CardPress.on(this, give);
    }

    void show(Image image) {
        picture.setImage(image);
    }

    void showNothing() {
        picture.setImage(null);
    }
}
