package amberlens.core.edit.edits;

import amberlens.core.model.project.Project;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The project as it is, as it was and as it could be again. Snapshots share all that did not change, so a step costs
 * only what it changed. Not safe for use from several threads.
 *
 * @param <P> where somebody was looking when a step was made
 */
public final class History<P> {
    /** One step: its name, the project on both sides of it, and where it was made. */
    public record Step<P>(String name, Project before, Project after, P place) {}

    private final Deque<Step<P>> done = new ArrayDeque<>();
    private final Deque<Step<P>> undone = new ArrayDeque<>();
    private Project present;
    private @Nullable Project saved;

    /** Starts with a project that counts as saved. */
    public History(Project start) {
        present = start;
        saved = start;
    }

    private History(Project start, @Nullable Project saved) {
        present = start;
        this.saved = saved;
    }

    /** Starts with a project that is on no disk as it is. */
    public static <P> History<P> unsaved(Project start) {
        return new History<>(start, null);
    }

    public Project present() {
        return present;
    }

    /**
     * Applies an edit, with what follows from it for linked moves. One that changes nothing leaves no step.
     *
     * @return whether anything changed
     */
    public boolean apply(Edit edit, P place) {
        Project after = CarryEdits.apply(edit, present);
        if (after == present || after.equals(present)) {
            return false;
        }
        done.push(new Step<>(edit.name(), present, after, place));
        undone.clear();
        present = after;
        return true;
    }

    /** Goes back one step, if there is one, and returns it. */
    public Optional<Step<P>> undo() {
        if (done.isEmpty()) {
            return Optional.empty();
        }
        Step<P> step = done.pop();
        undone.push(step);
        present = step.before;
        return Optional.of(step);
    }

    /** Goes forward again one step, if there is one, and returns it. */
    public Optional<Step<P>> redo() {
        if (undone.isEmpty()) {
            return Optional.empty();
        }
        Step<P> step = undone.pop();
        done.push(step);
        present = step.after;
        return Optional.of(step);
    }

    /** The names of all steps in time, those undone too; {@link #position} of them are in force. */
    public List<String> names() {
        List<String> names = new ArrayList<>();
        done.descendingIterator().forEachRemaining(step -> names.add(step.name));
        undone.forEach(step -> names.add(step.name));
        return names;
    }

    /** How many steps are in force. */
    public int position() {
        return done.size();
    }

    /** The name of the step that undo takes back. */
    public Optional<String> undoName() {
        return Optional.ofNullable(done.peek()).map(Step::name);
    }

    /** The name of the step that redo makes again. */
    public Optional<String> redoName() {
        return Optional.ofNullable(undone.peek()).map(Step::name);
    }

    /** Marks a project, the present one or an earlier one, as that on disk. */
    public void markSaved(Project written) {
        saved = written;
    }

    /** Whether the present project differs from the one on disk. */
    public boolean unsaved() {
        return present != saved && !present.equals(saved);
    }
}
