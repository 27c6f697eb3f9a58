package amberlens.desktop.shelf.panes;

import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.SnapshotParameters;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.StackPane;
import javafx.scene.paint.Color;

/** What is seen under the pointer while pictures are dragged: one of them, and how many there are. */
final class DragPicture {
    private static final double WIDTH = 120;

    private DragPicture() {}

    static Image of(Image picture, int count) {
        ImageView view = new ImageView(picture);
        view.setPreserveRatio(true);
        view.setFitWidth(WIDTH);
        view.setOpacity(0.85);
        StackPane both = new StackPane(view);
        both.setStyle("-fx-background-color: transparent;");
        if (count > 1) {
            Label number = new Label(String.valueOf(count));
            number.setStyle("-fx-background-color: #F5A83B; -fx-text-fill: #171411; -fx-background-radius: 8;"
                    + " -fx-padding: 1 7 1 7; -fx-font-weight: bold;");
            StackPane.setAlignment(number, Pos.TOP_RIGHT);
            both.getChildren().add(number);
        }
        new Scene(both, Color.TRANSPARENT);
        both.applyCss();
        both.layout();
        var clear = new SnapshotParameters();
        clear.setFill(Color.TRANSPARENT);
        return both.snapshot(clear, null);
    }
}
