package amberlens.desktop.dialogs.moves;

import amberlens.core.edit.edits.FramingEdits;
import amberlens.core.edit.edits.MirrorTurn;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.keys.Rest;
import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.actions.Needs;
import amberlens.desktop.desk.commands.DeskNeeds;
import amberlens.desktop.desk.commands.KeyChanges;
import amberlens.desktop.desk.commands.KeyTiming;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.work.services.KeptShakes;
import amberlens.desktop.work.services.Services;
import java.util.Locale;

/** The actions of the Move and Keys menus. */
public final class MoveActions {
    private static final int BIG_STEP = 10;

    private MoveActions() {}

    public static void addTo(Actions actions, Desk desk, Services services, Overlay overlay, KeptShakes shakes) {
        move(actions, desk);
        rest(actions, desk, overlay);
        shakes(actions, desk, services, overlay, shakes);
        turnOver(actions, desk);
        keys(actions, desk);
    }

    private static void move(Actions actions, Desk desk) {
        var changes = new KeyChanges(desk);
        Needs shot = DeskNeeds.shot(desk);
        actions.add(Menu.MOVE, "framing.add", "Add framing", "A", shot, () -> desk.cursor()
                .selectedShot()
                .ifPresent(found -> {
                    desk.cursor().enterShot();
                    desk.document()
                            .apply(FramingEdits.add(found.id(), desk.cursor().shotFrame()));
                }));
        for (Ease ease : Ease.values()) {
            actions.add(
                    Menu.MOVE,
                    "ease." + ease.name().toLowerCase(Locale.ROOT),
                    "Ease: " + ease.words(),
                    "Digit" + digit(ease),
                    Needs.of("a selected leg or selected keys", () -> !changes.easeKeys()
                            .isEmpty()),
                    () -> changes.setLeg(ease.leg()));
        }
        actions.add(
                Menu.MOVE,
                "leg.fly",
                "Fly from framing to framing",
                "Digit7",
                Needs.of("a shot with two framings", () -> desk.cursor()
                        .selectedShot()
                        .filter(found -> Framings.of(found.camera()).size() > 1)
                        .isPresent()),
                changes::fly);
        actions.add(Menu.MOVE, "move.gentle", "Gentle eases everywhere", "G", shot, changes::gentleEverywhere);
        actions.add(Menu.MOVE, "move.glide", "Glide through the framings", "Shift+G", shot, changes::glide);
        actions.add(
                Menu.MOVE,
                "move.mute",
                "Mute the move",
                () -> desk.cursor().selectedShot().filter(KeyChanges::anyMuted).isPresent()
                        ? "Unmute the move"
                        : "Mute the move",
                "Shift+U",
                shot,
                changes::toggleMute);
        actions.add(Menu.MOVE, "framing.whole", "Whole picture here", "Digit0", shot, changes::wholePicture);
        actions.add(Menu.MOVE, "move.reset", "Reset the move", "", shot, changes::resetMove);
    }

    /** The seventh is a flight, which is no ease. */
    private static int digit(Ease ease) {
        return ease == Ease.FAST_START ? 8 : ease.ordinal() + 1;
    }

    private static void rest(Actions actions, Desk desk, Overlay overlay) {
        Needs moving = Needs.of("the playhead before the last framing of the selected shot", () -> desk.cursor()
                .selectedShot()
                .filter(shot ->
                        Rest.at(shot.camera(), desk.cursor().shotFrame()).goesOn())
                .isPresent());
        actions.add(Menu.MOVE, "framing.rest", "Rest here…", "Alt+R", moving, () -> {
            desk.cursor().enterShot();
            desk.cursor()
                    .selectedShot()
                    .ifPresent(shot -> overlay.show(
                            new RestPanel(desk, overlay, shot, desk.cursor().shotFrame()), overlay::close));
        });
    }

    private static void shakes(Actions actions, Desk desk, Services services, Overlay overlay, KeptShakes shakes) {
        Needs shot = DeskNeeds.shot(desk);
        actions.add(
                Menu.MOVE, "move.shake", "Shake…", "Alt+H", shot, () -> new ShakePanel(desk, services, overlay, shakes)
                        .open());
        actions.add(
                Menu.MOVE,
                "move.jolts",
                "Jolts at the markers…",
                "",
                shot,
                () -> overlay.show(new JoltsPanel(desk, overlay), overlay::close));
    }

    private static void turnOver(Actions actions, Desk desk) {
        actions.add(
                Menu.MOVE,
                "depth.turn-over",
                "Turn over to the mirror image",
                "",
                Needs.of("the playhead before the last frame of the selected shot", () -> desk.cursor()
                        .selectedShot()
                        .filter(_ -> desk.cursor().insideShot())
                        .filter(found -> desk.cursor().shotFrame() < found.lastFrame())
                        .isPresent()),
                () -> desk.cursor().selectedShot().ifPresent(found -> desk.document()
                        .apply(MirrorTurn.over(
                                found.id(),
                                desk.cursor().shotFrame(),
                                desk.document().project().frame().rate().nominal()))));
    }

    private static void keys(Actions actions, Desk desk) {
        var timing = new KeyTiming(desk);
        Needs some = DeskNeeds.keys(desk);
        actions.add(Menu.KEYS, "keys.on", "Move one frame later", "Alt+Right", some, () -> timing.nudge(1));
        actions.add(Menu.KEYS, "keys.back", "Move one frame earlier", "Alt+Left", some, () -> timing.nudge(-1));
        actions.add(
                Menu.KEYS,
                "keys.far-on",
                "Move ten frames later",
                "Alt+Shift+Right",
                some,
                () -> timing.nudge(BIG_STEP));
        actions.add(
                Menu.KEYS,
                "keys.far-back",
                "Move ten frames earlier",
                "Alt+Shift+Left",
                some,
                () -> timing.nudge(-BIG_STEP));
        actions.add(Menu.KEYS, "keys.to-playhead", "Align to the playhead", "P", some, timing::alignToPlayhead);
        actions.add(Menu.KEYS, "keys.to-marker", "Align to the nearest marker", "Shift+P", some, timing::alignToMarker);
        actions.add(Menu.KEYS, "keys.to-end", "Move to the last frame", "Shift+End", some, timing::toLastFrame);
        actions.add(Menu.KEYS, "keys.reverse", "Reverse in time", "Shift+R", some, timing::reverse);
    }
}
