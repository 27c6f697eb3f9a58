package amberlens.desktop.app;

import amberlens.core.edit.CarryEdits;
import amberlens.core.model.Shot;
import amberlens.desktop.actions.Action.Menu;
import amberlens.desktop.actions.Actions;
import amberlens.desktop.look.Overlay;
import amberlens.desktop.store.Store;
import java.util.function.BooleanSupplier;

/** Carrying one move to many shots, and arranging moves for many. */
final class CarryActions {
    private CarryActions() {}

    static void addTo(Actions actions, Store store, Overlay overlay) {
        BooleanSupplier several = () -> store.selection().shots().size() > 1;
        BooleanSupplier any = () -> store.selectedShot().isPresent();
        actions.add(
                Menu.MOVE,
                "move.carry",
                "Carry this move to the other selected shots…",
                "Shift+C",
                several,
                () -> overlay.show(new CarryPanel(store, overlay), overlay::close));
        actions.add(
                Menu.MOVE,
                "move.free",
                "Free from the move it follows",
                () -> store.selectedShot()
                        .flatMap(shot -> shot.settings().carried())
                        .flatMap(link -> store.project().shot(link.from()))
                        .map(Shot::name)
                        .map(name -> "Free from the move of \"" + name + "\"")
                        .orElse("Free from the move it follows"),
                "",
                () -> store.selectedShot()
                        .flatMap(shot -> shot.settings().carried())
                        .isPresent(),
                () -> store.apply(CarryEdits.free(store.selection().shots())));
        actions.add(
                Menu.MOVE,
                "move.arrange",
                "Arrange moves for the selected shots…",
                "Shortcut+Alt+A",
                any,
                () -> overlay.show(new ArrangePanel(store, overlay), overlay::close));
    }
}
