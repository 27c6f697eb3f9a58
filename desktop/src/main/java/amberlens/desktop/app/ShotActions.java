package amberlens.desktop.app;

import amberlens.core.edges.Conform;
import amberlens.core.edit.LineUpEdits;
import amberlens.core.edit.SettingsEdits;
import amberlens.core.edit.ShotEdits;
import amberlens.core.edit.ShotEdits.Timing;
import amberlens.core.layering.Backdrop;
import amberlens.core.model.Shot;
import amberlens.desktop.actions.Action.Menu;
import amberlens.desktop.actions.Actions;
import amberlens.desktop.commands.ShotLength;
import amberlens.desktop.look.Overlay;
import amberlens.desktop.store.Store;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Supplier;

/** The actions of the Shot menu. */
final class ShotActions {
    private final Actions actions;
    private final Store store;
    private final Overlay overlay;
    private final ShotLength lengths;

    private ShotActions(Actions actions, Store store, Overlay overlay, ShotLength lengths) {
        this.actions = actions;
        this.store = store;
        this.overlay = overlay;
        this.lengths = lengths;
    }

    static void addTo(Actions actions, Store store, Overlay overlay, ShotLength lengths) {
        new ShotActions(actions, store, overlay, lengths).add();
    }

    private void add() {
        BooleanSupplier shot = () -> store.selectedShot().isPresent();
        actions.add(
                Menu.SHOT,
                "shot.delete",
                "Delete the selected shots",
                "Shortcut+Delete",
                shot,
                () -> store.apply(LineUpEdits.delete(
                        store.selection().shots(), store.preferences().laying())));
        for (Conform way : Conform.values()) {
            actions.add(
                    Menu.SHOT,
                    "shot." + way.name().toLowerCase(Locale.ROOT),
                    "Lay in anew: " + way.word(),
                    "",
                    shot,
                    () -> withShot(found -> store.apply(ShotEdits.conform(found.id(), way))));
        }
        actions.add(
                Menu.SHOT,
                "shot.name-and-length",
                "Name and length…",
                "Shortcut+L",
                shot,
                () -> ask(store.preferences().lengthTiming().orElse(Timing.KEEP)));
        actions.add(Menu.SHOT, "shot.length-keep", "Length, keeping the timing…", "", shot, () -> ask(Timing.KEEP));
        actions.add(
                Menu.SHOT, "shot.length-stretch", "Length, stretching the move…", "", shot, () -> ask(Timing.STRETCH));
        actions.add(Menu.SHOT, "shot.longer", "Longer by a frame", "Shift+Period", shot, () -> lengthen(1));
        actions.add(Menu.SHOT, "shot.shorter", "Shorter by a frame", "Shift+Comma", shot, () -> lengthen(-1));
        backdrops(shot);
        actions.add(
                Menu.SHOT,
                "shot.length-timing",
                "When a length changes: ask, keep the timing, or stretch the move",
                () -> "When a length changes, now: "
                        + store.preferences().lengthTiming().map(Timing::words).orElse("ask") + " (switch)",
                "",
                () -> true,
                () -> store.prefer(to -> to.setLengthTiming(after(to.lengthTiming()))));
    }

    private void backdrops(BooleanSupplier shot) {
        backdrop("shot.backdrop-below", "Behind it: what lies below", shot, () -> Backdrop.BELOW);
        backdrop("shot.backdrop-blurred", "Behind it: a blurred, darkened copy", shot, () -> Backdrop.BLURRED);
        actions.add(
                Menu.SHOT,
                "shot.backdrop-colour",
                "Behind it: a colour, gradient or clouds…",
                "",
                shot,
                () -> withShot(found -> overlay.show(new BackdropPanel(store, overlay, found), overlay::close)));
    }

    private void backdrop(String id, String words, BooleanSupplier shot, Supplier<Backdrop> backdrop) {
        actions.add(
                Menu.SHOT,
                id,
                words,
                () -> (store.selectedShot()
                                        .filter(found ->
                                                found.settings().backdrop().equals(backdrop.get()))
                                        .isPresent()
                                ? "✓ "
                                : "")
                        + words,
                "",
                shot,
                () -> withShot(found -> store.apply(SettingsEdits.setBackdrop(found.id(), backdrop.get()))));
    }

    private static Optional<Timing> after(Optional<Timing> timing) {
        return timing.isEmpty()
                ? Optional.of(Timing.KEEP)
                : timing.filter(now -> now == Timing.KEEP).map(_ -> Timing.STRETCH);
    }

    private void withShot(Consumer<Shot> action) {
        store.selectedShot().ifPresent(action);
    }

    private void ask(Timing timing) {
        withShot(shot -> overlay.show(new ShotPanel(store, overlay, shot, timing), overlay::close));
    }

    private void lengthen(int frames) {
        withShot(shot -> lengths.set(shot, Math.clamp(shot.length() + frames, 1, Shot.LONGEST)));
    }
}
