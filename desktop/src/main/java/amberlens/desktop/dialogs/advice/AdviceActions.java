package amberlens.desktop.dialogs.advice;

import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.commands.DeskNeeds;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.work.services.Services;

/** The action that gives advice. */
public final class AdviceActions {
    private AdviceActions() {}

    public static void addTo(Actions actions, Desk desk, Services services, Overlay overlay) {
        actions.add(
                Menu.MOVE, "move.advice", "Advice on judder and evenness…", "Shift+J", DeskNeeds.shots(desk), () -> {
                    var panel = new AdvicePanel(desk, services, overlay::close);
                    overlay.show(panel, overlay::close);
                });
    }
}
