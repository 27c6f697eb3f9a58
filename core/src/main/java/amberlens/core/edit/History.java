package amberlens.core.edit;

import amberlens.core.model.Project;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;

/**
 * The project as it is, as it was and as it could be again. Snapshots share all that did not change, so a step costs
 * only what it changed. Not safe for use from several threads.
 */
public final class History {
    private record Step(String name, Project before, Project after) {}

    private final Deque<Step> done = new ArrayDeque<>();
    private final Deque<Step> undone = new ArrayDeque<>();
    private Project present;
    private Project saved;

    /** Starts with a project that counts as saved. */
    public History(Project start) {
        present = start;
        saved = start;
    }

    public Project present() {
        return present;
    }

    /**
     * Applies an edit. One that changes nothing leaves no step.
     *
     * @return whether anything changed
     */
    public boolean apply(Edit edit) {
        Project after = edit.apply(present);
        if (after.equals(present)) {
            return false;
        }
        done.push(new Step(edit.name(), present, after));
        undone.clear();
        present = after;
        return true;
    }

    /** Goes back one step, if there is one. */
    public boolean undo() {
        if (done.isEmpty()) {
            return false;
        }
        Step step = done.pop();
        undone.push(step);
        present = step.before;
        return true;
    }

    /** Goes forward again one step, if there is one. */
    public boolean redo() {
        if (undone.isEmpty()) {
            return false;
        }
        Step step = undone.pop();
        done.push(step);
        present = step.after;
        return true;
    }

    /** The name of the step that undo takes back. */
    public Optional<String> undoName() {
        return Optional.ofNullable(done.peek()).map(Step::name);
    }

    /** The name of the step that redo makes again. */
    public Optional<String> redoName() {
        return Optional.ofNullable(undone.peek()).map(Step::name);
    }

    /** Marks the present project as the one on disk. */
    public void markSaved() {
        saved = present;
    }

    /** Whether the present project differs from the one on disk. */
    public boolean unsaved() {
        return !present.equals(saved);
    }
}
