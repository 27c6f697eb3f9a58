package amberlens.desktop.store;

import amberlens.core.edit.Edit;
import amberlens.core.edit.History;
import amberlens.core.model.LineUp;
import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import amberlens.core.motion.Pose;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/**
 * The state that all views share. Lives on the interface thread.
 *
 * <p>A gesture shows its edit with {@link #show} as often as it likes and ends in {@link #commit} or {@link #cancel};
 * only then the history gets its one step.
 */
public final class Store {
    private final List<Consumer<Set<Change>>> listeners = new ArrayList<>();
    private History history = new History(Project.empty("Untitled"));
    private @Nullable Edit shown;
    private Project project = history.present();
    private Selection selection = Selection.NONE;
    private int playhead;
    private @Nullable Path file;
    private boolean playing;
    private boolean looping = true;
    private String message = "";

    public Subscription subscribe(Consumer<Set<Change>> listener) {
        listeners.add(listener);
        return () -> listeners.remove(listener);
    }

    /** How many listen; for the test that no view leaves one behind. */
    public int listeners() {
        return listeners.size();
    }

    /** Tells all listeners. */
    public void tell(Change first, Change... more) {
        Set<Change> changes = EnumSet.of(first, more);
        List.copyOf(listeners).forEach(listener -> listener.accept(changes));
    }

    /** The project as it is shown now, an unfinished gesture included. */
    public Project project() {
        return project;
    }

    /** The project without an unfinished gesture. */
    public Project settled() {
        return history.present();
    }

    /** Starts over with another project. */
    public void load(Project loaded, Optional<Path> from) {
        history = new History(loaded);
        shown = null;
        project = loaded;
        file = from.orElse(null);
        playhead = 0;
        playing = false;
        selection = LineUp.inTime(loaded).stream()
                .findFirst()
                .map(shot -> Selection.shot(shot.id()))
                .orElse(Selection.NONE);
        message = "";
        tell(Change.PROJECT, Change.SELECTION, Change.PLAYHEAD, Change.FILE, Change.PLAYING, Change.MESSAGE);
    }

    /** Makes an edit at once, as one step of the history. */
    public void apply(Edit edit) {
        shown = null;
        history.apply(edit);
        changed();
    }

    /** Shows what an edit would do, without a step. */
    public void show(Edit edit) {
        shown = edit;
        project = edit.apply(history.present());
        tell(Change.PROJECT);
    }

    /** Makes the edit that is shown a step of the history. */
    public void commit() {
        if (shown != null) {
            apply(shown);
        }
    }

    /** Forgets the edit that is shown. */
    public void cancel() {
        if (shown != null) {
            shown = null;
            changed();
        }
    }

    public void undo() {
        cancel();
        if (history.undo()) {
            changed();
        }
    }

    public void redo() {
        cancel();
        if (history.redo()) {
            changed();
        }
    }

    public Optional<String> undoName() {
        return history.undoName();
    }

    public Optional<String> redoName() {
        return history.redoName();
    }

    private void changed() {
        project = history.present();
        if (selection.shotId().flatMap(project::shot).isEmpty()) {
            selection = LineUp.topAt(project, playhead)
                    .or(() -> LineUp.inTime(project).stream().findFirst())
                    .map(shot -> Selection.shot(shot.id()))
                    .orElse(Selection.NONE);
        }
        playhead = clampedToLineUp(playhead);
        tell(Change.PROJECT, Change.SELECTION, Change.PLAYHEAD, Change.FILE);
    }

    public Selection selection() {
        return selection;
    }

    public void select(Selection newSelection) {
        if (!newSelection.equals(selection)) {
            selection = newSelection;
            tell(Change.SELECTION);
        }
    }

    /** Selects a part of the selected shot. */
    public void select(Selection.Part part) {
        select(selection.with(part));
    }

    public Optional<Shot> selectedShot() {
        return selection.shotId().flatMap(project::shot);
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
        var entered = LineUp.topAt(project, playhead).filter(_ -> together && !insideShot());
        if (entered.isPresent()) {
            selection = Selection.shot(entered.get().id());
            tell(Change.PLAYHEAD, Change.SELECTION);
        } else {
            tell(Change.PLAYHEAD);
        }
    }

    private int clampedToLineUp(int frame) {
        return Math.clamp(frame, 0, Math.max(0, LineUp.length(project) - 1));
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

    /** Brings the playhead to the frame of the selected shot that is shown, before that frame is changed. */
    public void enterShot() {
        selectedShot().ifPresent(shot -> seek(shot.start() + shotFrame()));
    }

    /** Moves the playhead to a frame of the selected shot. */
    public void seekInShot(int frame) {
        selectedShot().ifPresent(shot -> seek(shot.start() + Math.clamp(frame, 0, shot.lastFrame())));
    }

    /** The pose of the selected shot that is shown. */
    public Optional<Pose> pose() {
        return selectedShot().map(shot -> shot.camera().at(shotFrame()));
    }

    public Optional<Path> file() {
        return Optional.ofNullable(file);
    }

    /** The project was written to a file. */
    public void saved(Path to) {
        file = to;
        history.markSaved();
        tell(Change.FILE);
    }

    public boolean unsaved() {
        return history.unsaved();
    }

    public boolean playing() {
        return playing;
    }

    public void setPlaying(boolean now) {
        if (now != playing) {
            playing = now;
            tell(Change.PLAYING);
        }
    }

    public boolean looping() {
        return looping;
    }

    public void setLooping(boolean now) {
        looping = now;
        tell(Change.PLAYING);
    }

    /** What the status line should say before anything else; empty for nothing. */
    public String message() {
        return message;
    }

    public void say(String newMessage) {
        if (!newMessage.equals(message)) {
            message = newMessage;
            tell(Change.MESSAGE);
        }
    }
}
