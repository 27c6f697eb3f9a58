package amberlens.desktop.store;

import amberlens.core.edges.EdgeReport;
import amberlens.core.edges.Lift;
import amberlens.core.edges.SealResult;
import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import amberlens.core.motion.Take;
import amberlens.core.sharpness.Enlargement;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * What follows from a shot, computed once for each state of it. A state is what edges depend on; the rest of the project
 * may change around it.
 */
public final class ShotFacts {
    private static final int KEPT = 400;

    private final Map<Take, EdgeReport> edges = kept();
    private final Map<Take, Enlargement> enlargements = kept();
    private final Map<Take, SealResult> seals = kept();

    public EdgeReport edges(Project project, Shot shot) {
        return compute(edges, project.take(shot), EdgeReport::of);
    }

    /** Whether an edge is open that is judged. */
    public boolean open(Project project, Shot shot) {
        return shot.fillsFrame() && !edges(project, shot).isSealed();
    }

    public Enlargement enlargement(Project project, Shot shot) {
        return compute(enlargements, project.take(shot), Enlargement::greatest);
    }

    /** What the seal would do. No limit is set here: whoever offers it says how far it would enlarge the picture. */
    public SealResult seal(Project project, Shot shot) {
        return compute(seals, project.take(shot), take -> Lift.seal(take, Double.POSITIVE_INFINITY));
    }

    private static <V> V compute(Map<Take, V> known, Take take, Function<Take, V> rule) {
        V value = known.get(take);
        if (value == null) {
            value = rule.apply(take);
            known.put(take, value);
        }
        return value;
    }

    private static <V> Map<Take, V> kept() {
        return new LinkedHashMap<>(16, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<Take, V> eldest) {
                return size() > KEPT;
            }
        };
    }
}
