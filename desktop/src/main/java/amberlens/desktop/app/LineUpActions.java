package amberlens.desktop.app;

import amberlens.core.edit.LayeringEdits;
import amberlens.core.edit.LineUpEdits;
import amberlens.core.edit.RigEdits;
import amberlens.core.lineup.Joining;
import amberlens.core.lineup.Laying;
import amberlens.core.model.LineUp;
import amberlens.core.model.Shot;
import amberlens.desktop.actions.Action.Menu;
import amberlens.desktop.actions.Actions;
import amberlens.desktop.look.Overlay;
import amberlens.desktop.store.Selection;
import amberlens.desktop.store.Store;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/** The actions of the Line-up menu. */
final class LineUpActions {
    private final Actions actions;
    private final Store store;
    private final Overlay overlay;
    private final BooleanSupplier shot;

    private LineUpActions(Actions actions, Store store, Overlay overlay) {
        this.actions = actions;
        this.store = store;
        this.overlay = overlay;
        shot = () -> store.selectedShot().isPresent();
    }

    static void addTo(Actions actions, Store store, Overlay overlay, Runnable showAll) {
        new LineUpActions(actions, store, overlay).add(showAll);
    }

    private void add(Runnable showAll) {
        cuts();
        places();
        transitions();
        BooleanSupplier any = () -> !store.project().shots().isEmpty();
        actions.add(Menu.LINE_UP, "lineup.select-all", "Select all shots", "Shortcut+Shift+A", any, this::selectAll);
        actions.add(Menu.LINE_UP, "lineup.show-all", "Show the whole line-up", "Shortcut+0", any, showAll);
        actions.add(
                Menu.LINE_UP,
                "lineup.laying",
                "Ripple or overwrite",
                () -> "Now: " + store.preferences().laying().words() + " (switch)",
                "Shortcut+R",
                () -> true,
                this::switchLaying);
    }

    private void cuts() {
        actions.add(Menu.LINE_UP, "lineup.split", "Split at the playhead", "Shortcut+K", this::canSplit, this::split);
        actions.add(Menu.LINE_UP, "lineup.join", "Join with the next shot", "Shortcut+J", shot, this::join);
        actions.add(
                Menu.LINE_UP,
                "lineup.trim-start",
                "Begin at the playhead",
                "Alt+Home",
                store::insideShot,
                () -> with(found -> store.apply(LineUpEdits.trimStart(
                        found.id(), store.shotFrame(), store.preferences().laying()))));
        actions.add(
                Menu.LINE_UP,
                "lineup.trim-end",
                "End with the frame at the playhead",
                "Alt+End",
                store::insideShot,
                () -> with(found -> store.apply(LineUpEdits.trimEnd(
                        found.id(),
                        store.shotFrame() - found.lastFrame(),
                        store.preferences().laying()))));
        BooleanSupplier footage = () -> store.selectedShot()
                .filter(found -> store.project().mediaOf(found).moves())
                .isPresent();
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
                () -> with(found -> overlay.show(new FootagePanel(store, overlay, found), overlay::close)));
    }

    private void places() {
        actions.add(
                Menu.LINE_UP,
                "lineup.copy",
                "Copy behind",
                "Shortcut+D",
                shot,
                () -> store.apply(LineUpEdits.duplicate(chosen())));
        actions.add(Menu.LINE_UP, "lineup.up", "One track up", "Shortcut+Alt+Up", shot, () -> move(0, 1));
        actions.add(Menu.LINE_UP, "lineup.down", "One track down", "Shortcut+Alt+Down", shot, () -> move(0, -1));
        actions.add(Menu.LINE_UP, "lineup.later", "A frame later", "Shortcut+Alt+Right", shot, () -> move(1, 0));
        actions.add(Menu.LINE_UP, "lineup.earlier", "A frame earlier", "Shortcut+Alt+Left", shot, () -> move(-1, 0));
        actions.add(Menu.LINE_UP, "lineup.rig", "Lay a rig over the selected shots", "Shortcut+G", shot, this::layRig);
        actions.add(
                Menu.LINE_UP,
                "lineup.close-gaps",
                "Close the gaps of the track",
                "",
                shot,
                () -> with(found -> store.apply(LineUpEdits.closeGaps(found.track()))));
        actions.add(
                Menu.LINE_UP,
                "lineup.lengths",
                "Lengths of the selected shots…",
                "Shortcut+Shift+L",
                shot,
                () -> overlay.show(new LengthsPanel(store, overlay, chosen()), overlay::close));
    }

    private void transitions() {
        actions.add(
                Menu.LINE_UP,
                "lineup.transition",
                "Dissolve, fade, dip…",
                "Shift+D",
                shot,
                () -> with(found -> overlay.show(new TransitionPanel(store, overlay, found), overlay::close)));
        actions.add(
                Menu.LINE_UP,
                "lineup.blend",
                "Blending and opacity…",
                "Shortcut+Alt+B",
                shot,
                () -> with(found -> overlay.show(new BlendPanel(store, overlay, found), overlay::close)));
    }

    private void with(Consumer<Shot> action) {
        store.selectedShot().ifPresent(action);
    }

    private Set<String> chosen() {
        return store.selection().shots();
    }

    private void selectAll() {
        List<Shot> all = LineUp.inTime(store.project());
        Set<String> ids = new LinkedHashSet<>(all.stream().map(Shot::id).toList());
        String shown = store.selection().shotId().orElse(all.getFirst().id());
        ids.remove(shown);
        store.select(new Selection(Optional.of(shown), ids, new Selection.Nothing()));
    }

    private void switchLaying() {
        Laying next = store.preferences().laying() == Laying.RIPPLE ? Laying.OVERWRITE : Laying.RIPPLE;
        store.prefer(to -> to.setLaying(next));
        store.say("Changes of shots now " + next.words() + ".");
    }

    private boolean canSplit() {
        return !splittable().isEmpty();
    }

    /** Of the selected shots those under the playhead, or else the uppermost one there. */
    private Set<String> splittable() {
        Set<String> under = new LinkedHashSet<>();
        LineUp.at(store.project(), store.playhead()).stream()
                .filter(found -> chosen().contains(found.id()))
                .forEach(found -> under.add(found.id()));
        if (under.isEmpty()) {
            LineUp.topAt(store.project(), store.playhead()).ifPresent(found -> under.add(found.id()));
        }
        under.removeIf(id -> store.project().shot(id).orElseThrow().start() == store.playhead());
        return under;
    }

    private void split() {
        store.apply(LineUpEdits.split(splittable(), store.playhead()));
    }

    private void join() {
        with(first -> {
            Optional<Shot> next = LineUp.track(store.project(), first.track()).stream()
                    .filter(found -> found.start() > first.start())
                    .findFirst();
            if (next.isEmpty()) {
                store.say("There is no shot after this one on its track.");
                return;
            }
            Optional<String> refusal = Joining.refusal(store.project(), first, next.get());
            if (refusal.isPresent()) {
                store.say("Not joined: " + refusal.get() + ".");
            } else {
                store.apply(LineUpEdits.join(first.id(), next.get().id()));
            }
        });
    }

    private void slip(int frames) {
        with(found -> store.apply(LineUpEdits.slip(found.id(), frames)));
    }

    private void move(int frames, int tracks) {
        Laying laying = frames != 0 ? Laying.OVERWRITE : store.preferences().laying();
        store.apply(LineUpEdits.move(chosen(), frames, tracks, laying));
    }

    /** Lays a rig and selects it, so that a move can be given to it at once. */
    private void layRig() {
        Set<String> before =
                Set.copyOf(store.project().shots().stream().map(Shot::id).toList());
        store.apply(RigEdits.lay(chosen()));
        store.project().shots().stream()
                .filter(found -> !before.contains(found.id()))
                .findFirst()
                .ifPresent(rig -> {
                    store.select(Selection.shot(rig.id()));
                    store.say("The rig moves everything below it. Give it keys, or a ready move such as Pulse.");
                });
    }

    /** Whether a shot has a neighbour that can dissolve into it. */
    static boolean hasNeighbour(Store store, Shot shot) {
        return LayeringEdits.neighbourBefore(store.project(), shot).isPresent();
    }
}
