package amberlens.desktop.desk.commands;

import amberlens.core.edit.edits.CameraEdits;
import amberlens.core.edit.edits.FlightEdits;
import amberlens.core.edit.edits.FramingEdits;
import amberlens.core.edit.edits.LineUpEdits;
import amberlens.core.edit.edits.MarkerEdits;
import amberlens.core.edit.edits.PathEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.FlightPath;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.keys.Flights;
import amberlens.core.motion.keys.Glide;
import amberlens.core.motion.keys.KeyEases;
import amberlens.core.motion.keys.KeyOrder;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.property.Properties;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Keyed;
import amberlens.desktop.desk.state.Selection;
import java.util.Arrays;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;

/** Choosing keys, and what they hold: eases, glide, path, reset, mute, deletion. */
public final class KeyChanges {
    private final Desk desk;

    public KeyChanges(Desk desk) {
        this.desk = desk;
    }

    public void selectAll() {
        select(keyed -> KeySet.all(keyed.track()));
    }

    /** All keys at the playhead. */
    public void selectAtPlayhead() {
        select(keyed -> KeySet.at(keyed.track(), keyed.frame()));
    }

    private void select(Function<Keyed, KeySet> choice) {
        desk.cursor().keyed().ifPresent(keyed -> desk.cursor()
                .select(keyed.part().apply(choice.apply(keyed))));
    }

    /** Selects keys; none at all is nothing. */
    public void select(KeySet keys) {
        desk.cursor().select(keys.isEmpty() ? new Selection.Nothing() : new Selection.Keys(keys));
    }

    /** Deletes what is selected: sounds or keys of their levels; of a shot keys, framing or marker; or else the shots. */
    public void delete() {
        if (!desk.cursor().selection().sounds().isEmpty()) {
            deleteOfSounds();
            return;
        }
        desk.cursor().selectedShot().ifPresent(shot -> {
            switch (desk.cursor().selection().part()) {
                case Selection.Framing framing ->
                    desk.document().apply(FramingEdits.delete(shot.id(), framing.frame()));
                case Selection.Keys keys ->
                    desk.document()
                            .apply(ShotEdits.setCamera(
                                    KeyWords.of("delete", keys.keys()),
                                    shot.id(),
                                    KeyOrder.deleted(
                                            shot.camera(),
                                            keys.keys(),
                                            desk.cursor().shotFrame())));
                case Selection.MarkerAt marker ->
                    desk.document()
                            .apply(MarkerEdits.delete(
                                    marker.onLineUp() ? Optional.empty() : Optional.of(shot.id()), marker.frame()));
                case Selection.Sounds _, Selection.LevelKeys _ -> throw new IllegalStateException("no part of a shot");
                case Selection.LegFrom _ ->
                    desk.say("A leg disappears with its framing. Select a framing to delete it.");
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

    private void deleteOfSounds() {
        KeySet keys = desk.cursor().keyed().map(Keyed::keys).orElse(KeySet.NONE);
        if (keys.isEmpty()) {
            desk.document().apply(SoundEdits.remove(desk.cursor().selection().sounds()));
        } else {
            changeKeys(KeyWords.of("delete", keys), keyed -> KeyOrder.deleted(keyed.track(), keys, keyed.frame()));
        }
    }

    /** Gives every leg that begins at a selected key an ease. */
    public void setLeg(Leg leg) {
        KeySet keys = easeKeys();
        changeKeys("ease", keyed -> KeyEases.withLeg(keyed.track(), keys, leg));
    }

    /** Turns the legs that begin at selected framings into flights, or all of the shot where none is selected. */
    public void fly() {
        desk.cursor().selectedShot().ifPresent(shot -> {
            Set<Integer> chosen = new TreeSet<>();
            Arrays.stream(desk.cursor().selectedKeys().frames()).forEach(chosen::add);
            Set<Integer> some = Flights.possible(shot.camera(), chosen);
            Set<Integer> from =
                    some.isEmpty() ? Flights.possible(shot.camera(), Set.copyOf(Framings.of(shot.camera()))) : some;
            try {
                desk.document().apply(FlightEdits.fly(shot.id(), from, FlightPath.USUAL_RHO));
                tellWhereLow(shot.id(), from);
            } catch (IllegalArgumentException e) {
                desk.say("It cannot fly: " + e.getMessage() + ".");
            }
        });
    }

    /** A flight that had to stay below what was wished says so. */
    private void tellWhereLow(String shotId, Set<Integer> from) {
        boolean low = desk.document().project().shot(shotId).stream()
                .flatMap(shot -> shot.camera().scale().keys().stream())
                .filter(key -> from.contains(key.at()))
                .anyMatch(key -> key.leg() instanceof Leg.Flight flight && flight.rho() < FlightPath.USUAL_RHO);
        desk.say(low ? "It flies as high as the picture allows." : "");
    }

    /** The keys an ease is for: those selected, or those of the framing before the playhead. */
    public KeySet easeKeys() {
        Optional<Keyed> keyed = desk.cursor().keyed();
        KeySet selected = keyed.map(Keyed::keys).orElse(KeySet.NONE);
        if (!selected.isEmpty()) {
            return selected;
        }
        return keyed.flatMap(found ->
                        Framings.before(found.track(), found.frame()).map(frame -> KeySet.at(found.track(), frame)))
                .orElse(KeySet.NONE);
    }

    /** Eases every leg of the selected keys, or of the whole move, gently at both ends. */
    public void gentleEverywhere() {
        changeKeys("gentle eases", keyed -> {
            KeySet keys = keyed.keys().isEmpty() ? KeySet.all(keyed.track()) : keyed.keys();
            return KeyEases.withLeg(keyed.track(), keys, Ease.GENTLE_BOTH.leg());
        });
    }

    /** One glide through the selected framings, or through all. */
    public void glide() {
        changeKeys("one glide", keyed -> {
            KeySet keys = keyed.keys().frames().length < 2 ? KeySet.all(keyed.track()) : keyed.keys();
            return Glide.through(
                    keyed.track(),
                    keys.first(),
                    keys.last(),
                    desk.document().project().frameSize());
        });
    }

    /** Lets the scale of the selected legs, or of the leg at the playhead, grow evenly, or plainly again. */
    public void setEven(boolean even) {
        KeySet keys = easeKeys();
        changeKeys(
                even ? "even zoom" : "plain zoom",
                keyed -> KeyEases.even(
                        keyed.track(),
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

    /** The whole picture as the framing at the playhead: upright, just filling the frame. */
    public void wholePicture() {
        desk.cursor().enterShot();
        desk.cursor().selectedShot().ifPresent(shot -> {
            int frame = desk.cursor().shotFrame();
            desk.document().apply(desk.keepingStart(FramingEdits.wholePicture(shot.id(), frame), shot.id(), frame));
        });
    }

    /** The whole picture without any keys of the move; looks, opacity, speed and parallax stay. */
    public void resetMove() {
        desk.cursor().selectedShot().ifPresent(shot -> desk.document()
                .apply(ShotEdits.setCamera(
                        "reset move",
                        shot.id(),
                        shot.camera()
                                .withMoveOf(CameraTrack.still(FramingEdits.whole(
                                        desk.document().project(),
                                        shot,
                                        desk.cursor().shotFrame()))))));
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

    private void changeKeys(String name, Function<Keyed, CameraTrack> change) {
        desk.cursor().keyed().ifPresent(keyed -> desk.document()
                .apply(keyed.change().apply(name, change.apply(keyed))));
    }
}
