package amberlens.desktop.shell.firstmove;

import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.kit.style.DialogParts;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.jspecify.annotations.Nullable;

/** The step of the first move that is next, in a row of its own above the Line-up. It watches what is done, and can be left. */
public final class FirstMoveBar extends HBox implements Subscription {
    private final Desk desk;
    private final Actions actions;
    private final Label count = new Label();
    private final Label title = new Label();
    private final Label words = new Label();
    private final Button help = new Button();
    private final Button leave = new Button("Leave");
    private @Nullable StepProgress progress;
    private final Subscription subscription;

    public FirstMoveBar(Desk desk, Actions actions) {
        this.desk = desk;
        this.actions = actions;
        setId("first-move");
        count.getStyleClass().add("step-count");
        count.setMinWidth(USE_PREF_SIZE);
        title.getStyleClass().add("strong");
        title.setId("first-move-title");
        title.setMinWidth(USE_PREF_SIZE);
        words.setWrapText(true);
        words.setId("first-move-words");
        words.setMinWidth(0);
        words.setMinHeight(0);
        HBox.setHgrow(words, Priority.ALWAYS);
        help.setId("first-move-do");
        help.getStyleClass().add("quiet-button");
        help.setMinWidth(USE_PREF_SIZE);
        leave.setId("first-move-leave");
        leave.getStyleClass().add("quiet-button");
        leave.setMinWidth(USE_PREF_SIZE);
        leave.setOnAction(_ -> stop());
        getChildren().addAll(count, title, words, DialogParts.gap(), help, leave);
        setSpacing(10);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("first-move");
        setVisible(false);
        managedProperty().bind(visibleProperty());
        subscription = desk.subscribe(changes -> {
            if (changes.beyondGesture()) {
                refresh();
            }
        });
    }

    /** Begins, with what is there already done. */
    public void begin() {
        progress = new StepProgress(desk);
        setVisible(true);
        refresh();
    }

    /** Goes away. */
    public void stop() {
        progress = null;
        setVisible(false);
    }

    private void refresh() {
        StepProgress now = progress;
        if (now == null) {
            return;
        }
        now.watch();
        Optional<Step> next = now.next();
        next.ifPresentOrElse(this::show, this::showEnd);
    }

    private void show(Step step) {
        count.setText((step.ordinal() + 1) + " of " + Step.values().length);
        title.setText(step.title());
        String keys = step.action().isEmpty()
                ? ""
                : actions.get(step.action())
                        .shortcut()
                        .map(found -> found.getDisplayText())
                        .orElse(actions.get(step.action()).name());
        words.setText(String.format(step.words(), keys));
        help.setVisible(!step.action().isEmpty());
        help.managedProperty().set(!step.action().isEmpty());
        if (!step.action().isEmpty()) {
            help.setText(actions.get(step.action()).name().replace("…", ""));
            help.setOnAction(_ -> actions.run(step.action()));
        }
        leave.setText("Leave");
    }

    private void showEnd() {
        count.setText("Done");
        title.setText("That is a move");
        words.setText(
                "Select the leg between the framings to choose how it leaves and arrives. Export makes a film of it.");
        help.setVisible(true);
        help.setManaged(true);
        help.setText("Export");
        help.setOnAction(_ -> actions.run("project.export"));
        leave.setText("Close");
    }

    @Override
    public void close() {
        subscription.close();
    }
}
