package amberlens.desktop.dialogs.shot;

import amberlens.core.edit.edits.LineUpEdits;
import amberlens.core.edit.edits.SettingsEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.edit.edits.ShotEdits.Timing;
import amberlens.core.judge.edges.Refit;
import amberlens.core.material.layering.Backdrop;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.curve.Channel;
import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.actions.Needs;
import amberlens.desktop.desk.commands.DeskNeeds;
import amberlens.desktop.desk.commands.ShotLength;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Overlay;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.Supplier;

/** The actions of the Shot menu. */
public final class ShotActions {
    private final Actions actions;
    private final Desk desk;
    private final Overlay overlay;
    private final ShotLength lengths;

    private ShotActions(Actions actions, Desk desk, Overlay overlay, ShotLength lengths) {
        this.actions = actions;
        this.desk = desk;
        this.overlay = overlay;
        this.lengths = lengths;
    }

    public static void addTo(Actions actions, Desk desk, Overlay overlay, ShotLength lengths) {
        new ShotActions(actions, desk, overlay, lengths).add();
    }

    private void add() {
        Needs shot = DeskNeeds.shot(desk);
        actions.add(
                Menu.SHOT, "shot.delete", "Delete the selected shots", "Shortcut+Delete", shot, () -> desk.document()
                        .apply(LineUpEdits.delete(
                                desk.cursor().selection().shots(),
                                desk.preferences().laying())));
        for (Refit way : Refit.values()) {
            actions.add(
                    Menu.SHOT,
                    "shot." + way.name().toLowerCase(Locale.ROOT),
                    "Reset to " + way.word(),
                    "",
                    shot,
                    () -> withShot(found -> reset(found, way)));
        }
        actions.add(
                Menu.SHOT,
                "shot.name-and-length",
                "Name and length…",
                "Shortcut+L",
                shot,
                () -> ask(desk.preferences().lengthTiming().orElse(Timing.KEEP)));
        actions.add(Menu.SHOT, "shot.length-keep", "Length, keeping the timing…", "", shot, () -> ask(Timing.KEEP));
        actions.add(
                Menu.SHOT, "shot.length-stretch", "Length, stretching the move…", "", shot, () -> ask(Timing.STRETCH));
        actions.add(Menu.SHOT, "shot.longer", "Lengthen by one frame", "Shift+Period", shot, () -> lengthen(1));
        actions.add(Menu.SHOT, "shot.shorter", "Shorten by one frame", "Shift+Comma", shot, () -> lengthen(-1));
        actions.add(
                Menu.SHOT,
                "shot.mirror",
                "Mirror and shutter…",
                "",
                shot,
                () -> withShot(found -> overlay.show(new MirrorPanel(desk, overlay, found), overlay::close)));
        backdrops(shot);
    }

    private void backdrops(Needs shot) {
        backdrop("shot.backdrop-below", "Background: what is below", shot, () -> Backdrop.BELOW);
        backdrop("shot.backdrop-blurred", "Background: blurred, darkened copy", shot, () -> Backdrop.BLURRED);
        actions.add(
                Menu.SHOT,
                "shot.backdrop-colour",
                "Background: colour, gradient or clouds…",
                "",
                shot,
                () -> withShot(found -> overlay.show(new BackdropPanel(desk, overlay, found), overlay::close)));
    }

    private void backdrop(String id, String words, Needs shot, Supplier<Backdrop> backdrop) {
        actions.add(
                Menu.SHOT,
                id,
                words,
                () -> (desk.cursor()
                                        .selectedShot()
                                        .filter(found ->
                                                found.settings().backdrop().equals(backdrop.get()))
                                        .isPresent()
                                ? "✓ "
                                : "")
                        + words,
                "",
                shot,
                () -> withShot(found -> desk.document().apply(SettingsEdits.setBackdrop(found.id(), backdrop.get()))));
    }

    /** A move that would be lost is asked about. */
    private void reset(Shot shot, Refit way) {
        boolean moves = shot.camera().moveAlone().channels().all().stream().anyMatch(Channel::animated);
        if (!moves) {
            desk.document().apply(ShotEdits.conform(shot.id(), way));
            return;
        }
        overlay.ask(
                "Reset to " + way.word(),
                "This shot has a move. It can be kept, and becomes larger or smaller as a whole.",
                List.of(
                        new Overlay.Answer("Keep the move", true, () -> keepMove(shot, way)),
                        new Overlay.Answer("Delete its keys", false, () -> desk.document()
                                .apply(ShotEdits.conform(shot.id(), way))),
                        new Overlay.Answer("Cancel", false, () -> {})));
    }

    private void keepMove(Shot shot, Refit way) {
        try {
            desk.document().apply(ShotEdits.refit(shot.id(), way));
        } catch (IllegalArgumentException e) {
            desk.say("Not done: " + e.getMessage() + ".");
        }
    }

    private void withShot(Consumer<Shot> action) {
        desk.cursor().selectedShot().ifPresent(action);
    }

    private void ask(Timing timing) {
        withShot(shot -> overlay.show(new ShotPanel(desk, overlay, shot, timing), overlay::close));
    }

    private void lengthen(int frames) {
        withShot(shot -> lengths.set(shot, Math.clamp(shot.length() + frames, 1, Shot.LONGEST)));
    }
}
