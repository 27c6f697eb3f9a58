package amberlens.desktop.dialogs.moves;

import amberlens.core.edit.edits.CarryEdits;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.actions.Needs;
import amberlens.desktop.desk.commands.DeskNeeds;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.dialogs.arrange.ArrangeSheet;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.work.services.Services;

/** Carrying one move to many shots, and arranging moves for many. */
public final class CarryActions {
    private CarryActions() {}

    public static void addTo(Actions actions, Desk desk, Services services, Overlay overlay) {
        Needs several = DeskNeeds.severalShots(desk);
        Needs any = DeskNeeds.shot(desk);
        actions.add(
                Menu.MOVE,
                "move.carry",
                "Carry this move to the other selected shots…",
                "Shift+C",
                several,
                () -> overlay.show(new CarryPanel(desk, overlay), overlay::close));
        actions.add(
                Menu.MOVE,
                "move.free",
                "Stop following another shot",
                () -> desk.cursor()
                        .selectedShot()
                        .flatMap(shot -> shot.settings().carried())
                        .flatMap(link -> desk.document().project().shot(link.from()))
                        .map(Shot::name)
                        .map(name -> "Stop following \"" + name + "\"")
                        .orElse("Stop following another shot"),
                "",
                Needs.of("a shot that follows the move of another", () -> desk.cursor()
                        .selectedShot()
                        .flatMap(shot -> shot.settings().carried())
                        .isPresent()),
                () -> desk.document()
                        .apply(CarryEdits.free(desk.cursor().selection().shots())));
        actions.add(
                Menu.MOVE,
                "move.arrange",
                "Arrange moves for the selected shots…",
                "Shortcut+Alt+A",
                any,
                () -> ArrangeSheet.open(desk, services, overlay));
        actions.add(
                Menu.MOVE,
                "move.even",
                "Even out moves…",
                "Shift+Alt+E",
                DeskNeeds.shots(desk),
                () -> overlay.show(new EvenMovesPanel(desk, services, overlay), overlay::close));
    }
}
