package amberlens.desktop.shelf.panes;

import amberlens.core.edit.arrival.Arrival;
import amberlens.core.edit.arrival.Landing;
import amberlens.core.edit.arrival.Way;
import amberlens.core.edit.ready.Direction;
import amberlens.core.edit.ready.MoveWish;
import amberlens.desktop.kit.style.Choices;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.kit.style.NumberField;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;

/** How an inset or a title shall arrive or leave: which of both, in what time, with how many turns, and how it comes to rest. */
final class ArrivalForm extends GridPane {
    private final Runnable changed;
    private final ToggleButton arrives = new ToggleButton("Arrives");
    private final ToggleButton leaves = new ToggleButton("Leaves");
    private final NumberField seconds;
    private final NumberField turns;
    private Arrival arrival = Arrival.USUAL;

    /**
     * @param changed called when it shall be otherwise
     */
    ArrivalForm(Runnable changed) {
        this.changed = changed;
        var group = new ToggleGroup();
        choice(arrives, "arrival-arrives", "It comes to its place at the start of its shot", group, false);
        choice(leaves, "arrival-leaves", "It leaves its place at the end of its shot", group, true);
        arrives.setSelected(true);
        seconds = new NumberField(2, "How long it takes, in seconds", value -> take(arrival.lasting(value)))
                .refusing(value -> value > 0 && value <= Arrival.LONGEST
                        ? Optional.empty()
                        : Optional.of("a number above 0 and up to 60 is expected"));
        seconds.setId("arrival-seconds");
        turns = new NumberField(0, "Whole turns on the way", value -> take(arrival.withTurns((int) Math.round(value))))
                .refusing(value -> value >= 0 && value <= Arrival.MOST_TURNS
                        ? Optional.empty()
                        : Optional.of("a number from 0 to 20 is expected"));
        turns.setId("arrival-turns");
        ComboBox<Landing> landing =
                Choices.of(List.of(Landing.values()), Landing::words, arrival.landing(), "arrival-landing");
        landing.setOnAction(_ -> take(arrival.landing(landing.getValue())));
        setHgap(3);
        setVgap(4);
        add(new HBox(arrives, leaves), 0, 0, 3, 1);
        addRow(1, DialogParts.quiet("Seconds"), seconds);
        addRow(2, DialogParts.quiet("Turns"), turns);
        addRow(3, DialogParts.quiet("Landing"));
        add(landing, 1, 3, 2, 1);
        getStyleClass().add("wish-form");
        show();
    }

    private void choice(ToggleButton button, String id, String hint, ToggleGroup group, boolean leaving) {
        button.setId(id);
        button.setToggleGroup(group);
        button.getStyleClass().add("small-toggle");
        Hint.of(button, hint);
        button.setOnAction(_ -> {
            button.setSelected(true);
            take(arrival.leaving(leaving));
        });
    }

    private void take(Arrival now) {
        arrival = now;
        show();
        changed.run();
    }

    private void show() {
        seconds.show(arrival.seconds());
        turns.show(arrival.turns());
    }

    /** What was asked for, without a way. */
    Arrival arrival() {
        return arrival;
    }

    /** One way to arrive or leave, with the amount of a wish. The picture goes where the wish says: it comes from the other side. */
    static Arrival arrival(Arrival asked, Way way, MoveWish wish, Optional<Direction> goes) {
        Direction direction = goes.orElse(way == Way.RISEN ? Direction.UP : Direction.RIGHT);
        return asked.with(way)
                .onSide(asked.leaves() ? direction : direction.opposite())
                .withAmount(Math.min(Arrival.MOST, wish.amount()));
    }
}
