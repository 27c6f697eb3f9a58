package amberlens.core.judge.seal;

import static amberlens.core.RandomMoves.FRAME;
import static amberlens.core.RandomMoves.PICTURE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.hipparchus.optim.PointValuePair;
import org.hipparchus.optim.linear.LinearConstraint;
import org.hipparchus.optim.linear.LinearConstraintSet;
import org.hipparchus.optim.linear.LinearObjectiveFunction;
import org.hipparchus.optim.linear.NonNegativeConstraint;
import org.hipparchus.optim.linear.Relationship;
import org.hipparchus.optim.linear.SimplexSolver;
import org.hipparchus.optim.nonlinear.scalar.GoalType;

/**
 * The optimum against a second formulation and a second library: what is added to each key value and what is taken from it as
 * unknowns, a condition for every frame and side at once, and the weights of the keys from unit channels; solved by the simplex
 * of Hipparchus, whose point is held against every condition.
 */
class LeastChangeOptimumTest {
    private static final int LENGTH = 24;
    private static final int KEYS = 3;
    private static final int VALUES = 3 * KEYS;
    private static final double UNIT = 1000;

    /** Σ factors·values ≥ atLeast. */
    private record Condition(double[] factors, double atLeast) {
        double of(double[] values) {
            double sum = 0;
            for (int i = 0; i < values.length; i++) {
                sum += factors[i] * values[i];
            }
            return sum;
        }
    }

    @Property(tries = 60)
    void least_change_costs_what_the_second_formulation_costs(@ForAll long seed) {
        var chance = new Random(seed);
        Take take = move(chance);
        if (Seal.by(SealWay.LEAST, take, SealTerms.free()) instanceof SealResult.Sealed sealed) {
            double optimum = optimum(take);
            assertThat(sealed.cost().measure()).isCloseTo(optimum, within(1e-3 * optimum + 1e-6));
        }
    }

    private static Take move(Random chance) {
        List<Key<Scale>> scales = new ArrayList<>();
        List<Key<FramePoint>> positions = new ArrayList<>();
        List<Key<Double>> turns = new ArrayList<>();
        Leg[] legs = {Leg.LINEAR, Ease.GENTLE_BOTH.leg(), Ease.GENTLE_LEAVE.leg()};
        for (int i = 0; i < KEYS; i++) {
            int at = i * (LENGTH - 1) / (KEYS - 1);
            scales.add(Key.of(at, Scale.uniform(38 + 30 * chance.nextDouble()), legs[chance.nextInt(3)]));
            positions.add(Key.of(
                    at,
                    new FramePoint(960 + 700 * (chance.nextDouble() - 0.5), 540 + 500 * (chance.nextDouble() - 0.5)),
                    legs[chance.nextInt(3)]));
            turns.add(Key.of(at, 50 * (chance.nextDouble() - 0.5), legs[chance.nextInt(3)]));
        }
        var camera = new CameraTrack(
                Channel.keyed(ValueKinds.SCALE, scales),
                Channel.keyed(ValueKinds.POSITION, positions),
                Channel.keyed(ValueKinds.NUMBER, turns),
                Channel.constant(ValueKinds.ANCHOR, new PicturePoint(2500, 1900)));
        return new Take(camera, LENGTH, PICTURE, FRAME);
    }

    /** Unknowns: what is added to and what is taken from each scale factor and each x and y in thousands of pixels. */
    private static double optimum(Take take) {
        double[] now = new double[VALUES];
        double[] price = new double[2 * VALUES];
        for (int key = 0; key < KEYS; key++) {
            now[key] = take.camera().scale().keys().get(key).value().factorX();
            FramePoint position = take.camera().position().keys().get(key).value();
            now[KEYS + key] = position.x() / UNIT;
            now[2 * KEYS + key] = position.y() / UNIT;
        }
        for (int i = 0; i < VALUES; i++) {
            price[i] = i < KEYS ? 1 / now[i] : UNIT / FRAME.width();
            price[VALUES + i] = price[i];
        }
        List<Condition> conditions = new ArrayList<>();
        for (int key = 0; key + 1 < KEYS; key++) {
            double[] row = new double[VALUES];
            row[key] = now[key] < now[key + 1] ? -1 : 1;
            row[key + 1] = -row[key];
            conditions.add(new Condition(row, 0));
        }
        for (int frame = 0; frame < LENGTH; frame++) {
            addFrame(take, frame, conditions);
        }
        List<LinearConstraint> constraints = conditions.stream()
                .map(condition -> new LinearConstraint(
                        addedAndTaken(condition.factors()), Relationship.GEQ, condition.atLeast() - condition.of(now)))
                .toList();
        PointValuePair solved = new SimplexSolver()
                .optimize(
                        new LinearObjectiveFunction(price, 0),
                        new LinearConstraintSet(constraints),
                        GoalType.MINIMIZE,
                        new NonNegativeConstraint(true));
        double[] then = now.clone();
        for (int i = 0; i < VALUES; i++) {
            then[i] += solved.getPoint()[i] - solved.getPoint()[VALUES + i];
        }
        for (Condition condition : conditions) {
            assertThat(condition.of(then)).isGreaterThan(condition.atLeast() - 1e-6);
        }
        return solved.getValue();
    }

    private static double[] addedAndTaken(double[] factors) {
        double[] both = Arrays.copyOf(factors, 2 * VALUES);
        for (int i = 0; i < VALUES; i++) {
            both[VALUES + i] = -factors[i];
        }
        return both;
    }

    /** sx·A.x + (R(−θ)(c − P)).x ≥ 0 for the left side and every corner c; the other sides likewise. */
    private static void addFrame(Take take, int frame, List<Condition> conditions) {
        Pose pose = take.pose(frame);
        double angle = Math.toRadians(pose.degrees());
        double[] s = weights(take.camera().scale(), frame);
        double[] p = weights(take.camera().position(), frame);
        double[][] sides = {
            {pose.anchor().x(), 1, 0},
            {PICTURE.width() - pose.anchor().x(), -1, 0},
            {pose.anchor().y(), 0, 1},
            {PICTURE.height() - pose.anchor().y(), 0, -1}
        };
        for (double[] side : sides) {
            double alongX = side[1] * Math.cos(angle) - side[2] * Math.sin(angle);
            double alongY = side[1] * Math.sin(angle) + side[2] * Math.cos(angle);
            double nearest = Double.POSITIVE_INFINITY;
            for (Corner corner : Corner.values()) {
                FramePoint c = corner.of(FRAME);
                nearest = Math.min(nearest, alongX * c.x() + alongY * c.y());
            }
            double[] row = new double[VALUES];
            for (int key = 0; key < KEYS; key++) {
                row[key] = side[0] * s[key] / 1000;
                row[KEYS + key] = -alongX * p[key];
                row[2 * KEYS + key] = -alongY * p[key];
            }
            conditions.add(new Condition(row, -nearest / 1000));
        }
    }

    /** How much each key's value counts at a frame: the channel with 1 at that key and 0 at the others. */
    private static double[] weights(Channel<?> channel, int frame) {
        double[] weights = new double[KEYS];
        Arrays.setAll(weights, one -> {
            List<Key<Double>> unit = new ArrayList<>();
            for (int i = 0; i < KEYS; i++) {
                Key<?> key = channel.keys().get(i);
                unit.add(Key.of(key.at(), i == one ? 1.0 : 0.0, key.leg()));
            }
            return Channel.keyed(ValueKinds.NUMBER, unit).at(frame);
        });
        return weights;
    }
}
