package amberlens.desktop.desk.commands;

import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.PasteEdits;
import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.material.look.Looks;
import amberlens.core.material.sound.Level;
import amberlens.core.material.sound.LevelTrack;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.keys.KeyClip;
import amberlens.core.motion.keys.KeyOrder;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.keys.Pasting;
import amberlens.core.motion.property.Owner;
import amberlens.core.motion.property.Property;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Keyed;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.Overlay;
import amberlens.project.ClipText;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.input.Clipboard;
import javafx.scene.input.DataFormat;

/** Copy, cut and paste of keys, framings and moves through the system clipboard. */
public final class KeyClipboard {
    private final Desk desk;
    private final Overlay overlay;

    public KeyClipboard(Desk desk, Overlay overlay) {
        this.desk = desk;
        this.overlay = overlay;
    }

    /** Copies the selected keys or the selected framing. */
    public void copy() {
        KeySet keys = desk.cursor().keyed().map(Keyed::keys).orElse(KeySet.NONE);
        if (keys.isEmpty()) {
            desk.say("Select keys or a framing to copy; Copy the move takes all of it.");
            return;
        }
        boolean framing = desk.cursor().selection().part() instanceof Selection.Framing;
        copy(framing ? KeyClip.What.FRAMING : KeyClip.What.KEYS, keys);
    }

    /** Copies the whole move of the selected shot. */
    public void copyMove() {
        desk.cursor().selectedShot().ifPresent(shot -> copy(KeyClip.What.MOVE, KeySet.all(shot.camera())));
    }

    private void copy(KeyClip.What what, KeySet keys) {
        desk.cursor().keyed().ifPresent(keyed -> {
            Project project = desk.document().project();
            Size picture = desk.cursor()
                    .selectedShot()
                    .map(shot -> project.mediaOf(shot).size())
                    .orElse(project.frameSize());
            KeyClip clip = KeyClip.of(what, keyed.track(), keys, picture, project.frameSize());
            Clipboard.getSystemClipboard().setContent(Map.of(DataFormat.PLAIN_TEXT, ClipText.write(clip)));
        });
    }

    /** Copies the selected keys and deletes them. */
    public void cut() {
        copy();
        desk.cursor().keyed().filter(keyed -> !keyed.keys().isEmpty()).ifPresent(keyed -> desk.document()
                .apply(keyed.change()
                        .apply(
                                KeyWords.of("cut", keyed.keys()),
                                KeyOrder.deleted(keyed.track(), keyed.keys(), keyed.frame()))));
    }

    /** Pastes into the selected shots: at the playhead in the shown one, in the others where it was copied. */
    public void paste(Pasting how) {
        try {
            String text = Clipboard.getSystemClipboard().getString();
            KeyClip clip = ClipText.read(text == null ? "" : text);
            if (!desk.cursor().selection().sounds().isEmpty()) {
                pasteIntoSounds(clip, how);
                return;
            }
            List<Shot> targets = targets();
            if (targets.isEmpty()) {
                desk.say("Select the shot to paste into.");
            } else if (how != Pasting.EASES && targets.stream().anyMatch(shot -> fits(clip, shot))) {
                askHow(clip, how, targets);
            } else {
                paste(clip, how, targets, false);
            }
        } catch (FileProblem e) {
            desk.say(String.valueOf(e.getMessage()));
        }
    }

    /** Keys of levels go into all selected clips: into the first at the playhead, into the others as far from their starts. */
    private void pasteIntoSounds(KeyClip clip, Pasting how) {
        if (!clip.properties().contains(Level.PROPERTY)) {
            desk.say("These keys are no keys of a level; select a shot to paste them into.");
            return;
        }
        desk.cursor().keyed().ifPresent(keyed -> {
            List<Edit> edits = desk.cursor().selectedSounds().stream()
                    .map(sound -> SoundEdits.setLevel(
                            sound.id(), LevelTrack.level(how.into(LevelTrack.of(sound.level()), clip, keyed.frame()))))
                    .toList();
            desk.document().apply(Edit.all(how.words(), edits));
            Set<Integer> pasted = clip.camera().get(Level.PROPERTY).keys().stream()
                    .map(key -> key.at() + keyed.frame())
                    .collect(Collectors.toSet());
            desk.cursor().selectedSounds().stream()
                    .findFirst()
                    .filter(_ -> how != Pasting.EASES)
                    .ifPresent(sound -> desk.cursor().select(new Selection.LevelKeys(sound.id(), pasted)));
        });
    }

    private List<Shot> targets() {
        Set<String> selected = desk.cursor().selection().shots();
        return desk.document().project().shots().stream()
                .filter(shot -> selected.contains(shot.id()))
                .toList();
    }

    private boolean fits(KeyClip clip, Shot shot) {
        return clip.needsFitting(
                desk.document().project().mediaOf(shot).size(),
                desk.document().project().frameSize());
    }

    private void askHow(KeyClip clip, Pasting how, List<Shot> targets) {
        overlay.ask(
                "The picture has another size",
                "The copied keys were made for " + clip.picture()
                        + " pixels. Keep how the move looks in the frame, or keep its" + " numbers?",
                List.of(
                        new Overlay.Answer("Same look", true, () -> paste(clip, how, targets, true)),
                        new Overlay.Answer("Same numbers", false, () -> paste(clip, how, targets, false)),
                        new Overlay.Answer("Cancel", false, () -> {})));
    }

    private void paste(KeyClip clip, Pasting how, List<Shot> targets, boolean sameLook) {
        String shown = desk.cursor().selection().shotId().orElse("");
        int playhead = desk.cursor().shotFrame();
        boolean replaces = how == Pasting.ALL && clip.what() == KeyClip.What.MOVE;
        boolean apart = clip.camera().position().axes().isPresent();
        if (apart
                && !replaces
                && targets.stream().anyMatch(shot -> shot.camera().position().bent())) {
            desk.say("Not pasted: the copied axes are unlinked, but the path here is curved; make it straight first.");
            return;
        }
        Map<String, Integer> frames = targets.stream()
                .collect(Collectors.toMap(Shot::id, shot -> shot.id().equals(shown) ? playhead : clip.origin()));
        desk.document().apply(PasteEdits.paste(clip, how, sameLook, frames));
        if (how != Pasting.EASES) {
            selectPasted(clip, playhead);
        }
        boolean left = clip.properties().stream()
                .map(Property::owner)
                .anyMatch(owner -> !owner.equals(Owner.CAMERA)
                        && targets.stream().anyMatch(shot -> Looks.find(shot.looks(), owner)
                                .isEmpty()));
        if (left) {
            desk.say("Keys of looks that a shot does not have were left out; copy the looks to it first.");
        }
    }

    private void selectPasted(KeyClip clip, int playhead) {
        desk.cursor().selectedShot().ifPresent(shot -> {
            KeySet pasted = KeySet.where(
                    shot.camera(),
                    key -> clip.properties().contains(key.lane().property())
                            && clip.camera().get(key.lane().property()).keys().stream()
                                    .anyMatch(copied -> copied.at() + playhead == key.at()));
            desk.cursor().select(pasted.isEmpty() ? new Selection.Nothing() : new Selection.Keys(pasted));
        });
    }
}
