package amberlens.desktop.inspector.looks;

import amberlens.core.edit.edits.LookEdits;
import amberlens.core.material.layering.Backdrop;
import amberlens.core.material.look.Flash;
import amberlens.core.material.look.Look;
import amberlens.core.material.look.LookKind;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.LookSet;
import amberlens.core.material.look.StockLook;
import amberlens.core.model.project.Marker;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.actions.Needs;
import amberlens.desktop.desk.commands.DeskNeeds;
import amberlens.desktop.desk.state.Desk;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Stream;

/** What can be done with looks. */
public final class LookActions {
    private final Actions actions;
    private final Desk desk;

    private LookActions(Actions actions, Desk desk) {
        this.actions = actions;
        this.desk = desk;
    }

    public static void addTo(Actions actions, Desk desk) {
        new LookActions(actions, desk).add();
    }

    private void add() {
        Needs shot = DeskNeeds.shot(desk);
        Needs look = Needs.of("a selected shot with a look", () -> selected()
                .anyMatch(found -> !found.looks().isEmpty()));
        for (LookKind kind : LookKinds.ALL) {
            actions.add(
                    Menu.SHOT,
                    "look.add-" + kind.id(),
                    "Look: " + kind.lowerWord() + ", " + kind.purpose(),
                    "",
                    wearing(kind, shot),
                    () -> give(kind));
        }
        actions.add(
                Menu.SHOT,
                "look.aside",
                "Enable or disable all looks",
                () -> anyOn() ? "Disable all looks" : "Enable all looks",
                "Alt+K",
                look,
                () -> desk.document().apply(LookEdits.switchAll(ids(), !anyOn())));
        actions.add(Menu.SHOT, "look.away", "Remove all looks", "", look, () -> desk.document()
                .apply(LookEdits.removeAll(ids())));
        actions.add(
                Menu.SHOT,
                "look.copy",
                "Copy the looks to the other selected shots",
                "",
                Needs.of(
                        "more than one selected shot, and a look of the shown one",
                        () -> ids().size() > 1
                                && desk.cursor()
                                        .selectedShot()
                                        .filter(found -> !found.looks().isEmpty())
                                        .isPresent()),
                this::copy);
        for (Flash flash : Flash.values()) {
            actions.add(
                    Menu.SHOT,
                    "look." + flash.name().toLowerCase(Locale.ROOT),
                    flash.words(),
                    "",
                    Needs.of("a selected shot with a marker in it", () -> desk.cursor()
                            .selectedShot()
                            .filter(found -> !markers(found).isEmpty())
                            .isPresent()),
                    () -> give(flash));
        }
    }

    /** What a kind of look needs to be seen. */
    private Needs wearing(LookKind kind, Needs shot) {
        return switch (kind.wearer()) {
            case ANY -> shot;
            case TITLE ->
                Needs.of("a selected title", () -> selected()
                        .anyMatch(found -> desk.document().project().isTitle(found)));
            case BACKDROP ->
                Needs.of("a selected shot with colours behind it", () -> selected()
                        .anyMatch(found -> switch (found.settings().backdrop()) {
                            case Backdrop.Below _, Backdrop.Blurred _ -> false;
                            case Backdrop.Plain _, Backdrop.Gradient _, Backdrop.Clouds _ -> true;
                        }));
        };
    }

    private Set<String> ids() {
        return desk.cursor().selection().shots();
    }

    private Stream<Shot> selected() {
        return ids().stream().flatMap(id -> desk.document().project().shot(id).stream());
    }

    private boolean anyOn() {
        return selected().flatMap(shot -> shot.looks().stream()).anyMatch(Look::on);
    }

    private void give(LookKind kind) {
        desk.cursor().selectedShot().ifPresent(shot -> {
            Project project = desk.document().project();
            LookSet set = StockLook.single(kind, project.mediaOf(shot).size(), project.frameSize(), shot.length());
            desk.document().apply(LookEdits.add(ids(), set));
        });
    }

    private void copy() {
        desk.cursor().selectedShot().ifPresent(shot -> desk.document()
                .apply(LookEdits.copy(desk.document().project(), shot, ids())));
    }

    /** The frames of all markers in a shot, its own and those of the line-up. */
    private SortedSet<Integer> markers(Shot shot) {
        var frames = new TreeSet<Integer>();
        shot.markers().stream().map(Marker::at).filter(at -> at < shot.length()).forEach(frames::add);
        List<Marker> all = desk.document().project().markers();
        all.stream().map(Marker::at).filter(shot.onLineUp()::contains).forEach(at -> frames.add(at - shot.start()));
        return frames;
    }

    private void give(Flash flash) {
        desk.cursor().selectedShot().ifPresent(shot -> {
            Project project = desk.document().project();
            LookSet set = flash.make(
                    project.mediaOf(shot).size(),
                    project.frameSize(),
                    shot.length(),
                    project.frame().rate(),
                    markers(shot));
            desk.document().apply(LookEdits.add(Set.of(shot.id()), set));
        });
    }
}
