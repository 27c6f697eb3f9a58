package amberlens.desktop.advice;

import amberlens.desktop.actions.Action.Menu;
import amberlens.desktop.actions.Actions;
import amberlens.desktop.commands.DeskNeeds;
import amberlens.desktop.desk.Desk;
import amberlens.desktop.services.Services;
import amberlens.desktop.style.Overlay;

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
