package amberlens.desktop.picture.marks;

import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.SealEdits;
import amberlens.core.edit.edits.SettingsEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.material.mark.Aim;
import amberlens.core.material.mark.Mark;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.actions.Needs;
import amberlens.desktop.desk.commands.DeskNeeds;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Tools.Tool;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.services.Services;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** What can be done with marks. */
public final class MarkActions {
    private final Actions actions;
    private final Desk desk;
    private final Services services;
    private final MarkDesk marks;

    private MarkActions(Actions actions, Desk desk, Services services) {
        this.actions = actions;
        this.desk = desk;
        this.services = services;
        marks = new MarkDesk(desk, services.marks());
    }

    public static void addTo(Actions actions, Desk desk, Services services) {
        var all = new MarkActions(actions, desk, services);
        all.looking();
        all.keeping();
        all.aiming();
    }

    private void looking() {
        actions.add(
                Menu.VIEW,
                "marks.show",
                "Show marks on the Table",
                () -> (desk.tools().marks().shown() ? "✓ " : "") + "Show marks on the Table",
                "Alt+I",
                Needs.NOTHING,
                () -> desk.tools().marks().setShown(!desk.tools().marks().shown()));
        actions.add(Menu.MOVE, "marks.draw", "Mark an area", "Alt+Shift+I", DeskNeeds.shot(desk), () -> {
            desk.tools().take(Tool.MARK);
            desk.say(desk.tools().tool() == Tool.MARK ? "Draw a box around what matters, on the Table." : "");
        });
        actions.add(Menu.MOVE, "marks.next", "Select the next mark", "Alt+O", some(), this::next);
    }

    private void keeping() {
        keep(Mark.Keep.RESTS, "Never cut at rests");
        keep(Mark.Keep.ALWAYS, "Always whole in the frame");
        keep(Mark.Keep.OFF, "May be cut");
        actions.add(Menu.MOVE, "marks.refuse", "It does not matter", "", selected(), () -> marks.selected()
                .ifPresent(marks::refuse));
    }

    private void keep(Mark.Keep keep, String words) {
        actions.add(
                Menu.MOVE,
                "marks." + keep.word(),
                words,
                () -> (marks.selected()
                                        .filter(mark -> mark.keep() == keep && !mark.isRefused())
                                        .isPresent()
                                ? "✓ "
                                : "")
                        + words,
                "",
                selected(),
                () -> marks.selected()
                        .ifPresent(mark -> marks.change(
                                "keep " + mark.kind().word() + ": " + words.toLowerCase(Locale.ROOT),
                                mark,
                                one -> (one.isRefused() ? one.taken() : one).withKeep(keep))));
    }

    private void aiming() {
        actions.add(Menu.MOVE, "marks.aim", "Put the subject on what matters", "Alt+A", some(), this::aim);
        actions.add(
                Menu.EDGES,
                "marks.aside",
                "Move aside: cut no mark at rests",
                "Alt+X",
                DeskNeeds.shot(desk),
                this::aside);
    }

    private Needs some() {
        return Needs.of("a picture in which something was found or marked", () -> !marks.all()
                .isEmpty());
    }

    private Needs selected() {
        return Needs.of("a selected mark: click its outline on the Table, or press Alt+O", () -> marks.selected()
                .isPresent());
    }

    private void next() {
        List<Mark> all = marks.all();
        int at = marks.selected().map(all::indexOf).orElse(-1);
        Mark mark = all.get((at + 1) % all.size());
        desk.tools().marks().setShown(true);
        marks.select(mark);
        desk.say("Selected: " + MarkView.words(mark) + ".");
    }

    /** The middle of the selected mark, or else of what moves would aim at. */
    private void aim() {
        marks.shot().ifPresent(shot -> {
            Project with = services.marks().in(desk.document().project());
            Optional<Aim> aim = marks.selected()
                    .map(mark -> new Aim(mark.kind(), List.of(marks.seen(mark.box()))))
                    .or(() -> Aim.of(
                            with.marks(shot),
                            with.mediaOf(shot).size().width(),
                            with.mediaOf(shot).size().height()));
            aim.ifPresent(found -> {
                var at = found.isFace() ? found.eyes() : found.box().middle();
                desk.document().apply(SettingsEdits.setSubject(shot.id(), Optional.of(at)));
                desk.tools().subjectPut(shot, at);
                desk.say("The subject is on " + found.words() + ".");
            });
        });
    }

    /** All selected shots, each for itself. */
    private void aside() {
        Set<String> chosen = desk.cursor().selection().shots();
        Project project = services.marks().in(desk.document().project());
        List<Shot> shots = project.shots().stream()
                .filter(shot -> chosen.contains(shot.id()) && !project.isRig(shot))
                .toList();
        Edit noting = services.marks()
                .noting(
                        desk.document().project(),
                        shots.stream().map(Shot::media).toList());
        services.background().start(Work.of(() -> Asides.of(project, shots), found -> {
            if (!found.edits().isEmpty()) {
                desk.document()
                        .apply(Edit.all(
                                "move aside",
                                java.util.stream.Stream.concat(
                                                java.util.stream.Stream.of(noting), found.edits().stream())
                                        .toList()));
            }
            desk.say(found.words());
        }));
    }

    /** What came of several shots. */
    private record Asides(List<Edit> edits, int kept, List<String> refused) {
        static Asides of(Project project, List<Shot> shots) {
            List<Edit> edits = new java.util.ArrayList<>();
            List<String> refused = new java.util.ArrayList<>();
            int kept = 0;
            for (Shot shot : shots) {
                switch (SealEdits.moveAside(project, shot)) {
                    case SealResult.AlreadySealed _ -> kept++;
                    case SealResult.Sealed moved ->
                        edits.add(ShotEdits.setCamera("move aside", shot.id(), moved.camera()));
                    case SealResult.Refused no -> refused.add("\"" + shot.name() + "\": " + no.reason());
                }
            }
            return new Asides(edits, kept, refused);
        }

        String words() {
            if (!refused.isEmpty()) {
                return "Not moved aside: " + refused.getFirst() + (refused.size() > 1 ? ", and others" : "") + ".";
            }
            return edits.isEmpty()
                    ? "No mark is cut while the camera rests."
                    : "Moved aside: no mark is cut while the camera rests.";
        }
    }
}
