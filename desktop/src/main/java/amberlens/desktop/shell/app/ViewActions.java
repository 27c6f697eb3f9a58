package amberlens.desktop.shell.app;

import amberlens.core.base.geometry.DeliveryGuide;
import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.actions.Needs;
import amberlens.desktop.desk.commands.DeskNeeds;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Tools;
import amberlens.desktop.desk.state.WindowLayout;
import amberlens.desktop.picture.table.TablePane;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;

/** The actions of the View menu: how the project is looked at. */
final class ViewActions {
    static final String FIRST = "view.first";
    static final String LAST = "view.last";

    private ViewActions() {}

    static final String DEPTH = "view.depth";

    static void addTo(Actions actions, Desk desk, Supplier<TablePane> table) {
        arrangements(actions, desk);
        table(actions, desk, table);
        lens(actions, desk);
        guides(actions, desk.tools());
    }

    private static void arrangements(Actions actions, Desk desk) {
        for (WindowLayout arrangement : WindowLayout.values()) {
            actions.add(
                    Menu.VIEW,
                    "arrange." + arrangement.name().toLowerCase(Locale.ROOT),
                    "Arrangement: " + arrangement.words(),
                    "Alt+Digit" + (arrangement.ordinal() + 1),
                    Needs.NOTHING,
                    () -> desk.prefer(to -> to.setArrangement(arrangement)));
        }
        actions.add(
                Menu.VIEW,
                "shelf.fold",
                "Show or hide the Shelf",
                "Shift+Y",
                Needs.NOTHING,
                () -> desk.prefer(to -> to.setShelfOpen(!to.shelfOpen())));
    }

    private static void table(Actions actions, Desk desk, Supplier<TablePane> table) {
        Needs shot = DeskNeeds.shot(desk);
        actions.add(Menu.VIEW, "view.fit-all", "Table: all framings", "F", shot, () -> table.get()
                .fitAll());
        actions.add(Menu.VIEW, "view.fit-gate", "Table: the gate", "Shift+F", shot, () -> table.get()
                .fitGate());
        actions.add(
                Menu.VIEW,
                "view.table-moment",
                "Table: footage now, at its first or at its last frame",
                "Shift+T",
                DeskNeeds.footage(desk),
                () -> desk.tools().setTableMoment(desk.tools().tableMoment().next()));
    }

    private static void lens(Actions actions, Desk desk) {
        Tools viewing = desk.tools();
        Needs shot = DeskNeeds.shot(desk);
        actions.add(
                Menu.VIEW,
                "view.lens-zoom",
                "Lens: fit, 1:1 pixels, 200 %",
                "V",
                Needs.NOTHING,
                () -> viewing.setLensZoom(viewing.lensZoom().next()));
        actions.add(Menu.VIEW, FIRST, "First frame, while held", "Z", shot, () -> viewing.setPeek(-1));
        actions.add(Menu.VIEW, LAST, "Last frame, while held", "X", shot, () -> viewing.setPeek(1));
        actions.add(
                Menu.VIEW,
                "view.ends",
                "First, last and now side by side",
                "W",
                shot,
                () -> viewing.toggle(Tools.LensShow.ENDS));
        actions.add(
                Menu.VIEW,
                "view.alone",
                "First and last frame: the shot alone",
                () -> (viewing.endsAlone() ? "✓ " : "") + "First and last frame: the shot alone",
                "",
                shot,
                () -> viewing.setEndsAlone(!viewing.endsAlone()));
        actions.add(
                Menu.VIEW,
                "view.difference",
                "Difference of two framings",
                "D",
                shot,
                () -> viewing.toggle(Tools.LensShow.DIFFERENCE));
        actions.add(
                Menu.VIEW,
                DEPTH,
                "Depth: pitch, yaw, viewing distance, corners",
                () -> (viewing.depth() ? "✓ " : "") + "Depth: pitch, yaw, viewing distance, corners",
                "Shift+D",
                Needs.NOTHING,
                () -> viewing.showDepth(!viewing.depth()));
    }

    private static void guides(Actions actions, Tools viewing) {
        for (Tools.Guide guide : Tools.Guide.values()) {
            actions.add(
                    Menu.VIEW,
                    "guide." + guide.name().toLowerCase(Locale.ROOT),
                    "Guide: " + guide.words(),
                    () -> (viewing.shows(guide) ? "✓ " : "") + "Guide: " + guide.words(),
                    "",
                    Needs.NOTHING,
                    () -> viewing.toggle(guide));
        }
        for (DeliveryGuide shape : DeliveryGuide.values()) {
            Optional<DeliveryGuide> delivery = Optional.of(shape);
            actions.add(
                    Menu.VIEW,
                    "delivery." + shape.name().toLowerCase(Locale.ROOT),
                    "Delivery guide: " + shape.words(),
                    () -> (viewing.delivery().equals(delivery) ? "✓ " : "") + "Delivery guide: " + shape.words(),
                    "",
                    Needs.NOTHING,
                    () -> viewing.setDelivery(viewing.delivery().equals(delivery) ? Optional.empty() : delivery));
        }
    }
}
