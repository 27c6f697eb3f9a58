package amberlens.desktop.shelf.panes;

import amberlens.desktop.kit.style.CardPress;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.kit.style.Icons;
import java.util.List;
import javafx.event.Event;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;

/** One ready move: a small moving preview, its name, and what it does. A click or Enter gives it to the selected shots. */
final class MoveCard extends HBox {
    private final ImageView picture = new ImageView();
    private List<Image> moments = List.of();

    /**
     * @param give gives the move to the selected shots
     */
    MoveCard(String id, String name, String use, Runnable give) {
        StackPane frame = new StackPane(picture);
        frame.getStyleClass().add("thumbnail");
        frame.setMinSize(MovePreviews.SIZE.width() + 2.0, MovePreviews.SIZE.height() + 2.0);
        frame.setMaxSize(MovePreviews.SIZE.width() + 2.0, MovePreviews.SIZE.height() + 2.0);
        Label title = new Label(name);
        title.getStyleClass().add("card-name");
        title.setWrapText(true);
        title.setMinWidth(0);
        VBox words = new VBox(title);
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setAlignment(Pos.CENTER_LEFT);
        setSpacing(8);
        setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(frame, words);
        getStyleClass().add("move-card");
        setId("ready-" + id);
        setAccessibleText(name + ": " + use);
        Hint.of(this, name + ": " + use + ". Click or Enter: apply to the selected shots.");
        CardPress.on(this, give);
    }

    /** Puts a button on the card for another way to give the move. */
    void offer(Feather icon, String words, Runnable way) {
        Button button = Icons.button(icon, words);
        button.setOnAction(_ -> way.run());
        button.setOnMouseClicked(Event::consume); // the card is not clicked too
        button.setId(getId() + "-other");
        getChildren().add(button);
    }

    void setMoments(List<Image> images) {
        moments = images;
        picture.setImage(images.isEmpty() ? null : images.getFirst());
    }

    /** Shows one of the moments; they go there and rest a little at both ends. */
    void tick(int count) {
        if (!moments.isEmpty()) {
            int rest = 5;
            int at = Math.floorMod(count, moments.size() + 2 * rest) - rest;
            picture.setImage(moments.get(Math.clamp(at, 0, moments.size() - 1)));
        }
    }
}
