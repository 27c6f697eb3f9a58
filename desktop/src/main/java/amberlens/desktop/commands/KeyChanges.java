package amberlens.desktop.commands;

import amberlens.core.edit.CameraEdits;
import amberlens.core.edit.FramingEdits;
import amberlens.core.edit.LineUpEdits;
import amberlens.core.edit.MarkerEdits;
import amberlens.core.edit.PathEdits;
import amberlens.core.edit.ShotEdits;
import amberlens.core.keys.Glide;
import amberlens.core.keys.KeyEases;
import amberlens.core.keys.KeyOrder;
import amberlens.core.keys.KeySet;
import amberlens.core.model.Shot;
import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.Ease;
import amberlens.core.motion.Framings;
import amberlens.core.motion.Leg;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Properties;
import amberlens.desktop.desk.Desk;
import amberlens.desktop.desk.Selection;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/** Choosing keys, and what they hold: eases, glide, path, reset, mute, deletion. */
public final class KeyChanges {
    private final Desk desk;

    public KeyChanges(Desk desk) {
        this.desk = desk;
    }

    public void selectAll() {
        select(shot -> KeySet.all(shot.camera()));
    }

    /** All keys at the playhead. */
    public void selectAtPlayhead() {
        select(shot -> KeySet.at(shot.camera(), desk.cursor().shotFrame()));
    }

    private void select(Function<Shot, KeySet> choice) {
        desk.cursor().selectedShot().map(choice).ifPresent(this::select);
    }

    /** Selects keys; none at all is nothing. */
    public void select(KeySet keys) {
        desk.cursor().select(keys.isEmpty() ? new Selection.Nothing() : new Selection.Keys(keys));
    }

    /** Deletes the selected part of the shot: keys, framing or marker. */
    public void delete() {
        desk.cursor().selectedShot().ifPresent(shot -> {
            switch (desk.cursor().selection().part()) {
                case Selection.Framing framing ->
                    desk.document().apply(FramingEdits.delete(shot.id(), framing.frame()));
                case Selection.Keys keys ->
                    desk.document()
                            .apply(ShotEdits.setCamera(
                                    KeyWords.of("deletion", keys.keys()),
                                    shot.id(),
                                    KeyOrder.deleted(
                                            shot.camera(),
                                            keys.keys(),
                                            desk.cursor().shotFrame())));
                case Selection.MarkerAt marker ->
                    desk.document()
                            .apply(MarkerEdits.delete(
                                    marker.onLineUp() ? Optional.empty() : Optional.of(shot.id()), marker.frame()));
                case Selection.LegFrom _ ->
                    desk.say("A leg goes when one of its framings goes; select a framing to delete it.");
                case Selection.Nothing _ ->
                    desk.document()
                            .apply(LineUpEdits.delete(
                                    desk.cursor().selection().shots(),
                                    desk.preferences().laying()));
            }
            if (!(desk.cursor().selection().part() instanceof Selection.LegFrom)) {
                desk.cursor().select(new Selection.Nothing());
            }
        });
    }

    /** Gives every leg that begins at a selected key an ease. */
    public void setLeg(Leg leg) {
        changeKeys("ease", camera -> KeyEases.withLeg(camera, easeKeys(), leg));
    }

    /** The keys an ease is for: those selected, or those of the framing before the playhead. */
    public KeySet easeKeys() {
        KeySet selected = desk.cursor().selectedKeys();
        if (!selected.isEmpty()) {
            return selected;
        }
        return desk.cursor()
                .selectedShot()
                .flatMap(shot -> Framings.before(shot.camera(), desk.cursor().shotFrame())
                        .map(frame -> KeySet.at(shot.camera(), frame)))
                .orElse(KeySet.NONE);
    }

    /** Eases every leg of the selected keys, or of the whole move, gently at both ends. */
    public void gentleEverywhere() {
        desk.cursor().selectedShot().ifPresent(shot -> {
            KeySet selected = desk.cursor().selectedKeys();
            KeySet keys = selected.isEmpty() ? KeySet.all(shot.camera()) : selected;
            changeKeys("gentle eases", camera -> KeyEases.withLeg(camera, keys, Ease.GENTLE_BOTH.leg()));
        });
    }

    /** One glide through the selected framings, or through all. */
    public void glide() {
        desk.cursor().selectedShot().ifPresent(shot -> {
            KeySet selected = desk.cursor().selectedKeys();
            KeySet keys = selected.frames().length < 2 ? KeySet.all(shot.camera()) : selected;
            changeKeys(
                    "one glide",
                    camera -> Glide.through(
                            camera,
                            keys.first(),
                            keys.last(),
                            desk.document().project().frameSize()));
        });
    }

    /** Lets the scale of the selected legs, or of the leg at the playhead, grow evenly, or plainly again. */
    public void setEven(boolean even) {
        KeySet keys = easeKeys();
        changeKeys(
                even ? "even zoom" : "plain zoom",
                camera -> KeyEases.even(
                        camera,
                        KeySet.of(keys.stream()
                                .filter(key -> key.lane().property() == Properties.SCALE)
                                .toList()),
                        even));
    }

    /** Curves or straightens the path of a leg. */
    public void setCurved(int frame, boolean curved) {
        desk.cursor().selectedShot().ifPresent(shot -> desk.document()
                .apply(curved ? PathEdits.curve(shot.id(), frame) : PathEdits.straighten(shot.id(), frame)));
    }

    /** The neutral pose as the framing at the playhead. */
    public void resetFraming() {
        desk.cursor().enterShot();
        desk.cursor().selectedShot().ifPresent(shot -> desk.document()
                .apply(CameraEdits.setFraming(
                        "reset of a framing", shot.id(), desk.cursor().shotFrame(), neutral(shot))));
    }

    /** The neutral pose without any keys. */
    public void resetMove() {
        desk.cursor().selectedShot().ifPresent(shot -> desk.document()
                .apply(ShotEdits.setCamera(
                        "reset of the move",
                        shot.id(),
                        CameraTrack.still(neutral(shot)).withLooksOf(shot.camera()))));
    }

    private Pose neutral(Shot shot) {
        return Pose.neutral(
                desk.document().project().mediaOf(shot).size(),
                desk.document().project().frameSize());
    }

    /** Puts all keys of the move aside, or lets them work again. */
    public void toggleMute() {
        desk.cursor().selectedShot().ifPresent(shot -> desk.document()
                .apply(CameraEdits.muteAll(
                        shot.id(), !anyMuted(shot), desk.cursor().shotFrame())));
    }

    /** Whether some keys of a shot are put aside. */
    public static boolean anyMuted(Shot shot) {
        return shot.camera().channels().all().stream().anyMatch(channel -> channel.muted());
    }

    private void changeKeys(String name, UnaryOperator<CameraTrack> change) {
        desk.cursor().selectedShot().ifPresent(shot -> desk.document()
                .apply(ShotEdits.setCamera(name, shot.id(), change.apply(shot.camera()))));
    }
}
