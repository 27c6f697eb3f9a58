package amberlens.desktop.style;

import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The place over the bench where a dialog stands while the bench waits. */
public final class Overlay extends StackPane {
    /** One answer: its words, whether it is the main one, and what it does. */
    public record Answer(String words, boolean main, Runnable action) {}

    private Runnable onEscape = () -> {};

    public Overlay() {
        getStyleClass().add("overlay");
        setVisible(false);
        addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                event.consume();
                onEscape.run();
            }
        });
    }

    /** Shows a panel of one's own until {@link #close}. */
    public void show(Region panel, Runnable escape) {
        panel.getStyleClass().add("dialog-panel");
        panel.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        getChildren().setAll(panel);
        onEscape = escape;
        setVisible(true);
        focusFirst(panel);
    }

    public void close() {
        setVisible(false);
        getChildren().clear();
        onEscape = () -> {};
    }

    public boolean isOpen() {
        return isVisible();
    }

    /** Asks a question; the last answer is the one that Escape gives. */
    public void ask(String title, String text, List<Answer> answers) {
        Label heading = new Label(title);
        heading.getStyleClass().add("dialog-title");
        Label body = new Label(text);
        body.setWrapText(true);
        TextSizes.maxWidth(body, 440);
        HBox buttons = new HBox(8);
        buttons.setAlignment(Pos.CENTER_RIGHT);
        Consumer<Answer> give = answer -> {
            close();
            answer.action().run();
        };
        for (Answer answer : answers) {
            Button button = new Button(answer.words());
            button.getStyleClass().add(answer.main() ? "main-button" : "quiet-button");
            button.setDefaultButton(answer.main());
            button.setOnAction(_ -> give.accept(answer));
            buttons.getChildren().add(button);
        }
        show(new VBox(12, heading, body, buttons), () -> give.accept(answers.getLast()));
    }

    /** Says what happened. */
    public void tell(String title, String text) {
        ask(title, text, List.of(new Answer("Close", true, () -> {})));
    }

    private static void focusFirst(Region panel) {
        Node first = panel.lookup(".main-button");
        if (first != null) {
            first.requestFocus();
        }
    }
}
