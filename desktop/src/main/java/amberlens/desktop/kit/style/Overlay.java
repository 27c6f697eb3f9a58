package amberlens.desktop.kit.style;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;

/** The place over the bench where a dialog stands while the bench waits. */
public final class Overlay extends StackPane {
    /** One answer: its words, whether it is the main one, and what it does. */
    public record Answer(String words, boolean main, Runnable action) {}

    /** What goes from control to control, and what presses the main action or the way out. */
    private static final Set<KeyCode> OF_DIALOGS = EnumSet.of(
            KeyCode.TAB,
            KeyCode.ENTER,
            KeyCode.ESCAPE,
            KeyCode.SPACE,
            KeyCode.UP,
            KeyCode.DOWN,
            KeyCode.LEFT,
            KeyCode.RIGHT);

    private static final PseudoClass CLEAR = PseudoClass.getPseudoClass("clear");

    private Runnable onEscape = () -> {};

    public Overlay() {
        getStyleClass().add("overlay");
        setVisible(false);
        addEventHandler(KeyEvent.KEY_PRESSED, Overlay::keepFromMenus);
        addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                event.consume();
                onEscape.run();
            }
        });
    }

    /** Keys that no control of the dialog has used are not for the menus of the bench behind it. */
    private static void keepFromMenus(KeyEvent event) {
        boolean held = event.isShortcutDown() || event.isAltDown();
        if (held || !OF_DIALOGS.contains(event.getCode())) {
            event.consume();
        }
    }

    /** Shows a panel of one's own until {@link #close}. */
    public void show(Region panel, Runnable escape) {
        panel.getStyleClass().add("dialog-panel");
        panel.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        StackPane.setAlignment(panel, Pos.CENTER);
        pseudoClassStateChanged(CLEAR, false);
        getChildren().setAll(panel);
        onEscape = escape;
        setVisible(true);
        focusFirst(panel);
    }

    /** Likewise at the lower left and without a veil, so that what it does is seen on the Lens. */
    public void showAside(Region panel, Runnable escape) {
        show(panel, escape);
        StackPane.setAlignment(panel, Pos.BOTTOM_LEFT);
        pseudoClassStateChanged(CLEAR, true);
    }

    /** Likewise at the upper border and without a veil, so that what it does to the Line-up is seen behind it. */
    public void showAbove(Region panel, Runnable escape) {
        show(panel, escape);
        StackPane.setAlignment(panel, Pos.TOP_CENTER);
        pseudoClassStateChanged(CLEAR, true);
    }

    public void close() {
        pseudoClassStateChanged(CLEAR, false);
        setVisible(false);
        getChildren().clear();
        onEscape = () -> {};
    }

    /** Lets the bench be seen and clicked while the dialog goes on. */
    public void stepAside() {
        setVisible(false);
    }

    /** Brings the dialog back. */
    public void stepBack() {
        setVisible(!getChildren().isEmpty());
    }

    public boolean isOpen() {
        return !getChildren().isEmpty();
    }

    /** Asks a question; the last answer is the one that Escape gives. */
    public void ask(String title, String text, List<Answer> answers) {
        Consumer<Answer> give = answer -> {
            close();
            answer.action().run();
        };
        show(new Question(title, text, answers, give), () -> give.accept(answers.getLast()));
    }

    /** A question with its answers. */
    private static final class Question extends DialogPanel {
        Question(String title, String text, List<Answer> answers, Consumer<Answer> give) {
            super(title);
            Label body = new Label(text);
            body.setWrapText(true);
            TextSizes.maxWidth(body, 440);
            body(body);
            for (Answer answer : answers) {
                foot(
                        answer.main()
                                ? main(answer.words(), () -> give.accept(answer))
                                : other(answer.words(), () -> give.accept(answer)));
            }
        }
    }

    /** Says what happened. */
    public void tell(String title, String text) {
        ask(title, text, List.of(new Answer("Close", true, () -> {})));
    }

    private static void focusFirst(Region panel) {
        Node main = panel.lookup(".main-button");
        Stream.concat(Stream.ofNullable(main), panel.lookupAll("*").stream().filter(Node::isFocusTraversable))
                .filter(node -> !node.isDisabled())
                .findFirst()
                .ifPresent(Node::requestFocus); // keys reach a panel only while something in it has the focus
    }
}
