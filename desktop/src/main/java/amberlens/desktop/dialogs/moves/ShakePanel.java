package amberlens.desktop.dialogs.moves;

import amberlens.core.edit.edits.ReadyEdits;
import amberlens.core.edit.ready.Shake;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.FormPanel;
import amberlens.desktop.kit.style.NumberField;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.shelf.panes.ReadyWords;
import java.util.Set;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ToggleGroup;

/** Asks how the selected shots are shaken: how often, how strongly, all along or hit at their markers. */
final class ShakePanel extends FormPanel {
    private final Desk desk;
    private final Overlay overlay;
    private final RadioButton hits = new RadioButton("One hit at each marker");
    private double rate = Shake.USUAL.perSecond();
    private double strength = Shake.USUAL.strength();
    private double decay = Shake.USUAL.decay();
    private double seed = Shake.USUAL.seed();

    ShakePanel(Desk desk, Overlay overlay) {
        super("Shake the camera", "Shake", overlay::close);
        this.desk = desk;
        this.overlay = overlay;
        row(
                "Times a second",
                field("shake-rate", "How often it goes to and fro in a second", 2, rate, value -> rate = value));
        row(
                "Strength, %",
                field("shake-strength", "Per cent of the usual strength", 0, strength, value -> strength = value));
        var along = new RadioButton("All along");
        var choice = new ToggleGroup();
        along.setToggleGroup(choice);
        hits.setToggleGroup(choice);
        along.setId("shake-along");
        hits.setId("shake-hits");
        boolean marked = desk.cursor()
                .selectedShot()
                .filter(shot -> !shot.markers().isEmpty()
                        || desk.document().project().markers().stream()
                                .anyMatch(marker -> shot.onLineUp().contains(marker.at())))
                .isPresent();
        (marked ? hits : along).setSelected(true);
        row("Where", along);
        row("", hits);
        row(
                "Dies away in, s",
                field(
                        "shake-decay",
                        "After how long a hit has died away, in seconds",
                        2,
                        decay,
                        value -> decay = value));
        row("Seed", field("shake-seed", "Another number shakes it otherwise", 0, seed, value -> seed = value));
        explain(
                "On top of the move that is there, as keys of position and rotation. A shot that fills the frame is sealed.");
    }

    private interface Taking {
        void take(double value);
    }

    private static NumberField field(String id, String hint, int places, double now, Taking taking) {
        var field = new NumberField(places, hint, taking::take);
        field.setId(id);
        field.show(now);
        return field;
    }

    @Override
    protected void take() {
        Set<String> shots = desk.cursor().selection().shots();
        ReadyEdits.Plan plan = ReadyEdits.shake(
                desk.document().project(),
                shots,
                new Shake(rate, strength, decay, Math.round(seed)),
                hits.isSelected(),
                desk.preferences().limitPercent());
        if (!plan.cameras().isEmpty()) {
            desk.document().apply(plan.edit());
        }
        desk.say(ReadyWords.outcome(plan, desk.document().project(), shots.size()));
        overlay.close();
    }
}
