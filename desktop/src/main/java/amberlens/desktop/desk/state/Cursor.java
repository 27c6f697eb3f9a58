package amberlens.desktop.desk.state;

import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Where somebody is in the document: what is selected, the playhead, and whether it runs. Lives on the interface thread. */
public final class Cursor {
    private final Document document;
    private final Listeners listeners;
    private final Preferences preferences;
    private final Transport transport;
    private Selection selection = Selection.NONE;
    private int playhead;

    Cursor(Document document, Listeners listeners, Preferences preferences) {
        this.document = document;
        this.listeners = listeners;
        this.preferences = preferences;
        transport = new Transport(listeners);
    }

    /** Playing and looping. */
    public Transport transport() {
        return transport;
    }

    Document.Place here() {
        return new Document.Place(selection, playhead);
    }

    void back(Document.Place place) {
        selection = place.selection();
        playhead = place.playhead();
    }

    /** At the first shot of a project that was just loaded. */
    void reset() {
        playhead = 0;
        transport.reset();
        selection = LineUp.inTime(project()).stream()
                .findFirst()
                .map(shot -> Selection.shot(shot.id()))
                .orElse(Selection.NONE);
    }

    /** Lets go of what is not there any more. */
    void follow() {
        if (selection.shotId().flatMap(project()::shot).isEmpty()) {
            selection = shown(playhead)
                    .or(() -> LineUp.inTime(project()).stream().findFirst())
                    .map(shot -> Selection.shot(shot.id()))
                    .orElse(Selection.NONE);
        }
        selection = selection.with(stillThere(selection.part()));
        playhead = clampedToLineUp(playhead);
    }

    private Project project() {
        return document.project();
    }

    /** Shows what an edit would do to a part of the selected shot, and selects that part. */
    public void show(Edit edit, Selection.Part part) {
        listeners.together(() -> {
            document.show(edit);
            select(part);
        });
    }

    /** The part as far as an undo or a deletion has left it. */
    private Selection.Part stillThere(Selection.Part part) {
        KeySet keys = selectedKeys();
        return switch (part) {
            case Selection.Keys _ when !keys.isEmpty() -> new Selection.Keys(keys);
            case Selection.Framing framing when !keys.isEmpty() -> framing;
            case Selection.LegFrom leg when !keys.isEmpty() -> leg;
            case Selection.MarkerAt marker -> marker;
            case Selection.Sounds sounds -> stillThere(sounds);
            case Selection.LevelKeys levels -> stillThere(levels);
            default -> new Selection.Nothing();
        };
    }

    private Selection.Part stillThere(Selection.Sounds sounds) {
        Set<String> left = SoundEdits.chosen(project(), sounds.clips()).stream()
                .map(SoundClip::id)
                .collect(Collectors.toSet());
        return left.isEmpty() ? new Selection.Nothing() : new Selection.Sounds(left);
    }

    private Selection.Part stillThere(Selection.LevelKeys levels) {
        return SoundEdits.chosen(project(), Set.of(levels.clip())).stream()
                .findFirst()
                .map(clip -> {
                    Set<Integer> left = levels.frames().stream()
                            .filter(at -> clip.level().keyAt(at).isPresent())
                            .collect(Collectors.toSet());
                    return left.isEmpty()
                            ? new Selection.Sounds(Set.of(clip.id()))
                            : new Selection.LevelKeys(clip.id(), left);
                })
                .orElse(new Selection.Nothing());
    }

    public Selection selection() {
        return selection;
    }

    public void select(Selection newSelection) {
        if (!newSelection.equals(selection)) {
            selection = newSelection;
            listeners.tell(Change.SELECTION);
        }
    }

    /** Selects a part of the selected shot. */
    public void select(Selection.Part part) {
        select(selection.with(part));
    }

    public Optional<Shot> selectedShot() {
        return selection.shotId().flatMap(project()::shot);
    }

    /** The line-up frame. */
    public int playhead() {
        return playhead;
    }

    /**
     * Moves the playhead, at most to the last frame of the line-up. When it leaves the selected shot for another one, the
     * selection goes with it.
     */
    public void seek(int frame) {
        int target = clampedToLineUp(frame);
        if (target == playhead) {
            return;
        }
        boolean together = insideShot();
        playhead = target;
        var entered = shown(playhead).filter(_ -> together && !insideShot());
        if (entered.isPresent()) {
            selection = Selection.shot(entered.get().id());
            listeners.tell(Change.PLAYHEAD, Change.SELECTION);
        } else {
            listeners.tell(Change.PLAYHEAD);
        }
    }

    /** The uppermost shot at a frame that shows something; a rig, which moves others, only where there is nothing else. */
    private Optional<Shot> shown(int frame) {
        return LineUp.at(project(), frame).reversed().stream()
                .filter(shot -> !project().isRig(shot))
                .findFirst()
                .or(() -> LineUp.topAt(project(), frame));
    }

    private int clampedToLineUp(int frame) {
        return Math.clamp(frame, 0, Math.max(0, LineUp.length(project()) - 1));
    }

    /** The playhead's frame in the selected shot, at its first or last frame when the playhead is outside. */
    public int shotFrame() {
        return selectedShot()
                .map(shot -> shot.onLineUp().clamp(playhead) - shot.start())
                .orElse(0);
    }

    /** Whether the playhead is on a frame of the selected shot. */
    public boolean insideShot() {
        return selectedShot().map(shot -> shot.onLineUp().contains(playhead)).orElse(false);
    }

    /**
     * Brings the playhead to the frame of the selected shot that is shown, before that frame is changed; if preferred, to the
     * key beside it.
     */
    public void enterShot() {
        selectedShot().ifPresent(shot -> {
            seek(shot.start() + shotFrame());
            if (preferences.toNearKeys()) {
                NearKey.of(shot, shotFrame()).ifPresent(this::seekInShot);
            }
        });
    }

    /** The keys that key commands act on: those selected, or all of the selected framing. */
    public KeySet selectedKeys() {
        return selectedShot()
                .map(shot -> switch (selection.part()) {
                    case Selection.Keys keys -> keys.keys().within(shot.camera());
                    case Selection.Framing framing -> KeySet.at(shot.camera(), framing.frame());
                    case Selection.LegFrom leg ->
                        KeySet.where(
                                shot.camera(),
                                key -> key.at() == leg.frame()
                                        && leg.lane().map(key.lane()::equals).orElse(true));
                    default -> KeySet.NONE;
                })
                .orElse(KeySet.NONE);
    }

    /** The selected clips of sound, in time. */
    public List<SoundClip> selectedSounds() {
        return SoundEdits.chosen(project(), selection.sounds());
    }

    /** Whose keys are handled: those of the level of a clip while it is selected, else those of the selected shot. */
    public Optional<Keyed> keyed() {
        if (!selection.sounds().isEmpty()) {
            return selectedSounds().stream()
                    .findFirst()
                    .map(clip -> Keyed.of(clip, project().frame().rate(), playhead, selection.part()));
        }
        return selectedShot().map(shot -> Keyed.of(shot, shotFrame(), selectedKeys()));
    }

    /** Moves the playhead to a frame of the selected shot. */
    public void seekInShot(int frame) {
        selectedShot().ifPresent(shot -> seek(shot.start() + Math.clamp(frame, 0, shot.lastFrame())));
    }

    /** The pose of the selected shot that is shown. */
    public Optional<Pose> pose() {
        return selectedShot().map(shot -> document.project().pose(shot, shotFrame()));
    }
}
