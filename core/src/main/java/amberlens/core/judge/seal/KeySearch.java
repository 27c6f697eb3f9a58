package amberlens.core.judge.seal;

import amberlens.core.base.geometry.Side;
import amberlens.core.judge.edges.SideDistances;
import amberlens.core.judge.marks.MarkWish;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Axis;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Finds the cheapest key values with which no frame is open.
 *
 * <p>For a fixed turn and anchor the distance of the frame to each side is linear in scale and position, and these are linear
 * in the key values on hold, linear and curve legs: a linear programme. Instead of a condition for every frame and side it
 * holds only those that some solution so far has broken, the worst of each broken run; solving and checking go on until none is
 * broken. A solution of fewer conditions that breaks none of them all is the cheapest under all of them. Smooth and even legs
 * and curved paths are made linear about the last solution in every round, which mostly converges; whoever asks verifies.
 */
final class KeySearch {
    private static final int MOST_ROUNDS = 80;
    private static final int MOST_ROUNDS_CURVED = 25;

    /** What still counts as no violation, in frame pixels. */
    private static final double TOLERANCE_PX = 2e-4;

    private static final double TOLERANCE_PERCENT = 1e-6;

    /** Either the camera found, or where the best try is furthest open. */
    record Outcome(Optional<CameraTrack> camera, CameraTrack best, int worstJudged, double worstAt, Side worstSide) {}

    /** One condition that was broken at a moment of one of the judged takes. */
    private sealed interface Cut {
        int judged();

        double at();

        /** An edge at a side. */
        record Edge(int judged, double at, Side side) implements Cut {}

        /** A condition of what is wished of a box. */
        record Wish(int judged, double at, MarkWish wish, int condition) implements Cut {}

        /** The limit of one axis: the larger of both is what counts, but that alone would not be linear. */
        record Limit(int judged, double at, Axis axis) implements Cut {}
    }

    private final Subject subject;
    private final List<Subject.Judgement> before;
    private final SealTerms terms;
    private final KeyMoves moves;
    private final Set<Cut> cuts = new LinkedHashSet<>();
    private final List<LinearProgramme.Row> rows = new ArrayList<>();
    private final boolean linear;

    private KeySearch(SealWay way, Subject subject, SealTerms terms) {
        this.subject = subject;
        this.terms = terms;
        before = subject.now();
        moves = new KeyMoves(subject.camera(), subject.frame().width(), way);
        linear = moves.linear();
    }

    static Outcome run(SealWay way, Subject subject, SealTerms terms) {
        return new KeySearch(way, subject, terms).run();
    }

    private Outcome run() {
        double[] amounts = new double[moves.amounts().size()];
        Linearised near = new Linearised(moves, amounts, subject);
        CameraTrack now = subject.camera();
        for (int round = 0; round < (linear ? MOST_ROUNDS : MOST_ROUNDS_CURVED); round++) {
            List<Cut> broken = broken(now);
            if (broken.isEmpty()) {
                return found(now);
            }
            boolean news = cuts.addAll(broken);
            if (linear && !news) {
                break;
            }
            near = linear ? near : new Linearised(moves, amounts, subject);
            Linearised about = near;
            if (!linear) {
                rows.clear();
            }
            cuts.stream().skip(rows.size()).forEach(cut -> rows.add(row(about, cut)));
            Optional<double[]> solved = programme(about, true).cheapest();
            if (solved.isEmpty()) {
                return stuck(about);
            }
            amounts = solved.get();
            now = moves.moved(amounts);
        }
        return linear ? stuck(near) : open(now);
    }

    private LinearProgramme programme(Linearised near, boolean withEdges) {
        var programme = new LinearProgramme(
                moves.amounts().stream().mapToDouble(KeyMoves.Amount::weight).toArray(),
                moves.amounts().stream()
                        .mapToDouble(amount -> amount.quantity().isScale() ? -0.95 : Double.NEGATIVE_INFINITY)
                        .toArray());
        programme.require(moves.order());
        int index = 0;
        for (Cut cut : cuts) {
            if (withEdges || cut instanceof Cut.Limit) {
                programme.require(List.of(rows.get(index)));
            }
            index++;
        }
        terms.locked()
                .forEach(
                        frame -> programme.fix(near.kept(frame, subject.camera().at(frame)).stream()
                                .filter(row -> !row.factors().isEmpty())
                                .toList()));
        return programme;
    }

    private LinearProgramme.Row row(Linearised near, Cut cut) {
        return switch (cut) {
            case Cut.Edge edge -> near.edge(edge.judged(), edge.at(), edge.side());
            case Cut.Wish wish -> near.wished(wish.judged(), wish.at(), wish.wish(), wish.condition());
            case Cut.Limit limit ->
                near.limit(limit.judged(), limit.at(), limit.axis(), limitAt(limit.judged(), limit.at()));
        };
    }

    private double limitAt(int judged, double at) {
        return Math.max(
                terms.limitPercent(),
                Enlargement.percent(
                        before.get(judged).take().pose(at),
                        before.get(judged).take().frame()));
    }

    /** The worst moment of every run in which a side is open or the limit passed. */
    private List<Cut> broken(CameraTrack now) {
        List<Subject.Judgement> judged = subject.judged().apply(now);
        List<Cut> broken = new ArrayList<>();
        for (int i = 0; i < judged.size(); i++) {
            broken(i, judged.get(i), broken);
            for (MarkWish wish : judged.get(i).wishes()) {
                unfulfilled(i, judged.get(i).take(), wish, broken);
            }
        }
        return broken;
    }

    private static void unfulfilled(int judged, Take now, MarkWish wish, List<Cut> broken) {
        double[] moments = now.moments();
        double[][] missing = new double[wish.conditions()][moments.length];
        for (int i = 0; i < moments.length; i++) {
            Pose pose = now.pose(moments[i]);
            boolean counts = wish.counts(moments[i]);
            for (int condition = 0; counts && condition < missing.length; condition++) {
                missing[condition][i] = -TOLERANCE_PX - wish.distance(condition, pose, pose, now.frame());
            }
        }
        for (int condition = 0; condition < missing.length; condition++) {
            for (int i : worstOfRuns(missing[condition])) {
                broken.add(new Cut.Wish(judged, moments[i], wish, condition));
            }
        }
    }

    private void broken(int judged, Subject.Judgement judgement, List<Cut> broken) {
        Take now = judgement.take();
        double[] moments = now.moments();
        double[][] missing = new double[6][moments.length];
        for (int i = 0; i < moments.length; i++) {
            Pose pose = now.pose(moments[i]);
            SideDistances distances = SideDistances.of(now.edgePose(moments[i]), now.picture(), now.frame());
            for (Side side : Side.values()) {
                missing[side.ordinal()][i] = judgement.edges() ? -TOLERANCE_PX - distances.to(side) : -1;
            }
            double limit = limitAt(judged, moments[i]) + TOLERANCE_PERCENT;
            missing[4][i] = Linearised.enlarged(pose, Axis.X, now.frame()) - limit;
            missing[5][i] = Linearised.enlarged(pose, Axis.Y, now.frame()) - limit;
        }
        for (Side side : Side.values()) {
            worstOfRuns(missing[side.ordinal()]).forEach(i -> broken.add(new Cut.Edge(judged, moments[i], side)));
        }
        worstOfRuns(missing[4]).forEach(i -> broken.add(new Cut.Limit(judged, moments[i], Axis.X)));
        worstOfRuns(missing[5]).forEach(i -> broken.add(new Cut.Limit(judged, moments[i], Axis.Y)));
    }

    /** Of every run of numbers above 0 the place of the greatest, the first of equals. */
    static List<Integer> worstOfRuns(double[] missing) {
        List<Integer> worst = new ArrayList<>();
        int best = -1;
        for (int frame = 0; frame <= missing.length; frame++) {
            boolean broken = frame < missing.length && missing[frame] > 0;
            if (broken && (best < 0 || missing[frame] > missing[best])) {
                best = frame;
            } else if (!broken && best >= 0) {
                worst.add(best);
                best = -1;
            }
        }
        return worst;
    }

    /** With the least violation there is: where it is worst is what stands in the way. */
    private Outcome stuck(Linearised near) {
        List<LinearProgramme.Row> edges = new ArrayList<>();
        int index = 0;
        for (Cut cut : cuts) {
            if (!(cut instanceof Cut.Limit)) {
                edges.add(rows.get(index));
            }
            index++;
        }
        CameraTrack best =
                programme(near, false).leastViolating(edges).map(moves::moved).orElse(subject.camera());
        return open(best);
    }

    private static Outcome found(CameraTrack camera) {
        return new Outcome(Optional.of(camera), camera, 0, 0, Side.LEFT);
    }

    private Outcome open(CameraTrack best) {
        List<Subject.Judgement> judged = subject.judged().apply(best);
        Outcome worst = new Outcome(Optional.empty(), best, 0, 0, Side.LEFT);
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < judged.size(); i++) {
            Take take = judged.get(i).take();
            for (double at : take.moments()) {
                SideDistances distances = SideDistances.of(take.edgePose(at), take.picture(), take.frame());
                if (distances.least() < least) {
                    least = distances.least();
                    Side side = Arrays.stream(Side.values())
                            .min(Comparator.comparingDouble(distances::to))
                            .orElseThrow();
                    worst = new Outcome(Optional.empty(), best, i, at, side);
                }
            }
        }
        return worst;
    }
}
