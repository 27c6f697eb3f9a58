package amberlens.desktop.desk;

import amberlens.core.edges.EdgeReport;
import amberlens.core.edges.Judged;
import amberlens.core.edit.SealEdits;
import amberlens.core.geometry.MaskShape;
import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.Ride;
import amberlens.core.motion.Take;
import amberlens.core.pace.PaceReport;
import amberlens.core.seal.SealResult;
import amberlens.core.seal.SealTerms;
import amberlens.core.seal.SealWay;
import amberlens.core.sharpness.Enlargement;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * What follows from a shot, computed once for each state of it. A state is what edges depend on; the rest of the project
 * may change around it.
 */
public final class ShotFacts {
    private static final int KEPT = 4000;

    private final Map<State, EdgeReport> edges = kept();
    private final Map<State, Enlargement> enlargements = kept();
    private final Map<State, SealResult> seals = kept();
    private final Map<State, PaceReport> paces = kept();
    private final Supplier<Optional<MaskShape>> mask;

    /** Judged by the whole frame. */
    public ShotFacts() {
        this(Optional::empty);
    }

    /**
     * @param mask the shape that edges are judged by, if not the frame
     */
    public ShotFacts(Supplier<Optional<MaskShape>> mask) {
        this.mask = mask;
    }

    /** What the edges of a shot are judged by now: also by a mask, when somebody asks for that. */
    public Judged judged(Project project, Shot shot) {
        Judged whole = project.judged(shot);
        return mask.get().map(shape -> whole.withMask(shape.in(whole.frame()))).orElse(whole);
    }

    public EdgeReport edges(Project project, Shot shot) {
        return compute(edges, project, judged(project, shot), shot, EdgeReport::of);
    }

    /** Whether an edge is open that is judged. */
    public boolean open(Project project, Shot shot) {
        return shot.fillsFrame() && !edges(project, shot).isSealed();
    }

    public Enlargement enlargement(Project project, Shot shot) {
        return compute(enlargements, project, project.judged(shot), shot, Enlargement::greatest);
    }

    public PaceReport pace(Project project, Shot shot) {
        return compute(paces, project, project.judged(shot), shot, PaceReport::of);
    }

    /** What a lift would do. No limit is set here: whoever offers it says how far it would enlarge the picture. */
    public SealResult seal(Project project, Shot shot) {
        Judged judged = judged(project, shot);
        return compute(
                seals,
                project,
                judged,
                shot,
                _ -> SealEdits.seal(judged, project.ride(shot), shot, SealWay.LIFT, SealTerms.free()));
    }

    /** A shot told apart by its very camera: to compare thousands of keys would cost more than to judge them anew. */
    private record State(CameraTrack camera, int length, Judged judged, SortedSet<Integer> locked, Ride ride) {
        @Override
        public boolean equals(Object other) {
            return other instanceof State state
                    && state.camera == camera
                    && state.length == length
                    && state.judged.equals(judged)
                    && state.ride.equals(ride)
                    && state.locked.equals(locked);
        }

        @Override
        public int hashCode() {
            return System.identityHashCode(camera) * 31 + length;
        }
    }

    private static <V> V compute(
            Map<State, V> known, Project project, Judged judged, Shot shot, Function<Take, V> rule) {
        Ride ride = project.ride(shot);
        State state =
                new State(shot.camera(), shot.length(), judged, shot.settings().locked(), ride);
        V value = known.get(state);
        if (value == null) {
            value = rule.apply(judged.take(shot.camera(), shot.length(), ride));
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
