package amberlens.desktop.desk.state;

import amberlens.core.edit.delivery.DeliveryEdits;
import amberlens.core.edit.delivery.DeliveryFilm;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.History;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.files.FileStamp;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The project that is worked on, its history, its file, and what of it is saved. Lives on the interface thread.
 *
 * <p>It is looked at in the project's own frame or in that of one of its deliveries: {@link #project} is what is seen there, and edits
 * are made on that. The project behind it is {@link #whole}.
 *
 * <p>A gesture shows its edit with {@link #show} as often as it likes and ends in {@link #commit} or {@link #cancel};
 * only then the history gets its one step.
 */
public final class Document {
    private static final int LONGEST_PROPOSAL = 80;

    /** Where somebody was looking when a step was made. */
    record Place(Selection selection, int playhead) {}

    /** Whoever looks at the document, and has to follow its changes before anybody is told of them. */
    interface Onlooker {
        Place here();

        void back(Place place);

        void changed();

        void loaded();
    }

    /**
     * The project at a moment, to be written while work goes on.
     *
     * @param of which document it belongs to: each project that is opened or begun is another one
     */
    public record Snapshot(Object of, Project project) {}

    private final Listeners listeners;
    private @Nullable Onlooker onlooker;
    private Runnable another = () -> {};
    private volatile Object identity = new Object();
    private History<Place> history = new History<>(Project.empty("Untitled"));
    private @Nullable Place shownFrom;
    private boolean kept;
    private @Nullable Edit shown;
    private Optional<String> shape = Optional.empty();
    private DeliveryFilm film = new DeliveryFilm("");
    private Project settled = history.present();
    private Project project = settled;
    private @Nullable Path file;
    private @Nullable FileStamp stamp;
    private int edits;

    Document(Listeners listeners) {
        this.listeners = listeners;
    }

    /** Runs before anybody is told that another project was opened or begun. */
    public void whenAnother(Runnable forget) {
        Runnable others = another;
        another = () -> {
            others.run();
            forget.run();
        };
    }

    void watchedBy(Onlooker whoLooks) {
        onlooker = whoLooks;
    }

    /** The project as it is shown now, an unfinished gesture included, in the frame that is looked at. */
    public Project project() {
        return project;
    }

    /** The project without an unfinished gesture, in the frame that is looked at. */
    public Project settled() {
        return settled;
    }

    /** The project without an unfinished gesture, in its own frame. */
    public Project whole() {
        return history.present();
    }

    /** The delivery whose frame is looked at; empty for the project's own. */
    public Optional<Delivery> delivery() {
        return shape.flatMap(whole()::delivery);
    }

    /** Looks at the project in the frame of one of its deliveries, or in its own. */
    public void lookAt(Optional<String> deliveryId) {
        settle();
        cancel();
        Project before = project;
        shape = deliveryId;
        film = new DeliveryFilm(deliveryId.orElse(""));
        changed(before);
    }

    /** Tells projects apart: each one that is opened or begun has another. On any thread. */
    public Object identity() {
        return identity;
    }

    /** The settled project, for whoever writes it. */
    public Snapshot snapshot() {
        return new Snapshot(identity, whole());
    }

    /** Whether a gesture or an offer shows what is not made yet. */
    public boolean showing() {
        return shown != null;
    }

    /** Starts over with a project as its file holds it, or with a new one that has none. */
    public void load(Project loaded, Optional<Path> from) {
        load(loaded, from, Optional.empty());
    }

    /**
     * Likewise.
     *
     * @param read what the file was when it was read
     */
    public void load(Project loaded, Optional<Path> from, Optional<FileStamp> read) {
        start(new History<>(loaded), from, read, 0);
    }

    /**
     * Starts over with a project that is in no file as it is.
     *
     * @param from the file it belongs to, if it has one
     * @param madeBefore how many edits it is away from it
     */
    public void restore(Project restored, Optional<Path> from, Optional<FileStamp> read, int madeBefore) {
        start(History.unsaved(restored), from, read, madeBefore);
    }

    private void start(History<Place> from, Optional<Path> path, Optional<FileStamp> read, int madeBefore) {
        identity = new Object();
        history = from;
        kept = false;
        shown = null;
        shownFrom = null;
        shape = Optional.empty();
        film = new DeliveryFilm("");
        settled = history.present();
        project = settled;
        file = path.orElse(null);
        stamp = read.orElse(null);
        edits = madeBefore;
        another.run();
        listeners.together(() -> {
            if (onlooker != null) {
                onlooker.loaded();
            }
            listeners.tell(Changes.EVERYTHING);
        });
    }

    /** Makes an edit of what is looked at, at once and as one step of the history. */
    public void apply(Edit edit) {
        applyToWhole(DeliveryEdits.inAllShapes(edit, shape));
    }

    /** Likewise, of the project in its own frame. */
    public void applyToWhole(Edit edit) {
        settle();
        Place place = here();
        Project before = project;
        shown = null;
        shownFrom = null;
        if (history.apply(edit, place)) {
            edits++;
        }
        changed(before);
    }

    /**
     * Makes an edit that comes from the background, where somebody may be in the middle of a gesture: what is shown goes on being shown, over
     * that edit.
     */
    public void applyBeside(Edit edit) {
        applyToWholeBeside(DeliveryEdits.inAllShapes(edit, shape));
    }

    /** Likewise, of the project in its own frame. */
    public void applyToWholeBeside(Edit edit) {
        Edit gesture = shown;
        if (gesture == null) {
            applyToWhole(edit);
            return;
        }
        Project before = project;
        if (history.apply(edit, here())) {
            edits++;
        }
        present();
        project = film.of(DeliveryEdits.applied(gesture, shape, whole()));
        listeners.together(() -> {
            if (onlooker != null) {
                onlooker.changed();
            }
            listeners.tell(Change.SELECTION, Change.PLAYHEAD, Change.FILE);
            listeners.tell(projectChange(before, true));
        });
    }

    private Place here() {
        return shownFrom != null ? shownFrom : onlooker == null ? new Place(Selection.NONE, 0) : onlooker.here();
    }

    /** Shows what an edit would do, without a step. */
    public void show(Edit edit) {
        kept = false;
        shownFrom = here();
        shown = edit;
        Project before = project;
        project = film.of(DeliveryEdits.applied(edit, shape, whole()));
        listeners.tell(projectChange(before, false));
    }

    /** Likewise, for what goes on by itself, as typing does: it becomes a step as soon as anything else is done, so that none of it is lost. */
    public void showKept(Edit edit) {
        show(edit);
        kept = true;
    }

    /** Makes what is shown a step if it is to be kept. */
    public void settle() {
        if (kept) {
            commit();
        }
    }

    /** Makes the edit that is shown a step of the history. */
    public void commit() {
        if (shown != null) {
            kept = false;
            apply(shown);
        }
    }

    /** Forgets the edit that is shown; what was selected before it is so again. */
    public void cancel() {
        kept = false;
        if (shown != null) {
            Place from = here();
            Project before = project;
            shown = null;
            shownFrom = null;
            project = settled;
            listeners.together(() -> {
                if (onlooker != null) {
                    onlooker.back(new Place(from.selection(), onlooker.here().playhead()));
                }
                changed(before);
            });
        }
    }

    public void undo() {
        settle();
        cancel();
        history.undo().ifPresent(this::backAt);
    }

    public void redo() {
        settle();
        cancel();
        history.redo().ifPresent(this::backAt);
    }

    /** Goes back or forward until so many steps are in force. */
    public void goToStep(int steps) {
        settle();
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
        edits++;
        Project before = project;
        present();
        listeners.together(() -> {
            if (matters && onlooker != null) {
                onlooker.back(step.place());
            }
            changed(before);
        });
    }

    public Optional<String> undoName() {
        return history.undoName();
    }

    public Optional<String> redoName() {
        return history.redoName();
    }

    private void present() {
        settled = film.of(history.present());
        project = settled;
    }

    private void changed(Project before) {
        present();
        listeners.together(() -> {
            if (onlooker != null) {
                onlooker.changed();
            }
            listeners.tell(Change.SELECTION, Change.PLAYHEAD, Change.FILE);
            listeners.tell(projectChange(before, true));
        });
    }

    /** Which shots another project touches; all of them where more than shots has changed, or a rig that moves others. */
    private Changes projectChange(Project before, boolean made) {
        boolean onlyShots = before.media() == project.media() && before.frame() == project.frame();
        if (!onlyShots) {
            return new Changes(Set.of(Change.PROJECT), Optional.empty(), made);
        }
        var same = new IdentityHashMap<Shot, Boolean>();
        before.shots().forEach(shot -> same.put(shot, true));
        var touched = new HashSet<String>();
        for (Shot shot : project.shots()) {
            if (same.remove(shot) == null) {
                touched.add(shot.id());
                before.shot(shot.id()).ifPresent(same::remove);
            }
        }
        same.keySet().forEach(shot -> touched.add(shot.id()));
        boolean rig = touched.stream()
                .anyMatch(id -> project.shot(id).filter(project::isRig).isPresent());
        return new Changes(Set.of(Change.PROJECT), rig ? Optional.empty() : Optional.of(touched), made);
    }

    public Optional<Path> file() {
        return Optional.ofNullable(file);
    }

    /** The project's name as files can have it, without an ending. */
    public String proposedName() {
        String name = project().name().replaceAll("[^\\p{L}\\p{N} _-]", "");
        return name.substring(0, Math.min(name.length(), LONGEST_PROPOSAL));
    }

    /** What the file was when it was last read or written. */
    public Optional<FileStamp> stamp() {
        return Optional.ofNullable(stamp);
    }

    /**
     * A snapshot was written to a file. It counts as saved, and later edits do not; the answer for a document that is not open any
     * more is passed over.
     *
     * @return whether it was this document
     */
    public boolean saved(Snapshot written, Path to, FileStamp now) {
        if (written.of() != identity) {
            return false;
        }
        file = to;
        stamp = now;
        history.markSaved(written.project());
        if (!history.unsaved()) {
            edits = 0;
        }
        listeners.tell(Change.FILE);
        return true;
    }

    public boolean unsaved() {
        return history.unsaved();
    }

    /** How many edits, undone ones too, were made since the project was opened or saved. */
    public int edits() {
        return edits;
    }
}
