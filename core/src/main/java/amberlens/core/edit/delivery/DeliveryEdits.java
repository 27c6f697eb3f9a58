package amberlens.core.edit.delivery;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.CarryEdits;
import amberlens.core.edit.edits.Edit;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.FreshIds;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/** Edits of the deliveries of a project, and of single shots in them. */
public final class DeliveryEdits {
    private DeliveryEdits() {}

    /**
     * The project after an edit with all that follows from it: framings of deliveries, and moves that are linked to others.
     *
     * @param looked the id of the delivery it was made on; empty for the project's own frame
     */
    public static Project applied(Edit edit, Optional<String> looked, Project project) {
        return CarryEdits.apply(inAllShapes(edit, looked), project);
    }

    /**
     * Adds a delivery.
     *
     * @param name empty for one by its shape
     */
    public static Edit add(String name, Size size) {
        return Edit.of("delivery", project -> {
            String id = FreshIds.next(
                    "d", project.deliveries().stream().map(Delivery::id).toList());
            List<Delivery> more = new ArrayList<>(project.deliveries());
            more.add(new Delivery(
                    id, name.isBlank() ? freeName(project, Delivery.shape(size)) : name, size, Extras.NONE));
            return project.withDeliveries(more);
        });
    }

    private static String freeName(Project project, String shape) {
        String name = shape;
        for (int i = 2; isTaken(project, name); i++) {
            name = shape + "-" + i;
        }
        return name;
    }

    private static boolean isTaken(Project project, String name) {
        return project.deliveries().stream()
                .anyMatch(delivery -> delivery.name().equalsIgnoreCase(name));
    }

    /** Another name or size of a delivery. Framings of its own that shots have there stay as they are. */
    public static Edit change(String id, String name, Size size) {
        return Edit.of(
                "delivery",
                project -> project.withDeliveries(project.deliveries().stream()
                        .map(delivery ->
                                delivery.id().equals(id) ? new Delivery(id, name, size, delivery.extras()) : delivery)
                        .toList()));
    }

    /** Takes a delivery away, with all framings of its own that shots have in it. */
    public static Edit remove(String id) {
        return Edit.of("remove delivery", project -> project.withDeliveries(project.deliveries().stream()
                        .filter(delivery -> !delivery.id().equals(id))
                        .toList())
                .withShots(
                        project.shots().stream().map(shot -> without(shot, id)).toList()));
    }

    /** Lets shots follow their one move again in a delivery. */
    public static Edit giveBack(String id, Set<String> shotIds) {
        return Edit.of(
                "use the film's framings",
                project -> project.withShots(project.shots().stream()
                        .map(shot -> shotIds.contains(shot.id()) ? without(shot, id) : shot)
                        .toList()));
    }

    private static Shot without(Shot shot, String id) {
        return shot.settings().deliveries().containsKey(id)
                ? shot.withSettings(shot.settings().withDelivery(id, Optional.empty()))
                : shot;
    }

    /** Puts what {@link Reframe} has found in force. */
    public static Edit reframe(String id, List<Reframe.Framed> framed) {
        var cameras = new TreeMap<String, Reframe.Framed>();
        framed.forEach(one -> cameras.put(one.shotId(), one));
        return Edit.of(
                "reframing",
                project -> project.withShots(project.shots().stream()
                        .map(shot -> cameras.containsKey(shot.id())
                                ? shot.withSettings(shot.settings()
                                        .withDelivery(
                                                id,
                                                Optional.of(
                                                        cameras.get(shot.id()).camera())))
                                : shot)
                        .toList()));
    }

    /**
     * What an edit means for a project with deliveries. Whatever changes how a shot moves, made while a delivery is looked at, is a framing
     * of the shot's own there; all else is the same in every shape. A shot that gets another length or picture has the framings of its
     * own changed likewise.
     *
     * @param edit made on what is looked at
     * @param looked the id of the delivery that is looked at; empty for the project's own shape
     */
    public static Edit inAllShapes(Edit edit, Optional<String> looked) {
        return Edit.of(edit.name(), project -> new ShapedEdit(edit, looked).apply(project));
    }
}
