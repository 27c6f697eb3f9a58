package amberlens.core.judge.seal;

import amberlens.core.base.geometry.Side;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.SideDistances;
import amberlens.core.judge.marks.MarkWish;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Axis;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.function.IntToDoubleFunction;
import java.util.function.ToDoubleFunction;

/**
 * How what is required of single frames depends on the amounts, near one choice of them: by one small step in each amount;
 * amounts that cannot be seen at the same moments make it together. Exact, up to rounding, where {@link KeyMoves#linear()}.
 */
final class Linearised {
    private static final double STEP = 1e-4;

    private final Size frame;
    private final double[] about;
    private final CameraTrack base;
    private final List<Subject.Judgement> baseJudged;
    private final List<List<KeyReach>> groups;
    private final List<CameraTrack> stepped = new ArrayList<>();
    private final List<List<Subject.Judgement>> steppedJudged = new ArrayList<>();

    Linearised(KeyMoves moves, double[] about, Subject subject) {
        this.about = about;
        frame = subject.frame();
        base = moves.moved(about);
        baseJudged = subject.judged().apply(base);
        groups = KeyReach.groups(moves, subject.alone());
        for (List<KeyReach> group : groups) {
            double[] next = about.clone();
            group.forEach(reach -> next[reach.amount()] += STEP);
            stepped.add(moves.moved(next));
            steppedJudged.add(subject.judged().apply(stepped.getLast()));
        }
    }

    /** That no edge is open at a side at a moment of one of the judged takes; in frame widths. */
    LinearProgramme.Row edge(int judged, double at, Side side) {
        Size picture = baseJudged.get(judged).take().picture();
        return seen(
                judged,
                at,
                take -> SideDistances.of(take.edgePose(at), picture, frame).to(side) / frame.width(),
                0);
    }

    /** That a condition of what is wished of a box is fulfilled at a moment; in frame widths. */
    LinearProgramme.Row wished(int judged, double at, MarkWish wish, int condition) {
        Pose there = baseJudged.get(judged).take().pose(at);
        return seen(judged, at, take -> wish.distance(condition, take.pose(at), there, frame) / frame.width(), 0);
    }

    /** That width or height are, at a moment, enlarged at most to a limit, in per cent. */
    LinearProgramme.Row limit(int judged, double at, Axis axis, double percent) {
        return seen(judged, at, take -> -enlarged(take.pose(at), axis, frame) / 100, -percent / 100);
    }

    /** In per cent; a picture that leans is enlarged alike in all directions. */
    static double enlarged(Pose pose, Axis axis, Size frame) {
        if (!pose.isFlat()) {
            return Enlargement.percent(pose, frame);
        }
        return axis == Axis.Y ? pose.scale().y() : pose.scale().x();
    }

    /** That a frame of the move itself keeps its pose. */
    List<LinearProgramme.Row> kept(int at, Pose pose) {
        return List.of(
                own(at, now -> now.scale().factorX(), pose.scale().factorX(), 1),
                own(at, now -> now.scale().factorY(), pose.scale().factorY(), 1),
                own(at, now -> now.position().x(), pose.position().x(), 1.0 / frame.width()),
                own(at, now -> now.position().y(), pose.position().y(), 1.0 / frame.width()));
    }

    private LinearProgramme.Row seen(int judged, double at, ToDoubleFunction<Take> quantity, double atLeast) {
        double now = quantity.applyAsDouble(baseJudged.get(judged).take());
        return row(
                at,
                now,
                step -> quantity.applyAsDouble(
                        steppedJudged.get(step).get(judged).take()),
                atLeast);
    }

    /** Both the quantity and the value made smaller by a factor. */
    private LinearProgramme.Row own(int at, ToDoubleFunction<Pose> quantity, double atLeast, double factor) {
        double now = quantity.applyAsDouble(base.at(at)) * factor;
        return row(at, now, step -> quantity.applyAsDouble(stepped.get(step).at(at)) * factor, atLeast * factor);
    }

    /**
     * That a quantity is at least a value.
     *
     * @param at when it is looked at
     * @param stepped what it is where a group has made its step
     */
    private LinearProgramme.Row row(double at, double now, IntToDoubleFunction stepped, double atLeast) {
        Map<Integer, Double> factors = new TreeMap<>();
        double offset = now;
        for (int group = 0; group < groups.size(); group++) {
            OptionalInt amount = touching(groups.get(group), at);
            double slope = amount.isEmpty() ? 0 : (stepped.applyAsDouble(group) - now) / STEP;
            if (Math.abs(slope) >= 1e-10) {
                factors.put(amount.orElseThrow(), slope);
                offset -= slope * about[amount.orElseThrow()];
            }
        }
        return new LinearProgramme.Row(factors, atLeast - offset);
    }

    /** Which amount of a group is seen at a moment. */
    private static OptionalInt touching(List<KeyReach> group, double at) {
        int low = 0;
        int high = group.size() - 1;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (group.get(middle).to() > at) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        KeyReach found = group.get(low);
        return found.touches(at) ? OptionalInt.of(found.amount()) : OptionalInt.empty();
    }
}
