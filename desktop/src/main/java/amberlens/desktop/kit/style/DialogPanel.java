package amberlens.desktop.kit.style;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What every dialog is: a title, what it is about, and at its foot the ways out, of which one is the main action. */
public abstract class DialogPanel extends VBox {
    private static final double BETWEEN = 12;

    private final HBox heading;
    private final VBox body = new VBox(BETWEEN);
    private final HBox foot = new HBox(8);

    protected DialogPanel(String title) {
        heading = new HBox(BETWEEN, DialogParts.title(title));
        heading.setAlignment(Pos.CENTER_LEFT);
        foot.setAlignment(Pos.CENTER_RIGHT);
        VBox.setVgrow(body, Priority.ALWAYS);
        setSpacing(BETWEEN);
        getChildren().addAll(heading, body, foot);
    }

    /** What stands beside the title, at the right. */
    protected final void beside(Node... nodes) {
        if (heading.getChildren().size() == 1) {
            heading.getChildren().add(DialogParts.gap());
        }
        heading.getChildren().addAll(nodes);
    }

    /** What the dialog is about, from top to bottom. */
    protected final void body(Node... nodes) {
        body.getChildren().addAll(nodes);
    }

    /** The ways out, the main one last. */
    protected final void foot(Node... nodes) {
        foot.getChildren().addAll(nodes);
    }

    /** The one main action, which Enter does. */
    protected static Button main(String words, Runnable action) {
        Button button = dressed(new Button(words), "main-button", action);
        button.setDefaultButton(true);
        return button;
    }

    /** Another action. */
    protected static Button other(String words, Runnable action) {
        return dressed(new Button(words), "quiet-button", action);
    }

    /** The same of a button that is there already. */
    protected static Button other(Button button, Runnable action) {
        return dressed(button, "quiet-button", action);
    }

    /** The same of a button that is there already. */
    protected static Button main(Button button, Runnable action) {
        button.setDefaultButton(true);
        return dressed(button, "main-button", action);
    }

    /** A button with a name for tests. */
    protected static Button named(Button button, String id) {
        button.setId(id);
        return button;
    }

    private static Button dressed(Button button, String style, Runnable action) {
        button.getStyleClass().add(style);
        button.setOnAction(_ -> action.run());
        return button;
    }
}
