package amberlens.desktop.store;

import amberlens.core.edit.CarryEdits;
import amberlens.core.edit.Edit;
import amberlens.core.edit.History;
import amberlens.core.keys.KeySet;
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
    /** Where somebody was looking when a step was made. */
    private record Place(Selection selection, int playhead) {}

    private final List<Consumer<Set<Change>>> listeners = new ArrayList<>();
    private final Preferences preferences;
    private final Transport transport = new Transport(this);
    private final Viewing viewing = new Viewing(this);
    private History<Place> history = new History<>(Project.empty("Untitled"));
    private @Nullable Place shownFrom;
    private @Nullable Edit shown;
    private Project project = history.present();
    private Selection selection = Selection.NONE;
    private int playhead;
    private @Nullable Path file;
    private String message = "";

    /** A store whose preferences are forgotten. */
    public Store() {
        this(new Preferences());
    }

    public Store(Preferences preferences) {
        this.preferences = preferences;
    }

    public Preferences preferences() {
        return preferences;
    }

    /** Playing and looping. */
    public Transport transport() {
        return transport;
    }

    /** How the project is looked at. */
    public Viewing viewing() {
        return viewing;
    }

    /** Whether a gesture or an offer shows what is not made yet. */
    public boolean showing() {
        return shown != null;
    }

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
        history = new History<>(loaded);
        shown = null;
        shownFrom = null;
        project = loaded;
        file = from.orElse(null);
        playhead = 0;
        transport.reset();
        viewing.reset();
        selection = LineUp.inTime(loaded).stream()
                .findFirst()
                .map(shot -> Selection.shot(shot.id()))
                .orElse(Selection.NONE);
        message = "";
        tell(Change.PROJECT, Change.SELECTION, Change.PLAYHEAD, Change.FILE, Change.PLAYING, Change.MESSAGE);
    }

    /** Makes an edit at once, as one step of the history. */
    public void apply(Edit edit) {
        Place place = shownFrom == null ? here() : shownFrom;
        shown = null;
        shownFrom = null;
        history.apply(edit, place);
        changed();
    }

    private Place here() {
        return new Place(selection, playhead);
    }

    /** Shows what an edit would do, without a step. */
    public void show(Edit edit) {
        if (shownFrom == null) {
            shownFrom = here();
        }
        shown = edit;
        project = CarryEdits.apply(edit, history.present());
        tell(Change.PROJECT);
    }

    /** Shows what an edit would do to a part of the selected shot, and selects that part. */
    public void show(Edit edit, Selection.Part part) {
        if (shownFrom == null) {
            shownFrom = here();
        }
        shown = edit;
        project = CarryEdits.apply(edit, history.present());
        selection = selection.with(part);
        tell(Change.PROJECT, Change.SELECTION);
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
            if (shownFrom != null) {
                selection = shownFrom.selection();
            }
            shown = null;
            shownFrom = null;
            changed();
        }
    }

    public void undo() {
        cancel();
        history.undo().ifPresent(this::backAt);
    }

    public void redo() {
        cancel();
        history.redo().ifPresent(this::backAt);
    }

    /** Goes back or forward until so many steps are in force. */
    public void goToStep(int steps) {
        cancel();
        while (history.position() > steps) {
            history.undo().ifPresent(this::backAt);
        }
        while (history.position() < steps && history.redoName().isPresent()) {
            history.redo().ifPresent(this::backAt);
        }
    }

    /** The names of all steps, those undone too. */
    public List<String> steps() {
        return history.names();
    }

    /** How many of the steps are in force. */
    public int step() {
        return history.position();
    }

    /** After a step is undone or redone: where a move changed, what was selected and shown then is so again. */
    private void backAt(History.Step<Place> step) {
        boolean matters = step.before().shots().stream().anyMatch(shot -> step.after()
                .shot(shot.id())
                .filter(other -> !other.camera().equals(shot.camera()))
                .isPresent());
        if (matters) {
            selection = step.place().selection();
            playhead = step.place().playhead();
        }
        changed();
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
        selection = selection.with(stillThere(selection.part()));
        playhead = clampedToLineUp(playhead);
        tell(Change.PROJECT, Change.SELECTION, Change.PLAYHEAD, Change.FILE);
    }

    /** The part as far as an undo or a deletion has left it. */
    private Selection.Part stillThere(Selection.Part part) {
        KeySet keys = selectedKeys();
        return switch (part) {
            case Selection.Keys _ when !keys.isEmpty() -> new Selection.Keys(keys);
            case Selection.Framing framing when !keys.isEmpty() -> framing;
            case Selection.LegFrom leg when !keys.isEmpty() -> leg;
            case Selection.MarkerAt marker -> marker;
            default -> new Selection.Nothing();
        };
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

    /** Changes a preference and tells everybody. */
    public void prefer(Consumer<Preferences> change) {
        change.accept(preferences);
        tell(Change.PREFERENCES);
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
