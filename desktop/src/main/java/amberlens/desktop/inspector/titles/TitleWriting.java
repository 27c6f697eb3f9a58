package amberlens.desktop.inspector.titles;

import amberlens.core.edit.edits.TitleEdits;
import amberlens.core.material.title.Title;
import amberlens.desktop.desk.state.Desk;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.util.Duration;

/** Changes the title of the selected shot. Typing is shown at once; a run of it is one step of the history, which ends when it rests. */
public final class TitleWriting {
    private static final Duration REST = Duration.seconds(1.5);

    private final Desk desk;
    private final PauseTransition resting = new PauseTransition(REST);

    public TitleWriting(Desk desk) {
        this.desk = desk;
        resting.setOnFinished(_ -> desk.document().settle());
    }

    /** The title of the selected shot, if it shows one. */
    public static Optional<Title> title(Desk desk) {
        return desk.cursor()
                .selectedShot()
                .flatMap(shot -> desk.document().project().mediaOf(shot).title());
    }

    /** Other words, while they are being typed. */
    void type(String text) {
        desk.cursor().selectedShot().ifPresent(shot -> title(desk)
                .filter(title -> !title.text().equals(text))
                .ifPresent(title -> {
                    desk.document().showKept(TitleEdits.change("edit title text", shot.id(), title.withText(text)));
                    resting.playFromStart();
                }));
    }

    /** Ends a run of typing. */
    void rest() {
        if (resting.getStatus() == Animation.Status.RUNNING) {
            resting.stop();
            desk.document().settle();
        }
    }

    /** Takes a run of typing back. */
    void forget() {
        if (resting.getStatus() == Animation.Status.RUNNING) {
            resting.stop();
            desk.document().cancel();
        }
    }

    /** Another setting, as one step. */
    void change(String what, UnaryOperator<Title> change) {
        rest();
        desk.cursor().selectedShot().ifPresent(shot -> title(desk).ifPresent(title -> desk.document()
                .apply(TitleEdits.change("change title " + what, shot.id(), change.apply(title)))));
    }
}
