package amberlens.desktop.time.lineup;

import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.motion.curve.KeyInsertion;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.Gesture;
import amberlens.desktop.time.lineup.SoundRows.Grip;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Cursor;
import javafx.scene.input.MouseEvent;

/** Selecting, moving, trimming and slipping clips of sound, their fades, and their levels with keys. */
final class SoundHands {
    private final Desk desk;
    private final LineUpSurface surface;

    SoundHands(Desk desk, LineUpSurface surface) {
        this.desk = desk;
        this.surface = surface;
    }

    /** Whether a height is in the rows of sounds. */
    boolean serve(double y) {
        return surface.plan().sounds().holds(y);
    }

    /** Shows what a press would take; empty where no clip is. */
    Optional<Cursor> point(double x, double y) {
        SoundRows rows = surface.plan().sounds();
        Optional<SoundClip> clip = rows.clipAt(x, y);
        if (surface.view().setPointed(clip.map(SoundClip::id))) {
            surface.redraw();
        }
        return clip.map(found -> switch (rows.grip(found, x, y)) {
            case Grip.Key _ -> Cursor.HAND;
            case Grip.Line _ -> Cursor.V_RESIZE;
            case Grip.End _ -> Cursor.E_RESIZE;
            case Grip.Fade _ -> Cursor.H_RESIZE;
            case Grip.Body _ -> Cursor.DEFAULT;
        });
    }

    /** Selects the clip at a place, unless it is selected already; false where there is none. */
    boolean pointAt(double x, double y) {
        Optional<SoundClip> clip = surface.plan().sounds().clipAt(x, y);
        clip.filter(found -> !desk.cursor().selection().sounds().contains(found.id()))
                .ifPresent(found -> desk.cursor().select(new Selection.Sounds(Set.of(found.id()))));
        return clip.isPresent();
    }

    /** What a press begins; empty where no clip is. */
    Optional<Gesture> choose(MouseEvent press) {
        SoundRows rows = surface.plan().sounds();
        return rows.clipAt(press.getX(), press.getY())
                .flatMap(clip -> chosen(clip, rows.grip(clip, press.getX(), press.getY()), press));
    }

    private Optional<Gesture> chosen(SoundClip clip, Grip grip, MouseEvent press) {
        boolean more = press.isShiftDown() || press.isShortcutDown();
        if (grip instanceof Grip.Key(int at)) {
            return Optional.of(onKey(clip, at, more));
        }
        boolean adds = grip instanceof Grip.Line && (press.isShortcutDown() || press.getClickCount() == 2);
        if (adds) {
            return Optional.of(newKey(clip, press.getX()));
        }
        if (more) {
            toggle(clip);
            return Optional.empty();
        }
        if (!desk.cursor().selection().sounds().contains(clip.id()) || !(grip instanceof Grip.Body)) {
            desk.cursor().select(new Selection.Sounds(Set.of(clip.id())));
        }
        return Optional.of(
                switch (grip) {
                    case Grip.Line _ -> LevelDrag.ofLine(desk, surface, clip, press);
                    case Grip.End(boolean atStart) -> new SoundTrim(desk, surface, clip, atStart, press.getX());
                    case Grip.Fade(boolean atStart) -> new SoundFade(desk, surface, clip, atStart);
                    default ->
                        press.isAltDown()
                                ? new SoundSlip(desk, surface, clip, press.getX())
                                : new SoundMove(desk, surface, clip, press);
                });
    }

    private void toggle(SoundClip clip) {
        Set<String> clips = new HashSet<>(desk.cursor().selection().sounds());
        if (!clips.remove(clip.id())) {
            clips.add(clip.id());
        }
        desk.cursor().select(clips.isEmpty() ? new Selection.Nothing() : new Selection.Sounds(clips));
    }

    private Gesture onKey(SoundClip clip, int at, boolean more) {
        Set<Integer> frames = new HashSet<>();
        if (desk.cursor().selection().part() instanceof Selection.LevelKeys keys
                && keys.clip().equals(clip.id())
                && (more || keys.frames().contains(at))) {
            frames.addAll(keys.frames());
        }
        if (!more || !frames.remove(at)) {
            frames.add(at);
        }
        desk.cursor()
                .select(
                        frames.isEmpty()
                                ? new Selection.Sounds(Set.of(clip.id()))
                                : new Selection.LevelKeys(clip.id(), frames));
        return new LevelDrag(desk, surface, clip, frames, at);
    }

    /** A key on the line where there was none; it can be dragged at once. */
    private Gesture newKey(SoundClip clip, double x) {
        int last = (int)
                Math.ceil(clip.length().frames(desk.document().project().frame().rate()));
        int at = Math.clamp(Math.round(surface.plan().sounds().frame(clip, x)), 0, last);
        desk.document().apply(SoundEdits.setLevel("key level", clip.id(), KeyInsertion.at(clip.level(), at)));
        desk.cursor().select(new Selection.LevelKeys(clip.id(), Set.of(at)));
        SoundClip now = desk.cursor().selectedSounds().getFirst();
        return new LevelDrag(desk, surface, now, Set.of(at), at);
    }
}
