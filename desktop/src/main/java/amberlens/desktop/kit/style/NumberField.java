package amberlens.desktop.kit.style;

import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import java.util.function.DoubleFunction;
import javafx.css.PseudoClass;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * A number that can be typed, summed and nudged with the arrow keys (1; with shift 10; with alt 0.1). What cannot be taken
 * stays in the field with a reason and changes nothing.
 */
public final class NumberField extends TextField {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final int decimals;
    private final String hint;
    private final DoubleConsumer commit;
    private DoubleFunction<Optional<String>> refusal = _ -> Optional.empty();
    private double shown = Double.NaN;
    private boolean keeps;

    /**
     * @param decimals shown after the point, at most
     * @param hint the tooltip while the number is right
     * @param commit takes a new number
     */
    public NumberField(int decimals, String hint, DoubleConsumer commit) {
        this.decimals = decimals;
        this.hint = hint;
        this.commit = commit;
        getStyleClass().add("number-field");
        setAccessibleText(hint);
        Hint.of(this, hint);
        setOnAction(_ -> take());
        focusedProperty().addListener((_, _, focused) -> {
            if (!focused && !Double.isNaN(shown) && !getText().equals(written(shown))) {
                take();
            }
        });
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    }

    /** Says which numbers are not taken, and why. */
    public NumberField refusing(DoubleFunction<Optional<String>> reason) {
        refusal = reason;
        return this;
    }

    /** Shows what was typed from then on, where nobody else tells what the number is. */
    public NumberField keeping() {
        keeps = true;
        return this;
    }

    /** Shows a number, unless another one is being typed. */
    public void show(double value) {
        boolean typing = isFocused() && !getText().equals(written(shown));
        shown = value;
        if (!typing) {
            if (!getText().equals(written(value))) { // the same text put in again would lose what is selected in it
                setText(written(value));
            }
            right();
        }
    }

    /** Shows no number: there is nothing it could be of. */
    public void showNothing() {
        shown = Double.NaN;
        setText("");
        right();
    }

    private void key(KeyEvent event) {
        if (event.getCode() == KeyCode.UP || event.getCode() == KeyCode.DOWN) {
            double step = event.isShiftDown() ? 10 : event.isAltDown() ? 0.1 : 1;
            nudge(event.getCode() == KeyCode.UP ? step : -step);
            event.consume();
        } else if (event.getCode() == KeyCode.ESCAPE) {
            setText(written(shown));
            right();
            event.consume();
        }
    }

    /** Changes the number by a step. */
    public void nudge(double step) {
        if (!Double.isNaN(shown)) {
            offer(shown + step);
        }
    }

    private void take() {
        if (Double.isNaN(shown)) {
            setText("");
            return;
        }
        try {
            offer(Arithmetic.value(getText()));
        } catch (IllegalArgumentException e) {
            wrong(String.valueOf(e.getMessage()));
        }
    }

    private void offer(double value) {
        Optional<String> reason = refusal.apply(value);
        if (reason.isPresent()) {
            wrong(reason.get());
            return;
        }
        right();
        if (keeps) {
            shown = value;
        }
        commit.accept(value);
        setText(written(shown));
    }

    private void wrong(String reason) {
        pseudoClassStateChanged(WRONG, true);
        Hint.of(this, "Not changed: " + reason);
    }

    private void right() {
        pseudoClassStateChanged(WRONG, false);
        Hint.of(this, hint);
    }

    private String written(double value) {
        if (Double.isNaN(value)) {
            return "";
        }
        String text = String.format(Locale.ROOT, "%." + decimals + "f", value);
        return text.contains(".") ? text.replaceAll("0+$", "").replaceAll("\\.$", "") : text;
    }
}
