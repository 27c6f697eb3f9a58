package amberlens.desktop.shelf.looks;

import amberlens.core.base.geometry.Size;
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
    private final StackPane frame = new StackPane();
    private final Label title = new Label();

    /** @param give gives the looks to the selected shots */
    LookCard(String id, String name, String purpose, Runnable give) {
        frame.getChildren().add(picture);
        frame.getStyleClass().add("thumbnail");
        title.setText(name);
        title.getStyleClass().add("card-name");
        setSheet(false);
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

    /** Large on a sheet. */
    void setSheet(boolean now) {
        Size size = LookPreviews.size(now);
        frame.setMinSize(size.width() + 2.0, size.height() + 2.0);
        frame.setMaxSize(size.width() + 2.0, size.height() + 2.0);
        picture.setFitWidth(size.width());
        picture.setFitHeight(size.height());
        title.setMaxWidth(size.width());
    }

    void show(Image image) {
        picture.setImage(image);
    }

    void showNothing() {
        picture.setImage(null);
    }
}
