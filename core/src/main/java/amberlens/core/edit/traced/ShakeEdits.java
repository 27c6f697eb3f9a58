package amberlens.core.edit.traced;

import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.LineUpEdits;
import amberlens.core.material.shake.Shake;
import amberlens.core.material.shake.ShakeLayer;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Shakes under the moves of several shots, each sealed with its own. */
public final class ShakeEdits {
    /** The next of several shots begins so many seconds later in the shake, so that no two of them shake alike. */
    private static final double APART = 3.7;

    private ShakeEdits() {}

    /**
     * What comes of a shake.
     *
     * @param edit puts it in force, as one step; empty when no shot can take it
     * @param remarks what is to be known, in sentences
     */
    public record Plan(Optional<Edit> edit, List<String> remarks) {}

    /**
     * The same shake under the moves of shots; without one, none.
     *
     * @param amount per cent of it
     * @param from at which of its seconds the first shot begins
     */
    public static Plan plan(
            Project project,
            Set<String> shotIds,
            Optional<Shake> shake,
            double amount,
            double from,
            TracedWish.NoRoom noRoom,
            double limitPercent) {
        List<Edit> edits = new ArrayList<>();
        List<String> remarks = new ArrayList<>();
        List<Shot> shots = LineUpEdits.chosen(project, shotIds).stream()
                .filter(shot -> !project.isRig(shot))
                .toList();
        for (Shot shot : shots) {
            double begins = from + APART * edits.size();
            TracedMove shaken = TracedMove.shaken(
                    project, shot, shake.map(one -> new ShakeLayer(one, amount, begins)), noRoom, limitPercent);
            shaken.edit().ifPresent(edits::add);
            String whose = shots.size() > 1 ? shot.name() + ": " : "";
            shaken.remarks().forEach(remark -> remarks.add(whose + remark));
        }
        String name = shake.isPresent() ? "shake" : "remove shake";
        return new Plan(edits.isEmpty() ? Optional.empty() : Optional.of(Edit.all(name, edits)), remarks);
    }
}
