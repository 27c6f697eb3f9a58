package amberlens.core.edit.edits;

import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import java.util.List;
import java.util.function.UnaryOperator;

/** A named change of a project. The name continues "Undo …". */
public interface Edit {
    String name();

    Project apply(Project project);

    static Edit of(String name, UnaryOperator<Project> change) {
        return new Named(name, change);
    }

    /** A change of one shot. */
    static Edit ofShot(String name, String shotId, UnaryOperator<Shot> change) {
        return of(name, project -> project.mapShot(shotId, change));
    }

    /** Several edits one after the other, as one step. */
    static Edit all(String name, List<Edit> edits) {
        return of(name, project -> {
            Project changed = project;
            for (Edit edit : edits) {
                changed = edit.apply(changed);
            }
            return changed;
        });
    }

    /** An edit made of a name and a function. */
    record Named(String name, UnaryOperator<Project> change) implements Edit {
        @Override
        public Project apply(Project project) {
            return change.apply(project);
        }
    }
}
