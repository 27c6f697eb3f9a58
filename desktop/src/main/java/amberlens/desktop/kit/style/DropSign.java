package amberlens.desktop.kit.style;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;

/** Lights a view up while something is dragged over it, and says what a drop would do there. */
public final class DropSign extends StackPane {
    private final Label words = new Label();

    public DropSign() {
        words.getStyleClass().add("drop-words");
        words.setWrapText(true);
        getChildren().add(words);
        getStyleClass().add("drop-sign");
        setAlignment(Pos.CENTER);
        setMouseTransparent(true);
        setMinSize(0, 0);
        setVisible(false);
    }

    public void show(String text) {
        words.setText(text);
        setVisible(true);
    }

    public void hide() {
        setVisible(false);
    }
}
