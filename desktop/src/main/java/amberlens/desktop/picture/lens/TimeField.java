package amberlens.desktop.picture.lens;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.time.Timecode;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.commands.TypedTime;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Hint;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** The playhead's timecode, which can be typed over: a frame, a timecode, +12 and -12 from where it is, or a part of the shot. */
final class TimeField extends TextField {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");
    private static final String HINT =
            "Time of the line-up: type a frame, 2:06, +12 or -12, 3/4 or 75 % of the shot  (T)";

    private final Desk desk;

    TimeField(Desk desk) {
        this.desk = desk;
        getStyleClass().add("timecode");
        setId("timecode");
        setPrefColumnCount(10);
        setFocusTraversable(false);
        Hint.of(this, HINT);
        setAccessibleText("Time of the playhead");
        setOnAction(_ -> go());
        addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                event.consume();
                leave();
            }
        });
        focusedProperty().addListener((_, _, focused) -> {
            if (focused) {
                desk.cursor().transport().setPlaying(false);
            } else {
                refresh();
            }
        });
    }

    /** Lets a time be typed, once the key that asked for it has been dealt with. */
    void begin() {
        Platform.runLater(() -> {
            requestFocus();
            selectAll();
        });
    }

    void refresh() {
        if (!isFocused()) {
            pseudoClassStateChanged(WRONG, false);
            setText(Timecode.of(
                    desk.cursor().playhead(), desk.document().project().frame().rate()));
        }
    }

    private void go() {
        FrameRate rate = desk.document().project().frame().rate();
        int last = Math.max(0, LineUp.length(desk.document().project()) - 1);
        try {
            int frame = TypedTime.read(getText(), desk.cursor().playhead(), shot(last), rate);
            if (frame < 0 || frame > last) {
                wrong("the line-up runs from 0:00 to " + Timecode.brief(last, rate) + " (frame " + last + ")");
                return;
            }
            desk.cursor().seek(frame);
            desk.say("");
            leave();
        } catch (IllegalArgumentException e) {
            wrong(String.valueOf(e.getMessage()));
        }
    }

    /** What fractions and per cent are parts of: the selected shot, or all of the line-up. */
    private FrameSpan shot(int last) {
        return desk.cursor().selectedShot().map(Shot::onLineUp).orElse(new FrameSpan(0, last));
    }

    private void wrong(String reason) {
        pseudoClassStateChanged(WRONG, true);
        Hint.of(this, "Not moved: " + reason);
        desk.say("Not moved: " + reason + ".");
    }

    private void leave() {
        Hint.of(this, HINT);
        getParent().requestFocus();
        refresh();
    }
}
