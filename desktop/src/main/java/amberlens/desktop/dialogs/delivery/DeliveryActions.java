package amberlens.desktop.dialogs.delivery;

import amberlens.core.edit.delivery.DeliveryEdits;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.actions.Needs;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.work.services.Services;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The actions that are about the frame shapes of the film. */
public final class DeliveryActions {
    private final Desk desk;
    private final Reframing reframing;

    private DeliveryActions(Desk desk, Services services) {
        this.desk = desk;
        reframing = new Reframing(desk, services);
    }

    public static void addTo(Actions actions, Desk desk, Services services, Overlay overlay) {
        new DeliveryActions(desk, services).add(actions, services, overlay);
    }

    private void add(Actions actions, Services services, Overlay overlay) {
        Needs delivery =
                Needs.of("a delivery in view", () -> desk.document().delivery().isPresent());
        actions.add(Menu.PROJECT, "delivery.list", "Deliveries…", "Shortcut+Alt+D", Needs.NOTHING, () -> {
            var panel = new DeliveriesPanel(desk, services, reframing, overlay::close);
            overlay.show(panel, panel::escape);
        });
        actions.add(
                Menu.PROJECT,
                "delivery.next",
                "View the next frame shape",
                "Shortcut+Alt+N",
                Needs.of(
                        "a delivery",
                        () -> !desk.document().whole().deliveries().isEmpty()),
                this::lookAtNext);
        actions.add(
                Menu.PROJECT,
                "delivery.reframe",
                "Reframe the selected shots",
                "",
                Needs.of(
                        "a delivery in view, and a selected shot",
                        () -> desk.document().delivery().isPresent()
                                && !selected().isEmpty()),
                () -> desk.document().delivery().ifPresent(shown -> reframing.reframe(shown, selected(), () -> {})));
        actions.add(
                Menu.PROJECT,
                "delivery.reframe-all",
                "Reframe all shots that follow the film",
                "",
                delivery,
                () -> desk.document()
                        .delivery()
                        .ifPresent(shown -> reframing.reframe(
                                shown, Reframing.following(desk.document().whole(), shown), () -> {})));
        actions.add(
                Menu.PROJECT,
                "delivery.give-back",
                "Back to the film's framings",
                "",
                Needs.of("a selected shot with framings of its own in the delivery in view", () -> !own().isEmpty()),
                () -> desk.document().delivery().ifPresent(shown -> desk.document()
                        .applyToWhole(DeliveryEdits.giveBack(shown.id(), own()))));
    }

    /** The selected shots, as the project has them. */
    private List<Shot> selected() {
        Set<String> chosen = desk.cursor().selection().shots();
        return desk.document().whole().shots().stream()
                .filter(shot -> chosen.contains(shot.id()))
                .toList();
    }

    private Set<String> own() {
        Optional<Delivery> shown = desk.document().delivery();
        return selected().stream()
                .filter(shot -> shown.filter(
                                delivery -> shot.settings().deliveries().containsKey(delivery.id()))
                        .isPresent())
                .map(Shot::id)
                .collect(Collectors.toSet());
    }

    private void lookAtNext() {
        Project whole = desk.document().whole();
        List<Optional<String>> shapes = Stream.concat(
                        Stream.of(Optional.<String>empty()),
                        whole.deliveries().stream().map(delivery -> Optional.of(delivery.id())))
                .toList();
        int now = shapes.indexOf(desk.document().delivery().map(Delivery::id));
        desk.document().lookAt(shapes.get((now + 1) % shapes.size()));
    }
}
