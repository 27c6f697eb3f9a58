package amberlens.desktop.shelf.panes;

import amberlens.core.base.geometry.Size;
import amberlens.desktop.kit.style.CardPress;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.kit.style.Icons;
import java.util.List;
import javafx.event.Event;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import org.kordamp.ikonli.feather.Feather;

/** One ready move: a small moving preview, its name, and what it does. A click or Enter gives it to the selected shots. */
final class MoveCard extends BorderPane {
    private final ImageView picture = new ImageView();
    private final StackPane frame = new StackPane();
    private final HBox beside = new HBox(8);
    private List<Image> moments = List.of();
    private boolean sheet;

    /**
     * @param give gives the move to the selected shots
     */
    MoveCard(String id, String name, String use, Runnable give) {
        frame.getChildren().add(picture);
        frame.getStyleClass().add("thumbnail");
        Label title = new Label(name);
        title.getStyleClass().add("card-name");
        title.setWrapText(true);
        title.setMinWidth(0);
        beside.getChildren().add(title);
        HBox.setHgrow(title, Priority.ALWAYS);
        beside.setAlignment(Pos.CENTER_LEFT);
        setSheet(false);
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
        beside.getChildren().add(button);
    }

    /** On a sheet its picture is large, above its name, and moves while it is pointed at; in a column it always does. */
    void setSheet(boolean now) {
        sheet = now;
        Size size = MovePreviews.size(now);
        frame.setMinSize(size.width() + 2.0, size.height() + 2.0);
        frame.setMaxSize(size.width() + 2.0, size.height() + 2.0);
        picture.setFitWidth(size.width());
        picture.setFitHeight(size.height());
        setLeft(null);
        setTop(null);
        if (now) {
            setTop(frame);
        } else {
            setLeft(frame);
        }
        setCenter(beside);
        BorderPane.setMargin(beside, now ? new Insets(3, 0, 4, 2) : new Insets(0, 0, 0, 8));
        setMaxWidth(now ? size.width() + 24.0 : Double.MAX_VALUE);
    }

    void setMoments(List<Image> images) {
        moments = images;
        picture.setImage(images.isEmpty() ? null : images.getFirst());
    }

    /** Shows one of the moments; they go there and rest a little at both ends. */
    void tick(int count) {
        if (!moments.isEmpty() && (!sheet || isHover() || isFocused())) {
            int rest = 5;
            int at = Math.floorMod(count, moments.size() + 2 * rest) - rest;
            picture.setImage(moments.get(Math.clamp(at, 0, moments.size() - 1)));
        }
    }
}
