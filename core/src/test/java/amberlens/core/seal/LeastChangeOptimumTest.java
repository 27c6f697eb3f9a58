package amberlens.core.seal;

import static amberlens.core.RandomMoves.FRAME;
import static amberlens.core.RandomMoves.PICTURE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.geometry.Corner;
import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.PicturePoint;
import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.Channel;
import amberlens.core.motion.Ease;
import amberlens.core.motion.Key;
import amberlens.core.motion.Leg;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Scale;
import amberlens.core.motion.Take;
import amberlens.core.motion.ValueKinds;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Variable;

/**
 * The optimum against a second formulation: the new key values themselves as unknowns with a bound for each absolute change,
 * a condition for every frame and side at once, and the weights of the keys from unit channels; solved by the linear solver of
 * ojAlgo. (The simplex of Apache Commons Math 3.6.1 was tried first: on some of these it returns a point that breaks its
 * conditions.)
 */
class LeastChangeOptimumTest {
    private static final int LENGTH = 24;
    private static final int KEYS = 3;
    private static final int UNKNOWNS = 3 * KEYS;

    /** Σ factors·unknowns ≥ atLeast. */
    private record Condition(double[] factors, double atLeast) {}

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
                Channel.keyed(ValueKinds.DEGREES, turns),
                Channel.constant(ValueKinds.ANCHOR, new PicturePoint(2500, 1900)));
        return new Take(camera, LENGTH, PICTURE, FRAME);
    }

    /** Unknowns: scale factors, x and y of the positions in hundreds of pixels, then a bound for each one's change. */
    private static double optimum(Take take) {
        List<Condition> conditions = new ArrayList<>();
        double[] now = new double[UNKNOWNS];
        double[] price = new double[2 * UNKNOWNS];
        for (int key = 0; key < KEYS; key++) {
            now[key] = take.camera().scale().keys().get(key).value().factorX();
            now[KEYS + key] = take.camera().position().keys().get(key).value().x() / 100;
            now[2 * KEYS + key] =
                    take.camera().position().keys().get(key).value().y() / 100;
            price[UNKNOWNS + key] = 1 / now[key];
            price[UNKNOWNS + KEYS + key] = 100.0 / FRAME.width();
            price[UNKNOWNS + 2 * KEYS + key] = 100.0 / FRAME.width();
        }
        for (int i = 0; i < UNKNOWNS; i++) {
            double[] row = new double[2 * UNKNOWNS];
            row[i] = -1;
            row[UNKNOWNS + i] = 1;
            conditions.add(new Condition(row, -now[i]));
            double[] other = row.clone();
            other[i] = 1;
            conditions.add(new Condition(other, now[i]));
        }
        for (int key = 0; key + 1 < KEYS; key++) {
            double[] row = new double[2 * UNKNOWNS];
            row[key] = now[key] < now[key + 1] ? -1 : 1;
            row[key + 1] = -row[key];
            conditions.add(new Condition(row, 0));
        }
        for (int frame = 0; frame < LENGTH; frame++) {
            addFrame(take, frame, conditions);
        }
        var model = new ExpressionsBasedModel();
        for (int i = 0; i < price.length; i++) {
            model.newVariable("unknown" + i).weight(price[i]);
        }
        for (Condition condition : conditions) {
            var expression = model.newExpression("condition" + model.countExpressions());
            for (int i = 0; i < price.length; i++) {
                Variable unknown = model.getVariable(i);
                expression.set(unknown, condition.factors()[i]);
            }
            expression.lower(condition.atLeast());
        }
        var solved = model.minimise();
        assertThat(solved.getState().isOptimal()).isTrue();
        return solved.getValue();
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
            double[] row = new double[2 * UNKNOWNS];
            for (int key = 0; key < KEYS; key++) {
                row[key] = side[0] * s[key] / 1000;
                row[KEYS + key] = -alongX * p[key] / 10;
                row[2 * KEYS + key] = -alongY * p[key] / 10;
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
