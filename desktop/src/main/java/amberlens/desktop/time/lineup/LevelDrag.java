package amberlens.desktop.time.lineup;

import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.material.sound.Level;
import amberlens.core.material.sound.LevelTrack;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.keys.KeyValues;
import amberlens.core.motion.keys.Retiming;
import amberlens.desktop.desk.commands.EditDrag;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.Gesture;
import java.util.Arrays;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.input.MouseEvent;

/** Keys of a level dragged up, down and along; with Shift in one direction only. */
final class LevelDrag extends SnapDrag {
    private final SoundClip clip;
    private final SoundRows rows;
    private final LevelScale levels;
    private final CameraTrack track;
    private final KeySet keys;
    private final int held;

    LevelDrag(Desk desk, LineUpSurface surface, SoundClip clip, Set<Integer> frames, int held) {
        super(desk, surface, Set.of(clip.id()));
        this.clip = clip;
        this.held = held;
        rows = plan.sounds();
        levels = rows.box(clip).levels();
        track = LevelTrack.of(clip.level());
        keys = LevelTrack.keys(track, frames);
    }

    /** The line itself: a constant level as a whole; between two keys both of them, else the one beside. */
    static Gesture ofLine(Desk desk, LineUpSurface surface, SoundClip clip, MouseEvent press) {
        if (!clip.level().animated()) {
            return new WholeLevel(desk, surface, clip, press.getY());
        }
        double frame = surface.plan().sounds().frame(clip, press.getX());
        Set<Integer> beside = clip.level().keys().stream()
                .map(Key::at)
                .filter(at -> isBeside(clip.level(), at, frame))
                .collect(Collectors.toSet());
        int first = beside.stream().mapToInt(at -> at).min().orElse(0);
        return new SegmentLevel(desk, surface, clip, beside, first, press.getY());
    }

    private static boolean isBeside(Channel<Double> level, int at, double frame) {
        return at <= frame
                ? level.keys().stream().noneMatch(other -> other.at() > at && other.at() <= frame)
                : level.keys().stream().noneMatch(other -> other.at() < at && other.at() > frame);
    }

    @Override
    public void drag(MouseEvent event) {
        double before = clip.level().at(held);
        double pointed = levels.decibels(event.getY());
        double pressed = levels.y(before);
        boolean across = event.isShiftDown()
                && Math.abs(event.getX() - rows.keyX(clip, held)) > Math.abs(event.getY() - pressed);
        boolean upright = event.isShiftDown() && !across;
        int by = upright ? 0 : along(event.getX());
        double up = across ? 0 : Math.rint(pointed * 10) / 10 - before;
        show(by, up);
    }

    private int along(double x) {
        double frame = rows.frame(clip, x);
        int onLineUp =
                (int) Math.round(clip.start().frames(rows.project().frame().rate()) + frame);
        return (int) Math.round(frame) + caught(onLineUp) - held;
    }

    /** Shows the keys moved by some frames, and louder. */
    private void show(int frames, double decibels) {
        CameraTrack louder = KeyValues.shifted(track, keys, LevelTrack.LANE, 0, decibels);
        int last = (int) Math.ceil(clip.length().frames(rows.project().frame().rate()));
        var moved = new Retiming(louder, keys, last, desk.preferences().neighbours()).shifted(frames);
        Channel<Double> level = limited(LevelTrack.level(moved.camera()));
        desk.cursor()
                .show(
                        SoundEdits.setLevel(clip.id(), level),
                        new Selection.LevelKeys(
                                clip.id(),
                                Arrays.stream(moved.keys().frames()).boxed().collect(Collectors.toSet())));
        desk.say(words(clip.level().at(held) + decibels));
    }

    private static Channel<Double> limited(Channel<Double> level) {
        return level.mapValues(value -> Math.clamp(value, Level.SILENT, Level.MOST));
    }

    /** A level for people. */
    static String words(double level) {
        return level <= Level.SILENT
                ? "Level: silent."
                : String.format(Locale.ROOT, "Level %+.1f dB.", Math.min(level, Level.MOST));
    }

    @Override
    public void click(MouseEvent event) {
        desk.cursor().seek((int)
                Math.round(clip.start().frames(rows.project().frame().rate()) + held));
    }

    /** A level without keys. */
    private static final class WholeLevel extends EditDrag {
        private final SoundClip clip;
        private final LevelScale levels;
        private final double off;

        WholeLevel(Desk desk, LineUpSurface surface, SoundClip clip, double pressY) {
            super(desk);
            this.clip = clip;
            levels = surface.plan().sounds().box(clip).levels();
            off = levels.y(clip.level().constant()) - pressY;
        }

        @Override
        public void drag(MouseEvent event) {
            double level = Math.rint(levels.decibels(event.getY() + off) * 10) / 10;
            desk.document().show(SoundEdits.setLevel(clip.id(), Channel.constant(Level.PROPERTY.kind(), level)));
            desk.say(words(level));
        }
    }

    /** The keys at both ends of a stretch of the line. */
    private static final class SegmentLevel extends EditDrag {
        private final LevelDrag keys;
        private final LevelScale levels;
        private final double pressed;

        SegmentLevel(Desk desk, LineUpSurface surface, SoundClip clip, Set<Integer> frames, int held, double pressY) {
            super(desk);
            keys = new LevelDrag(desk, surface, clip, frames, held);
            levels = surface.plan().sounds().box(clip).levels();
            pressed = levels.decibels(pressY);
        }

        @Override
        public void drag(MouseEvent event) {
            keys.show(0, Math.rint((levels.decibels(event.getY()) - pressed) * 10) / 10);
        }
    }
}
