package amberlens.desktop.work.facts;

import amberlens.core.base.geometry.DeliveryGuide;
import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.memo.Memo;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.time.Shutter;
import amberlens.core.edit.edits.SealEdits;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.edges.Judged;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.material.look.Look;
import amberlens.core.material.planes.PlaneReport;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Ride;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.pace.PaceReport;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

/**
 * What follows from a shot, computed once for each state of it. A state is what edges depend on; the rest of the project
 * may change around it.
 */
public final class ShotFacts {
    private static final Object ALONE = new Object();
    private static final long BUDGET = 24L << 20;

    private final Memo<State, EdgeReport> edges =
            new Memo<>(2 * BUDGET, report -> 160 + 56L * report.margins().size());
    private final Memo<State, Enlargement> enlargements = new Memo<>(BUDGET / 8, _ -> 160);
    private final Memo<State, SealResult> seals = new Memo<>(BUDGET, ShotFacts::bytes);
    private final Memo<State, PaceReport> paces =
            new Memo<>(BUDGET, report -> 160 + 40L * report.paces().size());
    private final Supplier<Optional<DeliveryGuide>> delivery;
    private final PlaneFacts planes;

    /** Judged by the whole frame. */
    public ShotFacts() {
        this(Optional::empty, PlaneFacts.atOnce());
    }

    /**
     * @param delivery the shape that edges are judged by, if not the frame
     * @param planes what is known of what is seen behind planes
     */
    public ShotFacts(Supplier<Optional<DeliveryGuide>> delivery, PlaneFacts planes) {
        this.delivery = delivery;
        this.planes = planes;
    }

    /** What edges are judged by now instead of what the project says: a delivery guide, when somebody asks for that. */
    public UnaryOperator<Judged> judging() {
        Optional<DeliveryGuide> shape = delivery.get();
        return judged -> shape.map(found -> judged.withDelivery(found.in(judged.frame())))
                .orElse(judged);
    }

    /** What the edges of a shot are judged by now. */
    public Judged judged(Project project, Shot shot) {
        return judging().apply(project.judged(shot));
    }

    /** Likewise for the pose at one of its frames. */
    public Judged judged(Project project, Shot shot, int frame) {
        return judging().apply(project.judged(shot, frame));
    }

    public EdgeReport edges(Project project, Shot shot) {
        return compute(edges, project, judged(project, shot), shot, EdgeReport::of);
    }

    /** Whether an edge is open that is judged, or what is not there is seen behind a plane as far as that is known. */
    public boolean open(Project project, Shot shot) {
        return project.judges(shot) && (!edges(project, shot).isSealed() || openBehind(project, shot));
    }

    /** Whether what is not there is seen behind a plane, as far as that is known. */
    public boolean openBehind(Project project, Shot shot) {
        return planes(project, shot).filter(report -> !report.isSealed()).isPresent();
    }

    /** What is seen behind the planes of a shot's picture; empty while it is not known. */
    public Optional<PlaneReport> planes(Project project, Shot shot) {
        return project.isInPlanes(shot)
                ? planes.of(project, shot, judged(project, shot).delivery())
                : Optional.of(PlaneReport.FLAT);
    }

    public Enlargement enlargement(Project project, Shot shot) {
        return project.isDrawn(shot)
                ? Enlargement.DRAWN
                : compute(enlargements, project, project.judged(shot), shot, Enlargement::greatest);
    }

    public PaceReport pace(Project project, Shot shot) {
        return compute(paces, project, project.judged(shot), shot, PaceReport::of);
    }

    /** What a lift would do. No limit is set here: whoever offers it says how far it would enlarge the picture. */
    public SealResult seal(Project project, Shot shot) {
        Judged judged = judged(project, shot);
        boolean alone = SealEdits.concerned(project, shot).equals(List.of(shot));
        Object with = alone ? ALONE : project;
        return compute(
                seals,
                project,
                judged,
                shot,
                with,
                _ -> SealEdits.seal(project, shot, SealWay.LIFT, SealTerms.free(), judging()));
    }

    private static long bytes(SealResult result) {
        return result instanceof SealResult.Sealed sealed
                ? 400
                        + sealed.camera().channels().all().stream()
                                .mapToLong(channel -> 120L * channel.keys().size())
                                .sum()
                : 400;
    }

    /** What of a shot changes what is seen of it, beside its move. */
    private record Seeing(List<Look> looks, Mirror mirror, Shutter shutter, Optional<FrameSpan> dissolving) {}

    /**
     * A shot told apart by its very camera: to compare thousands of keys would cost more than to judge them anew.
     *
     * @param with what else it depends on, by identity
     */
    private record State(
            CameraTrack camera,
            int length,
            Judged judged,
            Seeing seeing,
            SortedSet<Integer> locked,
            Ride ride,
            Object with) {
        @Override
        public boolean equals(Object other) {
            return other instanceof State state
                    && state.camera == camera
                    && state.with == with
                    && state.length == length
                    && state.judged.equals(judged)
                    && state.seeing.equals(seeing)
                    && state.ride.equals(ride)
                    && state.locked.equals(locked);
        }

        @Override
        public int hashCode() {
            return System.identityHashCode(camera) * 31 + length;
        }
    }

    private static <V> V compute(
            Memo<State, V> known, Project project, Judged judged, Shot shot, Function<Take, V> rule) {
        return compute(known, project, judged, shot, ALONE, rule);
    }

    private static <V> V compute(
            Memo<State, V> known, Project project, Judged judged, Shot shot, Object with, Function<Take, V> rule) {
        Ride ride = project.ride(shot);
        var state = new State(
                shot.camera(),
                shot.length(),
                judged,
                new Seeing(
                        shot.looks(),
                        shot.settings().mirror(),
                        project.shutter(shot),
                        LineUp.dissolvingOverNothing(project, shot)),
                shot.settings().locked(),
                ride,
                with);
        return known.get(state, _ -> rule.apply(project.take(shot, judged)));
    }
}
