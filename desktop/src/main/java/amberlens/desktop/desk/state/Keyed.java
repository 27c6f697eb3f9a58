package amberlens.desktop.desk.state;

import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.material.sound.LevelTrack;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.keys.KeySet;
import java.util.Arrays;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Something with keys that is selected: the camera of a shot, or the level of a clip of sound.
 *
 * @param track its keys
 * @param keys those of them that are selected
 * @param lastFrame the last at which a key may stand
 * @param frame at the playhead, within it
 * @param change an edit with a name that gives it another track
 * @param part how some of its keys are selected
 */
public record Keyed(
        CameraTrack track,
        KeySet keys,
        int lastFrame,
        int frame,
        BiFunction<String, CameraTrack, Edit> change,
        Function<KeySet, Selection.Part> part) {
    static Keyed of(Shot shot, int frame, KeySet keys) {
        return new Keyed(
                shot.camera(),
                keys,
                shot.lastFrame(),
                frame,
                (name, camera) -> ShotEdits.setCamera(name, shot.id(), camera),
                chosen -> chosen.isEmpty() ? new Selection.Nothing() : new Selection.Keys(chosen));
    }

    static Keyed of(SoundClip clip, FrameRate rate, int playhead, Selection.Part selected) {
        CameraTrack track = LevelTrack.of(clip.level());
        Set<Integer> frames = selected instanceof Selection.LevelKeys keys ? keys.frames() : Set.of();
        int last = (int) Math.ceil(clip.length().frames(rate));
        int frame = (int) Math.round(playhead - clip.start().frames(rate));
        return new Keyed(
                track,
                LevelTrack.keys(track, frames),
                last,
                Math.clamp(frame, 0, last),
                (name, changed) -> SoundEdits.setLevel(name, clip.id(), LevelTrack.level(changed)),
                chosen -> chosen.isEmpty()
                        ? new Selection.Sounds(Set.of(clip.id()))
                        : new Selection.LevelKeys(
                                clip.id(),
                                Arrays.stream(chosen.frames()).boxed().collect(Collectors.toSet())));
    }
}
