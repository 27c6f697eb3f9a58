package amberlens.desktop.inspector.planes;

import amberlens.core.edit.edits.PlaneSeal;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.actions.Needs;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Tools.Tool;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.services.Services;

/** The actions for pictures in planes. */
public final class PlaneActions {
    private PlaneActions() {}

    public static void addTo(Actions actions, Desk desk, Services services) {
        Needs still = Needs.of(
                "a selected shot of a still picture", () -> PlaneCuts.shot(desk).isPresent());
        Needs selected = Needs.of(
                "a selected plane; show a picture's planes in the Camera and click one",
                () -> desk.tools().planes().shown() && PlaneCuts.selected(desk).isPresent());
        Needs open = Needs.of("a shot with an open edge behind a plane", () -> PlaneCuts.shot(desk)
                .filter(shot -> services.facts().openBehind(desk.document().project(), shot))
                .isPresent());
        actions.add(Menu.SHOT, "planes.show", "Planes of the picture", "", still, () -> desk.tools()
                .showPlanes());
        actions.add(Menu.SHOT, "planes.draw", "Outline a plane", "Alt+P", still, () -> {
            desk.tools().showPlanes();
            desk.tools().take(Tool.PLANE);
            desk.say(
                    desk.tools().tool() == Tool.PLANE
                            ? "Outline it: drag, or click point by point. Enter or the first point closes the outline; Backspace removes the last point."
                            : "");
        });
        actions.add(Menu.SHOT, "planes.cut", "Cut out with one drag", "Alt+C", still, () -> {
            desk.tools().showPlanes();
            desk.tools().take(Tool.CUT);
            desk.say(
                    desk.tools().tool() == Tool.CUT
                            ? "Drag a box around something on the Table, or scribble around it. Its outline is found."
                            : "");
        });
        actions.add(
                Menu.SHOT,
                "planes.person",
                "Cut out the person",
                "",
                Needs.of("a still picture in which a person or a face was found", () -> ThingCuts.person(desk, services)
                        .isPresent()),
                () -> {
                    desk.tools().showPlanes();
                    ThingCuts.person(desk, services).ifPresent(mark -> ThingCuts.cutPerson(desk, services, mark));
                });
        actions.add(Menu.SHOT, "planes.away", "Remove the plane", "", selected, () -> PlaneCuts.takeAway(desk));
        actions.add(Menu.EDGES, "planes.seal", "Seal behind the planes", "", open, () -> PlaneCuts.shot(desk)
                .ifPresent(shot -> seal(desk, services, shot)));
    }

    /** Worked out in the background, and done if nothing else was in the meantime. */
    private static void seal(Desk desk, Services services, Shot shot) {
        Project project = desk.document().settled();
        desk.say("Finding a seal …");
        services.background().start(Work.of(() -> PlaneSeal.of(project, shot), found -> {
            if (desk.document().settled() != project) {
                desk.say("The project changed meanwhile. Seal again.");
            } else if (found.isEmpty()) {
                desk.say("Nothing is open behind the planes of this shot.");
            } else {
                desk.document().apply(found.get().edit());
                desk.say("Sealed: " + found.get().words() + ".");
            }
        }));
    }
}
