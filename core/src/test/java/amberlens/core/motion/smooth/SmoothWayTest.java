package amberlens.core.motion.smooth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Variable;

class SmoothWayTest {
    private static double bends(double[] x) {
        double sum = 0;
        for (int i = 1; i < x.length - 1; i++) {
            sum += Math.pow(x[i - 1] - 2 * x[i] + x[i + 1], 2);
        }
        return sum;
    }

    /** The same question to the quadratic programming of a general library. */
    private static double[] byLibrary(double[] low, double[] high) {
        var model = new ExpressionsBasedModel();
        Variable[] variables = new Variable[low.length];
        for (int i = 0; i < low.length; i++) {
            variables[i] = model.newVariable("x" + i).lower(low[i]).upper(high[i]);
        }
        Expression cost = model.newExpression("bends").weight(1);
        double[] difference = {1, -2, 1};
        for (int i = 1; i < low.length - 1; i++) {
            for (int a = 0; a < 3; a++) {
                for (int b = 0; b < 3; b++) {
                    cost.add(variables[i - 1 + a], variables[i - 1 + b], difference[a] * difference[b]);
                }
            }
        }
        model.minimise();
        return Arrays.stream(variables)
                .mapToDouble(variable -> variable.getValue().doubleValue())
                .toArray();
    }

    @Test
    void it_is_as_smooth_as_a_general_library_makes_it() {
        var random = new Random(5);
        for (int round = 0; round < 12; round++) {
            int length = 12 + random.nextInt(30);
            var low = new double[length];
            var high = new double[length];
            double middle = 0;
            for (int i = 0; i < length; i++) {
                middle += 6 * random.nextGaussian();
                double half = 1 + 10 * random.nextDouble();
                low[i] = middle - half;
                high[i] = middle + half;
            }
            var target = new double[length];
            double[] ours = SmoothWay.between(low, high, target, new double[length]);
            for (int i = 0; i < length; i++) {
                assertThat(ours[i]).isBetween(low[i], high[i]);
            }
            double theirs = bends(byLibrary(low, high));
            assertThat(bends(ours)).isLessThanOrEqualTo(theirs * 1.001 + 1e-4);
        }
    }

    @Test
    void a_straight_line_that_fits_is_taken() {
        int length = 400;
        var low = new double[length];
        var high = new double[length];
        var weight = new double[length];
        for (int i = 0; i < length; i++) {
            double line = 30 + 0.7 * i;
            low[i] = line - 1 - 5 * (i % 7);
            high[i] = line + 1 + 5 * (i % 3);
        }
        assertThat(bends(SmoothWay.between(low, high, low.clone(), weight))).isLessThan(1e-8);
    }

    @Test
    void where_the_bounds_leave_it_open_it_goes_where_it_is_wanted() {
        int length = 200;
        var low = new double[length];
        var high = new double[length];
        var target = new double[length];
        var weight = new double[length];
        Arrays.fill(low, -1000);
        Arrays.fill(high, 1000);
        Arrays.fill(target, 123);
        Arrays.fill(weight, 1);
        for (double x : SmoothWay.between(low, high, target, weight)) {
            assertThat(x).isCloseTo(123, within(0.05));
        }
    }

    @Test
    void bounds_that_leave_one_place_only_are_kept() {
        double[] only = {4, 9, -3, 12, 7, 7};
        double[] way = SmoothWay.between(only, only, only, new double[6]);
        assertThat(way).containsExactly(only, within(1e-3));
        assertThat(SmoothWay.between(new double[] {1, 1}, new double[] {3, 3}, new double[] {0, 2}, new double[2]))
                .containsExactly(1, 2);
    }
}
