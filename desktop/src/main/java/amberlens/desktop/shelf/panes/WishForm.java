package amberlens.desktop.shelf.panes;

import amberlens.core.edit.ready.Direction;
import amberlens.core.edit.ready.MoveWish;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.kit.style.NumberField;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** How ready moves shall be: amount, direction, gentleness, how long they last, rests. */
final class WishForm extends VBox {
    private final Runnable changed;
    private final NumberField amount;
    private final NumberField leave;
    private final NumberField arrive;
    private final NumberField lasts;
    private final NumberField before;
    private final NumberField after;
    private MoveWish wish = MoveWish.USUAL;
    private Optional<Direction> chosen = Optional.empty();

    /**
     * @param changed called when the wish is another one
     */
    WishForm(Runnable changed) {
        this.changed = changed;
        amount = field("ready-amount", "Amount, % of the usual", 1, MoveWish.MOST, value -> wish.withAmount(value));
        leave = field(
                "ready-leave", "Gentle start, 0 to 100 %", 0, 100, value -> wish.withEase(value / 100, wish.arrive()));
        arrive = field(
                "ready-arrive", "Gentle end, 0 to 100 %", 0, 100, value -> wish.withEase(wish.leave(), value / 100));
        lasts = seconds(
                "ready-lasts", "Seconds: how long the move lasts; 0 for the whole shot", value -> wish.lasting(value));
        before = seconds(
                "ready-before", "Seconds: rest before the move", value -> wish.withRests(value, wish.restAfter()));
        after = seconds(
                "ready-after",
                "Seconds: rest after the move; what remains where the move is told how long it lasts",
                value -> wish.withRests(wish.restBefore(), value));
        GridPane form = new GridPane();
        form.setHgap(3);
        form.setVgap(4);
        form.addRow(0, quiet("Amount"), amount);
        form.add(directions(), 2, 0);
        form.addRow(1, quiet("Gentle"), leave, arrive);
        form.add(new HBox(3, before, lasts, after), 1, 2, 2, 1);
        form.add(quiet("Seconds"), 0, 2);
        getChildren().add(form);
        setSpacing(6);
        getStyleClass().add("wish-form");
        show();
    }

    private interface Change {
        MoveWish with(double value);
    }

    private NumberField seconds(String id, String hint, Change change) {
        return field(id, hint, 2, 0, MoveWish.LONGEST, change);
    }

    private NumberField field(String id, String hint, double low, double high, Change change) {
        return field(id, hint, 0, low, high, change);
    }

    private NumberField field(String id, String hint, int places, double low, double high, Change change) {
        NumberField field = new NumberField(places, hint, value -> take(change.with(value)))
                .refusing(value -> value >= low && value <= high
                        ? Optional.empty()
                        : Optional.of("a number from " + (int) low + " to " + (int) high + " is expected"));
        field.setId(id);
        return field;
    }

    private static Label quiet(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("quiet");
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    private HBox directions() {
        ToggleGroup group = new ToggleGroup();
        HBox box = new HBox();
        box.getStyleClass().add("directions");
        String[] arrows = {"←", "→", "↑", "↓"};
        for (Direction direction : Direction.values()) {
            ToggleButton button = new ToggleButton(arrows[direction.ordinal()]);
            button.setToggleGroup(group);
            button.setId("ready-" + direction.word());
            Hint.of(button, "The camera, or an inset, goes " + direction.word());
            button.setAccessibleText("The camera, or an inset, goes " + direction.word());
            button.setOnAction(_ -> {
                chosen = button.isSelected() ? Optional.of(direction) : Optional.empty();
                take(wish.withDirection(chosen.orElse(MoveWish.USUAL.direction())));
            });
            box.getChildren().add(button);
        }
        return box;
    }

    private void take(MoveWish now) {
        wish = now;
        show();
        changed.run();
    }

    private void show() {
        amount.show(wish.amount());
        leave.show(100 * wish.leave());
        arrive.show(100 * wish.arrive());
        lasts.show(wish.lasts());
        before.show(wish.restBefore());
        after.show(wish.restAfter());
    }

    /** The direction that was chosen; where none is, every move goes as it usually does. */
    Optional<Direction> direction() {
        return chosen;
    }

    MoveWish wish() {
        return wish;
    }
}
