package amberlens.desktop.shell.help;

import amberlens.desktop.desk.actions.Action;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.actions.KeyText;
import amberlens.desktop.desk.state.Preferences;
import amberlens.desktop.kit.style.DialogPanel;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.kit.style.TextSizes;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/** One search over every action: found by words or keys it is done from here, and its keys can be changed and are kept. */
public final class ActionSearch extends DialogPanel {
    private static final double WIDTH = 620;
    private static final double HEIGHT = 430;

    private static final String HINT = "Press Enter or click to run an action. Click its shortcut to change it.";

    private final Actions actions;
    private final Preferences preferences;
    private final Overlay overlay;
    private final TextField search = new TextField();
    private final VBox rows = new VBox(1);
    private final Label note = DialogParts.quiet(HINT);
    private @Nullable Action waiting;

    public ActionSearch(Actions actions, Preferences preferences, Overlay overlay) {
        super("Find an action");
        this.actions = actions;
        this.preferences = preferences;
        this.overlay = overlay;
        search.setId("key-search");
        search.setPromptText("Search by name or shortcut, for example: framing, or Shift");
        search.setOnAction(_ -> found().findFirst().ifPresent(this::perform));
        search.textProperty().addListener((_, _, _) -> fill());
        rows.setId("key-rows");
        note.setId("key-note");
        ScrollPane scroll = new ScrollPane(rows);
        scroll.getStyleClass().add("quiet-scroll");
        scroll.setFitToWidth(true);
        TextSizes.pref(scroll, WIDTH, HEIGHT);
        Button close = other("Close", overlay::close);
        body(search, scroll, note);
        foot(named(other("Reset all shortcuts", this::allUsual), "keys-usual"), close);
        addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        fill();
    }

    /** Escape ends the waiting for keys first, then the panel. */
    public void escape() {
        if (waiting != null) {
            waiting = null;
            note.setText("Not changed.");
            fill();
        } else {
            overlay.close();
        }
    }

    private void fill() {
        rows.getChildren().clear();
        String wanted = search.getText().toLowerCase(Locale.ROOT).strip();
        for (Action.Menu menu : Action.Menu.values()) {
            boolean first = true;
            for (Action action : actions.in(menu)) {
                if (matches(action, wanted)) {
                    if (first) {
                        Label heading = new Label(menu.word());
                        heading.getStyleClass().add("list-heading");
                        rows.getChildren().add(heading);
                        first = false;
                    }
                    rows.getChildren().add(row(action));
                }
            }
        }
        if (rows.getChildren().isEmpty()) {
            rows.getChildren().add(DialogParts.quiet("No action matches."));
        }
    }

    /** All words must occur, in any order. */
    private static boolean matches(Action action, String wanted) {
        String all = (action.name() + " " + action.menu().word() + " " + keys(action)).toLowerCase(Locale.ROOT);
        return Stream.of(wanted.split("\\s+")).allMatch(all::contains);
    }

    /** What matches and can be done now. */
    private Stream<Action> found() {
        String wanted = search.getText().toLowerCase(Locale.ROOT).strip();
        return actions.all().stream().filter(action -> matches(action, wanted)).filter(Action::isPossible);
    }

    private void perform(Action action) {
        overlay.close();
        actions.run(action.id());
    }

    private Button doing(Action action) {
        Button button = new Button(action.name());
        button.getStyleClass().add("list-row");
        button.setId("do-" + action.id().replace('.', '-'));
        button.setDisable(!action.isPossible());
        Hint.of(button, action.hint());
        button.setOnAction(_ -> perform(action));
        return button;
    }

    private static String keys(Action action) {
        return action.shortcut().map(found -> found.getDisplayText()).orElse("");
    }

    private HBox row(Action action) {
        Region gap = DialogParts.gap();
        boolean now = waiting != null && waiting.id().equals(action.id());
        Button change = new Button(now ? "Press a shortcut…" : keys(action).isEmpty() ? "none" : keys(action));
        change.getStyleClass().addAll("key-button");
        change.setId("keys-" + action.id().replace('.', '-'));
        Hint.of(change, "Change the shortcut of: " + action.name() + ". Backspace removes it.");
        change.setOnAction(_ -> {
            waiting = action;
            note.setText("Press the new shortcut for: " + action.name() + ". Backspace for none, Escape to cancel.");
            fill();
            requestFocus();
        });
        HBox row = new HBox(8, doing(action), gap);
        if (preferences.shortcut(action.id()).isPresent()) {
            Button usual = new Button("usual");
            usual.getStyleClass().add("small-toggle");
            usual.setId("usual-" + action.id().replace('.', '-'));
            usual.setOnAction(_ -> {
                preferences.clearShortcut(action.id());
                changed(action.name() + " has its default shortcut again.");
            });
            row.getChildren().add(usual);
        }
        row.getChildren().add(change);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("key-row");
        return row;
    }

    private void pressed(KeyEvent event) {
        Action action = waiting;
        if (action == null) {
            return;
        }
        Optional<String> keys = event.getCode() == KeyCode.BACK_SPACE ? Optional.of("") : KeyText.of(event);
        event.consume();
        keys.ifPresent(text -> take(action, text));
    }

    private void take(Action action, String keys) {
        waiting = null;
        String message = action.name() + (keys.isEmpty() ? " has no shortcut now." : " has a new shortcut.");
        var combination = KeyText.read(keys);
        if (combination.isPresent()) {
            Optional<Action> other = actions.withKeys(combination.get())
                    .filter(found -> !found.id().equals(action.id()));
            if (other.isPresent()) {
                preferences.setShortcut(other.get().id(), "");
                message = action.name() + " has a new shortcut, taken from \""
                        + other.get().name() + "\", which has none now.";
            }
        }
        preferences.setShortcut(action.id(), keys);
        changed(message);
    }

    private void allUsual() {
        actions.all().forEach(action -> preferences.clearShortcut(action.id()));
        changed("All shortcuts are back to default.");
    }

    private void changed(String message) {
        actions.keysChanged();
        note.setText(message);
        fill();
    }
}
