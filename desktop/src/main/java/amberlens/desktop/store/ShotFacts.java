package amberlens.desktop.store;

import amberlens.core.edges.EdgeReport;
import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import amberlens.core.motion.Take;
import amberlens.core.seal.Seal;
import amberlens.core.seal.SealResult;
import amberlens.core.seal.SealTerms;
import amberlens.core.seal.SealWay;
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

    private final Map<State, EdgeReport> edges = kept();
    private final Map<State, Enlargement> enlargements = kept();
    private final Map<State, SealResult> seals = kept();

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
        return compute(seals, project.take(shot), take -> Seal.by(SealWay.LIFT, take, SealTerms.free()));
    }

    /** A take told apart by its very camera: to compare thousands of keys would cost more than to judge them anew. */
    private record State(Take take) {
        @Override
        public boolean equals(Object other) {
            return other instanceof State state
                    && state.take.camera() == take.camera()
                    && state.take.length() == take.length()
                    && state.take.picture().equals(take.picture())
                    && state.take.frame().equals(take.frame());
        }

        @Override
        public int hashCode() {
            return System.identityHashCode(take.camera()) * 31 + take.length();
        }
    }

    private static <V> V compute(Map<State, V> known, Take take, Function<Take, V> rule) {
        State state = new State(take);
        V value = known.get(state);
        if (value == null) {
            value = rule.apply(take);
            known.put(state, value);
        }
        return value;
    }

    private static <V> Map<State, V> kept() {
        return new LinkedHashMap<>(16, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<State, V> eldest) {
                return size() > KEPT;
            }
        };
    }
}
