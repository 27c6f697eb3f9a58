package amberlens.desktop.kit.style;

import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.GridPane;

/** A dialog of questions one below the other, with a line for what is wrong. */
public abstract class FormPanel extends DialogPanel {
    private static final double WIDTH = 460;

    private final GridPane form = new GridPane();
    private final Label note = new Label();
    private int rows;

    /**
     * @param main the words of the main action
     * @param cancel closes the dialog
     */
    @SuppressWarnings("this-escape")
    protected FormPanel(String title, String main, Runnable cancel) {
        super(title);
        form.getStyleClass().add("form");
        note.getStyleClass().add("problem");
        note.setWrapText(true);
        TextSizes.maxWidth(note, WIDTH);
        note.setId("form-note");
        note.managedProperty().bind(note.textProperty().isNotEmpty());
        addEventFilter(KeyEvent.KEY_PRESSED, this::enter);
        body(form, note);
        foot(other("Cancel", cancel), main(main, this::tryTake));
    }

    /** Enter takes the answers wherever the focus is; by itself a check box would take it for a click. */
    private void enter(KeyEvent event) {
        if (event.getCode() == KeyCode.ENTER && event.getTarget() instanceof CheckBox) {
            event.consume();
            tryTake();
        }
    }

    /** Adds a question. */
    protected final void row(String words, Node field) {
        Label label = DialogParts.quiet(words);
        label.setLabelFor(field);
        form.addRow(rows++, label, field);
    }

    /** Adds words that explain, below what was added before. */
    protected final void explain(String words) {
        Label label = DialogParts.quiet(words);
        label.setWrapText(true);
        TextSizes.maxWidth(label, WIDTH);
        form.add(label, 0, rows++, 2, 1);
    }

    /** Says what is wrong; the dialog stays open. */
    protected final void say(String problem) {
        note.setText(problem);
    }

    /** Takes the answers, or says what is wrong with them. */
    protected final void tryTake() {
        try {
            take();
        } catch (IllegalArgumentException e) {
            say(e.getMessage());
        }
    }

    /**
     * Takes the answers and closes the dialog.
     *
     * @throws IllegalArgumentException for an answer that cannot be taken, with the reason for people
     */
    protected abstract void take();
}
