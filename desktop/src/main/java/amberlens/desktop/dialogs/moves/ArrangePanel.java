package amberlens.desktop.dialogs.moves;

import amberlens.core.base.words.Counted;
import amberlens.core.edit.edits.ReadyEdits;
import amberlens.core.edit.ready.MoveWish;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Arithmetic;
import amberlens.desktop.kit.style.FormPanel;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.shelf.panes.ReadyWords;
import java.util.Set;
import javafx.scene.control.TextField;

/** Gives all selected shots suitable ready moves by rule. */
final class ArrangePanel extends FormPanel {
    private final Desk desk;
    private final Overlay overlay;
    private final Set<String> shots;
    private final TextField amount = new TextField("100");
    private final TextField seed = new TextField("1");

    ArrangePanel(Desk desk, Overlay overlay) {
        super(
                "Arrange moves for "
                        + Counted.of(desk.cursor().selection().shots().size(), "shot"),
                "Arrange",
                overlay::close);
        this.desk = desk;
        this.overlay = overlay;
        shots = desk.cursor().selection().shots();
        amount.setId("arrange-amount");
        seed.setId("arrange-seed");
        row("Amount, %", amount);
        row("Seed", seed);
        explain(
                "Panoramas get a sweep and tall pictures a tilt; the others get a push-in, slide, drift or reveal. Directions alternate, no move repeats in a row, and every move is sealed. The same seed gives the same choice.");
    }

    @Override
    protected void take() {
        double percent = Arithmetic.value(amount.getText());
        if (!(percent > 0 && percent <= MoveWish.MOST)) {
            throw new IllegalArgumentException("An amount above 0 and at most 500 % is expected.");
        }
        long number = Math.round(Arithmetic.value(seed.getText()));
        ReadyEdits.Plan plan = ReadyEdits.arrange(
                desk.document().project(),
                shots,
                number,
                percent,
                desk.preferences().limitPercent());
        desk.document().apply(plan.edit());
        overlay.close();
        desk.say(ReadyWords.outcome(plan, desk.document().project(), shots.size()));
    }
}
