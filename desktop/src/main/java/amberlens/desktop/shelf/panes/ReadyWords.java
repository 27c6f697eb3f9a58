package amberlens.desktop.shelf.panes;

import amberlens.core.edit.edits.ReadyEdits;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;

/** What came of giving moves to shots, in words. */
public final class ReadyWords {
    private ReadyWords() {}

    public static String outcome(ReadyEdits.Plan plan, Project project, int asked) {
        int given = plan.cameras().size();
        String first = plan.remarks().entrySet().stream()
                .findFirst()
                .map(entry ->
                        project.shot(entry.getKey()).map(Shot::name).orElse(entry.getKey()) + ": " + entry.getValue())
                .orElse("");
        String more = plan.remarks().size() > 1 ? " (and " + (plan.remarks().size() - 1) + " more)" : "";
        if (asked == 1) {
            return first.isEmpty() ? "" : given == 1 ? "Applied, but " + first + "." : "Not applied. " + first + ".";
        }
        return given + " of " + asked + " shots have their move now" + (plan.fills() ? ", all sealed." : ".")
                + (first.isEmpty() ? "" : " " + first + more + ".");
    }
}
