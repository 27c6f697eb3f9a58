package amberlens.core.seal;

import amberlens.core.edges.FillScale;
import amberlens.core.edges.GateReach;
import amberlens.core.edges.SideDistances;
import amberlens.core.edges.TurnLimit;
import amberlens.core.geometry.FramePoint;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Scale;
import amberlens.core.motion.Take;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeSet;

/** Why a take cannot be sealed, and what would make it possible. */
final class Refusal {
    private Refusal() {}

    static SealResult.Refused of(SealWay way, Take take, SealTerms terms, KeySearch.Outcome outcome) {
        int frame = outcome.worstFrame();
        double open = -SideDistances.of(outcome.best().at(frame), take.picture(), take.frame())
                .to(outcome.worstSide());
        String where = String.format(
                Locale.ROOT,
                "frame %d stays open at the %s by at least %.1f px",
                frame,
                outcome.worstSide().word(),
                Math.max(0.1, open));
        String held = terms.locked().isEmpty()
                ? " with the keys there are"
                : " with the locked framings and the keys there are";
        List<String> ways = remedies(way, take, terms, frame);
        String reason = where + held + (ways.isEmpty() ? "" : "; what would do: " + String.join(", or ", ways));
        return new SealResult.Refused(frame, Optional.of(outcome.worstSide()), reason);
    }

    private static List<String> remedies(SealWay way, Take take, SealTerms terms, int frame) {
        List<String> ways = new ArrayList<>();
        if (Double.isFinite(terms.limitPercent()) && way != SealWay.SHIFT) {
            sealedBy(way, take, terms.withLimit(Double.POSITIVE_INFINITY))
                    .ifPresent(found ->
                            ways.add("a limit of " + upwards(found.cost().enlargement()) + " %"));
        }
        if (!terms.locked().isEmpty()
                && sealedBy(way, take, terms.withLocked(new TreeSet<>())).isPresent()) {
            ways.add("no locked framing");
        }
        if (way == SealWay.SHIFT && sealedBy(SealWay.LEAST, take, terms).isPresent()) {
            ways.add("Least change or Lift, which may zoom");
        }
        ways.addAll(ofOneFrame(way, take, terms, frame));
        return ways;
    }

    private static Optional<SealResult.Sealed> sealedBy(SealWay way, Take take, SealTerms terms) {
        return KeySearch.run(way, take, terms)
                .camera()
                .map(camera -> new SealResult.Sealed(
                        camera, SealCost.between(take, take.withCamera(camera)), OptionalInt.empty()));
    }

    /** What the frame that stands in the way would need by itself. */
    static List<String> ofOneFrame(SealWay way, Take take, SealTerms terms, int frame) {
        List<String> ways = new ArrayList<>();
        Pose pose = take.pose(frame);
        Scale most = pose.scale();
        double larger = Math.max(most.x(), most.y());
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
            ways.add("another anchor: it lies beyond a side that would have to be pushed out");
        }
        return ways;
    }

    static String upwards(double percent) {
        double rounded = Math.ceil(percent * 10 - 1e-9) / 10;
        return rounded == Math.rint(rounded) ? String.valueOf((long) rounded) : String.valueOf(rounded);
    }
}
