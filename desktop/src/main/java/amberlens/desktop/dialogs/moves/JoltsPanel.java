package amberlens.desktop.dialogs.moves;

import amberlens.core.edit.edits.ReadyEdits;
import amberlens.core.edit.ready.Jolts;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.FormPanel;
import amberlens.desktop.kit.style.NumberField;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.shelf.panes.ReadyWords;
import java.util.Set;
import java.util.function.DoubleConsumer;

/** How the selected shots are hit at their markers. */
final class JoltsPanel extends FormPanel {
    private final Desk desk;
    private final Overlay overlay;
    private double rate = Jolts.USUAL.perSecond();
    private double strength = Jolts.USUAL.strength();
    private double decay = Jolts.USUAL.decay();
    private double seed = Jolts.USUAL.seed();

    JoltsPanel(Desk desk, Overlay overlay) {
        super("Jolts at the markers", "Jolt", overlay::close);
        this.desk = desk;
        this.overlay = overlay;
        row(
                "Times a second",
                field("jolts-rate", "How often it goes to and fro in a second", 2, rate, value -> rate = value));
        row(
                "Strength, %",
                field("jolts-strength", "Per cent of the usual strength", 0, strength, value -> strength = value));
        row(
                "Dies away in, s",
                field("jolts-decay", "After how many seconds a jolt has died away", 2, decay, value -> decay = value));
        row("Seed", field("jolts-seed", "A different seed gives a different jolt", 0, seed, value -> seed = value));
        explain(
                "One jolt at each marker, as keys of position and rotation on top of the move. A shot that fills the frame is sealed.");
    }

    private static NumberField field(String id, String hint, int places, double now, DoubleConsumer taking) {
        var field = new NumberField(places, hint, taking::accept);
        field.setId(id);
        field.show(now);
        return field;
    }

    @Override
    protected void take() {
        Set<String> shots = desk.cursor().selection().shots();
        ReadyEdits.Plan plan = ReadyEdits.jolts(
                desk.document().project(),
                shots,
                new Jolts(rate, strength, decay, Math.round(seed)),
                desk.preferences().limitPercent());
        if (!plan.cameras().isEmpty()) {
            desk.document().apply(plan.edit());
        }
        desk.say(ReadyWords.outcome(plan, desk.document().project(), shots.size()));
        overlay.close();
    }
}
