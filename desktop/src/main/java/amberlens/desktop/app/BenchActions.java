package amberlens.desktop.app;

import amberlens.core.edges.Conform;
import amberlens.core.edges.SealResult;
import amberlens.core.edit.CameraEdits;
import amberlens.core.edit.FramingEdits;
import amberlens.core.edit.ShotEdits;
import amberlens.core.model.LineUp;
import amberlens.core.model.Shot;
import amberlens.core.motion.Ease;
import amberlens.core.motion.Framings;
import amberlens.desktop.actions.Action.Menu;
import amberlens.desktop.actions.Actions;
import amberlens.desktop.play.Playback;
import amberlens.desktop.services.Services;
import amberlens.desktop.store.Selection;
import amberlens.desktop.store.Store;
import java.util.Collection;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/** All actions that work on the store alone. What needs dialogs is added by the bench. */
final class BenchActions {
    private static final int BIG_STEP = 10;

    private final Store store;
    private final Services services;
    private final Playback playback;
    private final Actions actions;

    private BenchActions(Store store, Services services, Playback playback, Actions actions) {
        this.store = store;
        this.services = services;
        this.playback = playback;
        this.actions = actions;
    }

    static void addTo(Actions actions, Store store, Services services, Playback playback) {
        var bench = new BenchActions(store, services, playback, actions);
        bench.edit();
        bench.shot();
        bench.move();
        bench.play();
    }

    private void edit() {
        actions.add(
                Menu.EDIT,
                "edit.undo",
                "Undo",
                () -> "Undo " + store.undoName().orElse(""),
                "Shortcut+Z",
                () -> store.undoName().isPresent(),
                store::undo);
        actions.add(
                Menu.EDIT,
                "edit.redo",
                "Redo",
                () -> "Redo " + store.redoName().orElse(""),
                "Shortcut+Shift+Z",
                () -> store.redoName().isPresent(),
                store::redo);
        actions.add(Menu.EDIT, "edit.delete", "Delete the selection", "Delete", this::hasShot, this::delete);
    }

    private void shot() {
        actions.add(Menu.SHOT, "shot.seal", "Seal (lift)", "S", this::hasShot, this::seal);
        actions.add(Menu.SHOT, "shot.delete", "Delete the shot", "Shortcut+Delete", this::hasShot, this::deleteShot);
        for (Conform way : Conform.values()) {
            actions.add(
                    Menu.SHOT,
                    "shot." + way.name().toLowerCase(Locale.ROOT),
                    "Lay in anew: " + way.word(),
                    "",
                    this::hasShot,
                    () -> withShot(shot -> store.apply(ShotEdits.conform(shot.id(), way))));
        }
        actions.add(Menu.SHOT, "shot.longer", "Longer by a frame", "Shift+Period", this::hasShot, () -> lengthen(1));
        actions.add(Menu.SHOT, "shot.shorter", "Shorter by a frame", "Shift+Comma", this::hasShot, () -> lengthen(-1));
    }

    private void move() {
        actions.add(
                Menu.MOVE,
                "framing.add",
                "Add framing",
                "A",
                this::hasShot,
                () -> withShot(shot -> {
                    store.enterShot();
                    store.apply(FramingEdits.add(shot.id(), store.shotFrame()));
                }));
        int digit = 1;
        for (Ease ease : Ease.values()) {
            actions.add(
                    Menu.MOVE,
                    "ease." + ease.name().toLowerCase(Locale.ROOT),
                    "Ease of the leg: " + ease.words(),
                    "Digit" + digit++,
                    () -> legFrame().isPresent(),
                    () -> setEase(ease));
        }
    }

    private void play() {
        BooleanSupplier any = () -> !store.project().shots().isEmpty();
        actions.add(Menu.PLAY, "play.toggle", "Play or pause", "Space", any, playback::toggle);
        actions.add(Menu.PLAY, "play.loop", "Loop", "O", () -> true, () -> store.setLooping(!store.looping()));
        actions.add(Menu.PLAY, "go.on", "One frame on", "Right", any, () -> step(1));
        actions.add(Menu.PLAY, "go.back", "One frame back", "Left", any, () -> step(-1));
        actions.add(Menu.PLAY, "go.far-on", "Ten frames on", "Shift+Right", any, () -> step(BIG_STEP));
        actions.add(Menu.PLAY, "go.far-back", "Ten frames back", "Shift+Left", any, () -> step(-BIG_STEP));
        actions.add(
                Menu.PLAY,
                "go.first",
                "First frame of the shot",
                "Home",
                any,
                () -> withShot(shot -> store.seek(shot.start())));
        actions.add(
                Menu.PLAY,
                "go.last",
                "Last frame of the shot",
                "End",
                any,
                () -> withShot(shot -> store.seek(shot.onLineUp().to())));
        actions.add(Menu.PLAY, "go.start", "First frame of the line-up", "Shortcut+Home", any, () -> store.seek(0));
        actions.add(
                Menu.PLAY,
                "go.end",
                "Last frame of the line-up",
                "Shortcut+End",
                any,
                () -> store.seek(LineUp.length(store.project()) - 1));
        actions.add(Menu.PLAY, "go.framing-back", "Previous framing", "Page_Up", any, () -> jump(-1, framings()));
        actions.add(Menu.PLAY, "go.framing-on", "Next framing", "Page_Down", any, () -> jump(1, framings()));
        actions.add(Menu.PLAY, "go.key-back", "Previous key", "Shift+Page_Up", any, () -> jump(-1, keys()));
        actions.add(Menu.PLAY, "go.key-on", "Next key", "Shift+Page_Down", any, () -> jump(1, keys()));
    }

    private boolean hasShot() {
        return store.selectedShot().isPresent();
    }

    private void withShot(Consumer<Shot> action) {
        store.selectedShot().ifPresent(action);
    }

    private void step(int frames) {
        store.setPlaying(false);
        store.seek(store.playhead() + frames);
    }

    private Collection<Integer> framings() {
        return store.selectedShot()
                .map(shot -> (Collection<Integer>) Framings.of(shot.camera()))
                .orElse(java.util.List.of());
    }

    private Collection<Integer> keys() {
        return store.selectedShot()
                .map(shot -> (Collection<Integer>) shot.camera().keyFrames())
                .orElse(java.util.List.of());
    }

    private void jump(int direction, Collection<Integer> frames) {
        int now = store.shotFrame();
        var ahead = frames.stream().filter(frame -> direction < 0 ? frame < now : frame > now);
        Optional<Integer> target = direction < 0 ? ahead.reduce((_, later) -> later) : ahead.findFirst();
        target.ifPresent(store::seekInShot);
    }

    private void delete() {
        withShot(shot -> {
            switch (store.selection().part()) {
                case Selection.Framing framing -> store.apply(FramingEdits.delete(shot.id(), framing.frame()));
                case Selection.KeyOf key -> store.apply(CameraEdits.deleteKey(shot.id(), key.property(), key.frame()));
                case Selection.LegFrom _ ->
                    store.say("A leg goes when one of its framings goes; select a framing to delete it.");
                case Selection.Nothing _ -> deleteShot();
            }
            if (!(store.selection().part() instanceof Selection.Nothing)) {
                store.select(new Selection.Nothing());
            }
        });
    }

    private void deleteShot() {
        withShot(shot -> store.apply(ShotEdits.delete(shot.id())));
    }

    private void lengthen(int frames) {
        withShot(shot ->
                store.apply(ShotEdits.setLength(shot.id(), Math.clamp(shot.length() + frames, 1, Shot.LONGEST))));
    }

    private void seal() {
        withShot(shot -> {
            switch (services.facts().seal(store.project(), shot)) {
                case SealResult.AlreadySealed _ -> store.say("Every frame of this shot is sealed already.");
                case SealResult.Sealed sealed -> store.apply(ShotEdits.setCamera("seal", shot.id(), sealed.camera()));
                case SealResult.Refused refused -> store.say("It cannot be sealed: " + refused.reason() + ".");
            }
        });
    }

    /** The selected leg, or the one that the playhead is in. */
    private Optional<Integer> legFrame() {
        if (store.selection().part() instanceof Selection.LegFrom leg) {
            return Optional.of(leg.frame());
        }
        return framings().stream().filter(frame -> frame <= store.shotFrame()).reduce((_, later) -> later);
    }

    private void setEase(Ease ease) {
        withShot(shot -> legFrame().ifPresent(frame -> store.apply(FramingEdits.setLeg(shot.id(), frame, ease.leg()))));
    }
}
