package amberlens.core.judge.seal;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.judge.edges.FillScale;
import amberlens.core.judge.edges.GateReach;
import amberlens.core.judge.edges.SideDistances;
import amberlens.core.judge.edges.TurnLimit;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Stream;

/** Why a take cannot be sealed, and what would make it possible. */
final class Refusal {
    private Refusal() {}

    static SealResult.Refused of(SealWay way, Subject subject, SealTerms terms, KeySearch.Outcome outcome) {
        double at = outcome.worstAt();
        Subject.Judgement judged = subject.judged().apply(outcome.best()).get(outcome.worstJudged());
        int frame = judged.take().frameOf(at);
        Take best = judged.take();
        double open =
                -SideDistances.of(best.pose(at), best.picture(), best.frame()).to(outcome.worstSide());
        String where = String.format(
                Locale.ROOT,
                "%s stays open at the %s by at least %.1f px",
                judged.frame(at),
                outcome.worstSide().word(),
                Math.max(0.1, open));
        String held = terms.locked().isEmpty()
                ? " with the keys there are"
                : " with the locked framings and the keys there are";
        Take before = subject.now().get(outcome.worstJudged()).take();
        List<String> ways = remedies(way, subject, terms);
        ways.addAll(ofOneFrame(way, before, terms, at));
        String reason = where + held + (ways.isEmpty() ? "" : "; this would help: " + String.join(", or ", ways));
        return new SealResult.Refused(frame, Optional.of(outcome.worstSide()), reason);
    }

    /** Where boxes cannot be where they are wished, with the edges closed. */
    static SealResult.Refused ofMarks(Subject subject, KeySearch.Outcome outcome) {
        for (Subject.Judgement judged : subject.judged().apply(outcome.best())) {
            for (double at : judged.take().moments()) {
                boolean fulfilled = judged.wishes().stream()
                        .allMatch(wish -> !wish.counts(at)
                                || wish.holds(
                                        judged.take().pose(at), judged.take().frame()));
                if (!fulfilled) {
                    return ofMarks(judged, at);
                }
            }
        }
        return ofMarks(subject.now().getFirst(), 0);
    }

    private static SealResult.Refused ofMarks(Subject.Judgement judged, double at) {
        return new SealResult.Refused(
                judged.take().frameOf(at),
                Optional.empty(),
                "a mark is cut at " + judged.frame(at)
                        + " with every way to close the edges that the keys there allow; a wider framing there would help, or asking less of the mark");
    }

    /** Other terms and other ways, each tried before it is named. */
    private static List<String> remedies(SealWay way, Subject subject, SealTerms terms) {
        List<String> ways = new ArrayList<>();
        if (Double.isFinite(terms.limitPercent()) && way != SealWay.SHIFT) {
            KeySeal.attempt(way, subject, terms.withLimit(Double.POSITIVE_INFINITY))
                    .ifPresent(found ->
                            ways.add("a limit of " + upwards(found.cost().enlargement()) + " %"));
        }
        if (!terms.locked().isEmpty()
                && KeySeal.attempt(way, subject, terms.withLocked(new TreeSet<>()))
                        .isPresent()) {
            ways.add("no locked framing");
        }
        if (way == SealWay.SHIFT) {
            List<String> zooming = Stream.of(SealWay.LEAST, SealWay.LIFT)
                    .filter(other -> KeySeal.attempt(other, subject, terms).isPresent())
                    .map(SealWay::words)
                    .toList();
            if (!zooming.isEmpty()) {
                ways.add(String.join(" or ", zooming) + ", which may zoom");
            }
        }
        return ways;
    }

    /** What the frame that stands in the way would need by itself. */
    static List<String> ofOneFrame(SealWay way, Take take, SealTerms terms, double at) {
        List<String> ways = new ArrayList<>();
        Pose pose = take.edgePose(at);
        if (!pose.isFlat()) {
            ways.add("less pitch, yaw or pulling of corners there");
            return ways;
        }
        Scale most = pose.scale();
        Scale drawn = take.pose(at).scale();
        double larger = Math.max(drawn.x(), drawn.y());
        if (way != SealWay.SHIFT && Double.isFinite(terms.limitPercent())) {
            most = most.times(Math.max(1, terms.limitPercent() / larger));
        }
        GateReach reach = GateReach.of(most, pose.degrees(), take.picture(), take.frame());
        if (reach.isEmpty()) {
            FramePoint half = GateReach.halfReach(pose.degrees(), take.frame());
            TurnLimit.degrees(most, take.picture(), take.frame())
                    .ifPresent(turn -> ways.add(
                            String.format(Locale.ROOT, "a turn of at most %.1f° there", Math.floor(turn * 10) / 10)));
            ways.add(String.format(
                    Locale.ROOT,
                    "a picture of at least %.0f × %.0f",
                    Math.ceil(Math.max(take.picture().width(), 2 * half.x() / most.factorX())),
                    Math.ceil(Math.max(take.picture().height(), 2 * half.y() / most.factorY()))));
        }
        if (FillScale.of(pose, take.picture(), take.frame()) instanceof FillScale.None) {
            ways.add("another anchor: it is beyond a side that would have to be pushed out");
        }
        return ways;
    }

    static String upwards(double percent) {
        double rounded = Math.ceil(percent * 10 - 1e-9) / 10;
        return rounded == Math.rint(rounded) ? String.valueOf((long) rounded) : String.valueOf(rounded);
    }
}
