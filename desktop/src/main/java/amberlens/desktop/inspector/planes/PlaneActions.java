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
                "a plane at hand; show the planes of a picture in the Camera and click one",
                () -> desk.tools().planes().shown() && PlaneCuts.selected(desk).isPresent());
        Needs open = Needs.of("a shot that shows what is not there behind a plane", () -> PlaneCuts.shot(desk)
                .filter(shot -> services.facts().openBehind(desk.document().project(), shot))
                .isPresent());
        actions.add(Menu.SHOT, "planes.show", "Planes of the picture", "", still, () -> desk.tools()
                .showPlanes());
        actions.add(Menu.SHOT, "planes.draw", "Draw around a plane", "Alt+P", still, () -> {
            desk.tools().showPlanes();
            desk.tools().take(Tool.PLANE);
            desk.say(
                    desk.tools().tool() == Tool.PLANE
                            ? "Draw around it: drag, or click from point to point; Enter or the first point closes, Backspace takes one back."
                            : "");
        });
        actions.add(Menu.SHOT, "planes.away", "Take the plane away", "", selected, () -> PlaneCuts.takeAway(desk));
        actions.add(Menu.EDGES, "planes.seal", "Seal behind the planes", "", open, () -> PlaneCuts.shot(desk)
                .ifPresent(shot -> seal(desk, services, shot)));
    }

    /** Worked out in the background, and done if nothing else was in the meantime. */
    private static void seal(Desk desk, Services services, Shot shot) {
        Project project = desk.document().settled();
        desk.say("Looking for what closes it …");
        services.background().start(Work.of(() -> PlaneSeal.of(project, shot), found -> {
            if (desk.document().settled() != project) {
                desk.say("The project has changed in the meantime; seal again.");
            } else if (found.isEmpty()) {
                desk.say("Nothing is open behind the planes of this shot.");
            } else {
                desk.document().apply(found.get().edit());
                desk.say("Sealed: " + found.get().words() + ".");
            }
        }));
    }
}
