package amberlens.desktop.time.lineup;

import amberlens.core.edit.edits.LayeringEdits;
import amberlens.core.edit.edits.LineUpEdits;
import amberlens.core.edit.edits.RigEdits;
import amberlens.core.model.lineup.Joining;
import amberlens.core.model.lineup.Laying;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.actions.Needs;
import amberlens.desktop.desk.commands.DeskNeeds;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.Overlay;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;

/** The actions of the Line-up menu. */
public final class LineUpActions {
    private final Actions actions;
    private final Desk desk;
    private final Overlay overlay;
    private final Needs shot;

    private LineUpActions(Actions actions, Desk desk, Overlay overlay) {
        this.actions = actions;
        this.desk = desk;
        this.overlay = overlay;
        shot = DeskNeeds.shot(desk);
    }

    public static void addTo(Actions actions, Desk desk, Overlay overlay, Runnable showAll) {
        new LineUpActions(actions, desk, overlay).add(showAll);
    }

    private void add(Runnable showAll) {
        cuts();
        places();
        transitions();
        Needs any = DeskNeeds.shots(desk);
        actions.add(Menu.LINE_UP, "lineup.select-all", "Select all shots", "Shortcut+Shift+A", any, this::selectAll);
        actions.add(Menu.LINE_UP, "lineup.show-all", "Show the whole line-up", "Shortcut+0", any, showAll);
        actions.add(
                Menu.LINE_UP,
                "lineup.laying",
                "Ripple or overwrite",
                () -> "Now: " + desk.preferences().laying().words() + " (switch)",
                "Shortcut+R",
                Needs.NOTHING,
                this::switchLaying);
    }

    private void cuts() {
        actions.add(
                Menu.LINE_UP,
                "lineup.split",
                "Split at the playhead",
                "Shortcut+Shift+J",
                Needs.of("the playhead inside a shot, not at its first frame", this::canSplit),
                this::split);
        actions.add(Menu.LINE_UP, "lineup.join", "Join with the next shot", "Shortcut+J", shot, this::join);
        actions.add(
                Menu.LINE_UP,
                "lineup.trim-start",
                "Trim the start to the playhead",
                "Alt+Home",
                DeskNeeds.inside(desk),
                () -> with(found -> desk.document()
                        .apply(LineUpEdits.trimStart(
                                found.id(),
                                desk.cursor().shotFrame(),
                                desk.preferences().laying()))));
        actions.add(
                Menu.LINE_UP,
                "lineup.trim-end",
                "Trim the end to the playhead",
                "Alt+End",
                DeskNeeds.inside(desk),
                () -> with(found -> desk.document()
                        .apply(LineUpEdits.trimEnd(
                                found.id(),
                                desk.cursor().shotFrame() - found.lastFrame(),
                                desk.preferences().laying()))));
        Needs footage = DeskNeeds.footage(desk);
        actions.add(
                Menu.LINE_UP, "lineup.slip-on", "Slip the footage a frame later", "Alt+Period", footage, () -> slip(1));
        actions.add(
                Menu.LINE_UP,
                "lineup.slip-back",
                "Slip the footage a frame earlier",
                "Alt+Comma",
                footage,
                () -> slip(-1));
        actions.add(
                Menu.LINE_UP,
                "lineup.footage",
                "Footage: speed, in point, conversion…",
                "Shortcut+T",
                footage,
                () -> with(found -> overlay.show(new FootagePanel(desk, overlay, found), overlay::close)));
    }

    private void places() {
        actions.add(Menu.LINE_UP, "lineup.copy", "Duplicate after", "Shortcut+D", shot, () -> desk.document()
                .apply(LineUpEdits.duplicate(chosen())));
        actions.add(Menu.LINE_UP, "lineup.up", "Move one track up", "Shortcut+Alt+Up", shot, () -> move(0, 1));
        actions.add(Menu.LINE_UP, "lineup.down", "Move one track down", "Shortcut+Alt+Down", shot, () -> move(0, -1));
        actions.add(Menu.LINE_UP, "lineup.later", "Move one frame later", "Shortcut+Alt+Right", shot, () -> move(1, 0));
        actions.add(
                Menu.LINE_UP, "lineup.earlier", "Move one frame earlier", "Shortcut+Alt+Left", shot, () -> move(-1, 0));
        actions.add(Menu.LINE_UP, "lineup.rig", "Add a rig over the selected shots", "Shortcut+G", shot, this::layRig);
        actions.add(
                Menu.LINE_UP,
                "lineup.close-gaps",
                "Close the gaps of the track",
                "",
                shot,
                () -> with(found -> desk.document().apply(LineUpEdits.closeGaps(found.track()))));
        actions.add(
                Menu.LINE_UP,
                "lineup.lengths",
                "Lengths of the selected shots…",
                "Shortcut+Shift+L",
                shot,
                () -> overlay.show(new LengthsPanel(desk, overlay, chosen()), overlay::close));
    }

    private void transitions() {
        actions.add(
                Menu.LINE_UP,
                "lineup.transition",
                "Dissolve, fade, dip…",
                "Shortcut+Alt+J",
                shot,
                () -> with(found -> overlay.show(new TransitionPanel(desk, overlay, found), overlay::close)));
        actions.add(
                Menu.LINE_UP,
                "lineup.blend",
                "Blending and opacity…",
                "Shortcut+Alt+B",
                shot,
                () -> with(found -> overlay.show(new BlendPanel(desk, overlay, found), overlay::close)));
    }

    private void with(Consumer<Shot> action) {
        desk.cursor().selectedShot().ifPresent(action);
    }

    private Set<String> chosen() {
        return desk.cursor().selection().shots();
    }

    private void selectAll() {
        List<Shot> all = LineUp.inTime(desk.document().project());
        Set<String> ids = new LinkedHashSet<>(all.stream().map(Shot::id).toList());
        String shown = desk.cursor().selection().shotId().orElse(all.getFirst().id());
        ids.remove(shown);
        desk.cursor().select(new Selection(Optional.of(shown), ids, new Selection.Nothing()));
    }

    private void switchLaying() {
        Laying next = desk.preferences().laying() == Laying.RIPPLE ? Laying.OVERWRITE : Laying.RIPPLE;
        desk.prefer(to -> to.setLaying(next));
        desk.say("Shot changes now " + next.words() + ".");
    }

    private boolean canSplit() {
        return !splittable().isEmpty();
    }

    /** Of the selected shots those under the playhead, or else the uppermost one there. */
    private Set<String> splittable() {
        Set<String> under = new LinkedHashSet<>();
        LineUp.at(desk.document().project(), desk.cursor().playhead()).stream()
                .filter(found -> chosen().contains(found.id()))
                .forEach(found -> under.add(found.id()));
        if (under.isEmpty()) {
            LineUp.topAt(desk.document().project(), desk.cursor().playhead()).ifPresent(found -> under.add(found.id()));
        }
        under.removeIf(id -> desk.document().project().shot(id).orElseThrow().start()
                == desk.cursor().playhead());
        return under;
    }

    private void split() {
        desk.document().apply(LineUpEdits.split(splittable(), desk.cursor().playhead()));
    }

    private void join() {
        with(first -> {
            Optional<Shot> next = LineUp.track(desk.document().project(), first.track()).stream()
                    .filter(found -> found.start() > first.start())
                    .findFirst();
            if (next.isEmpty()) {
                desk.say("There is no shot after this one on its track.");
                return;
            }
            Optional<String> refusal = Joining.refusal(desk.document().project(), first, next.get());
            if (refusal.isPresent()) {
                desk.say("Not joined: " + refusal.get() + ".");
            } else {
                desk.document().apply(LineUpEdits.join(first.id(), next.get().id()));
            }
        });
    }

    private void slip(int frames) {
        with(found -> desk.document().apply(LineUpEdits.slip(found.id(), frames)));
    }

    private void move(int frames, int tracks) {
        Laying laying = frames != 0 ? Laying.OVERWRITE : desk.preferences().laying();
        desk.document().apply(LineUpEdits.move(chosen(), frames, tracks, laying));
    }

    /** Lays a rig and selects it, so that a move can be given to it at once. */
    private void layRig() {
        Set<String> before = Set.copyOf(
                desk.document().project().shots().stream().map(Shot::id).toList());
        desk.document().apply(RigEdits.lay(chosen()));
        desk.document().project().shots().stream()
                .filter(found -> !before.contains(found.id()))
                .findFirst()
                .ifPresent(rig -> {
                    desk.cursor().select(Selection.shot(rig.id()));
                    desk.say("The rig moves everything below it. Give it keys, or a ready move such as Pulse.");
                });
    }

    /** Whether a shot has a neighbour that can dissolve into it. */
    static boolean hasNeighbour(Desk desk, Shot shot) {
        return LayeringEdits.neighbourBefore(desk.document().project(), shot).isPresent();
    }
}
