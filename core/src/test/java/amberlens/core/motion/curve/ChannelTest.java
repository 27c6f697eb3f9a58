package amberlens.core.motion.curve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.apache.commons.math3.analysis.integration.SimpsonIntegrator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ChannelTest {
    private static Channel<Double> degrees(Leg leg, double... values) {
        List<Key<Double>> keys = new ArrayList<>();
        for (int i = 0; i < values.length; i++) {
            keys.add(Key.of(20 * i, values[i], leg));
        }
        return Channel.keyed(ValueKinds.NUMBER, keys);
    }

    @Test
    void before_the_first_and_after_the_last_key_the_value_holds() {
        var channel = degrees(Leg.LINEAR, 10, 30);
        assertThat(channel.at(-5)).isEqualTo(10);
        assertThat(channel.at(999)).isEqualTo(30);
        assertThat(channel.at(10)).isEqualTo(20);
        assertThat(channel.at(2.5)).isEqualTo(12.5);
    }

    @Test
    void a_hold_keeps_the_left_value_until_the_next_key() {
        var channel = degrees(Leg.HOLD, 10, 30);
        assertThat(channel.at(19.999)).isEqualTo(10);
        assertThat(channel.at(20)).isEqualTo(30);
    }

    @ParameterizedTest
    @EnumSource(Ease.class)
    void two_equal_keys_hold_dead_still_in_every_ease(Ease ease) {
        var channel = degrees(ease.leg(), 115, 115, 105);
        for (int frame = 0; frame <= 20; frame++) {
            assertThat(channel.at(frame)).isEqualTo(115);
        }
    }

    @Property
    void a_smooth_run_is_exact_at_keys_monotone_between_them_and_flat_between_equals(
            @ForAll @Size(min = 3, max = 7) List<@DoubleRange(min = -50, max = 50) Double> values) {
        double[] numbers = values.stream().mapToDouble(Double::doubleValue).toArray();
        var channel = degrees(Leg.SMOOTH, numbers);
        for (int i = 0; i + 1 < numbers.length; i++) {
            assertThat(channel.at(20 * i)).isEqualTo(numbers[i]);
            double low = Math.min(numbers[i], numbers[i + 1]);
            double high = Math.max(numbers[i], numbers[i + 1]);
            for (int step = 0; step <= 20; step++) {
                double value = channel.at(20 * i + step);
                assertThat(value).isBetween(low - 1e-9, high + 1e-9);
            }
        }
    }

    @Property
    void a_smooth_run_has_continuous_speed_at_inner_keys(
            @ForAll @DoubleRange(min = -50, max = 50) double a, @ForAll @DoubleRange(min = -50, max = 50) double b) {
        var channel = degrees(Leg.SMOOTH, a, b, 10, 40);
        double h = 1e-5;
        double before = (channel.at(20) - channel.at(20 - h)) / h;
        double after = (channel.at(20 + h) - channel.at(20)) / h;
        assertThat(after).isCloseTo(before, within(1e-3));
    }

    /**
     * Data "RPN 14" of F. N. Fritsch and R. E. Carlson (1980), and SciPy's monotone spline through it: the table was made by
     * monotone-table.py, which stands beside it and names the version.
     */
    @Test
    void a_smooth_run_equals_a_library_s_monotone_spline_on_published_data() throws IOException {
        int[] frames = {799, 809, 819, 870, 920, 1000, 1200, 1500, 2000};
        double[] values = {0, 2.76429e-5, 4.37498e-2, 0.169183, 0.469428, 0.943740, 0.998636, 0.999919, 0.999994};
        List<Key<Double>> keys = new ArrayList<>();
        for (int i = 0; i < frames.length; i++) {
            keys.add(Key.of(frames[i], values[i], Leg.SMOOTH));
        }
        Channel<Double> run = Channel.keyed(ValueKinds.NUMBER, keys);
        try (var table = ChannelTest.class.getResourceAsStream("monotone-table.csv")) {
            var rows = new String(table.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .toList();
            assertThat(rows).hasSize(48);
            for (String row : rows) {
                String[] numbers = row.split(",");
                assertThat(run.at(Double.parseDouble(numbers[0])))
                        .as(row)
                        .isCloseTo(Double.parseDouble(numbers[1]), within(1e-12));
            }
        }
    }

    /** 115 → 115 → 105: whatever the ease, the first leg stands at 115 to the last bit. */
    @ParameterizedTest
    @EnumSource(Ease.class)
    void equal_neighbours_stand_still_before_a_leg_that_moves(Ease ease) {
        Channel<Scale> scale = Channel.keyed(
                ValueKinds.SCALE,
                List.of(
                        Key.of(0, Scale.uniform(115), ease.leg()),
                        Key.of(50, Scale.uniform(115), ease.leg()),
                        Key.of(100, Scale.uniform(105), ease.leg())));
        for (int frame = 0; frame <= 50; frame++) {
            assertThat(scale.at(frame).x()).isEqualTo(115.0);
            assertThat(scale.at(frame).y()).isEqualTo(115.0);
        }
        assertThat(scale.at(100).x()).isEqualTo(105.0);
    }

    /** The reference is the adaptive Simpson integration of Apache Commons Math. */
    @Test
    void a_curved_path_is_walked_at_constant_arc_length() {
        var a = new FramePoint(100, 200);
        var d = new FramePoint(900, 300);
        var out = new FramePoint(150, -400);
        var in = new FramePoint(-700, 350);
        var channel = Channel.keyed(
                ValueKinds.POSITION,
                List.of(
                        new Key<>(0, a, Leg.LINEAR, false, new PathHandles(FramePoint.ZERO, out), Extras.NONE),
                        new Key<>(100, d, Leg.LINEAR, false, new PathHandles(in, FramePoint.ZERO), Extras.NONE)));
        var simpson = new SimpsonIntegrator(1e-10, 1e-10, 4, 40);
        double whole = simpson.integrate(9_000_000, t -> speed(a, out, in, d, t), 0, 1);
        for (int part = 1; part < 10; part++) {
            FramePoint point = channel.at(10 * part);
            double t = nearest(a, out, in, d, point);
            double walked = simpson.integrate(9_000_000, u -> speed(a, out, in, d, u), 0, t);
            assertThat(walked).isCloseTo(whole * part / 10, within(0.01));
        }
    }

    private static FramePoint bezier(FramePoint a, FramePoint out, FramePoint in, FramePoint d, double t) {
        double u = 1 - t;
        return a.times(u * u * u)
                .plus(a.plus(out).times(3 * u * u * t))
                .plus(d.plus(in).times(3 * u * t * t))
                .plus(d.times(t * t * t));
    }

    private static double speed(FramePoint a, FramePoint out, FramePoint in, FramePoint d, double t) {
        double h = 1e-6;
        return bezier(a, out, in, d, t + h).distance(bezier(a, out, in, d, t - h)) / (2 * h);
    }

    private static double nearest(FramePoint a, FramePoint out, FramePoint in, FramePoint d, FramePoint to) {
        double best = 0;
        for (int i = 0; i <= 1000; i++) {
            best = bezier(a, out, in, d, i / 1000.0).distance(to)
                            < bezier(a, out, in, d, best).distance(to)
                    ? i / 1000.0
                    : best;
        }
        for (double step = 1e-3; step > 1e-9; step /= 2) {
            for (double t : new double[] {best - step, best + step}) {
                best = bezier(a, out, in, d, t).distance(to)
                                < bezier(a, out, in, d, best).distance(to)
                        ? t
                        : best;
            }
        }
        return best;
    }

    @Test
    void setting_a_value_changes_the_key_there_or_adds_one_that_takes_over_the_leg() {
        var channel = degrees(Leg.HOLD, 10, 30);
        assertThat(channel.withValueAt(20, 50.0).keys()).hasSize(2);
        var grown = channel.withValueAt(5, 50.0);
        assertThat(grown.keys()).extracting(Key::at).containsExactly(0, 5, 20);
        assertThat(grown.keyAt(5).orElseThrow().leg()).isEqualTo(Leg.HOLD);
    }

    @Test
    void the_last_key_leaves_its_value_as_the_constant() {
        var channel = degrees(Leg.LINEAR, 10).withoutKeyAt(0);
        assertThat(channel.animated()).isFalse();
        assertThat(channel.at(7)).isEqualTo(10);
    }

    @Test
    void keys_out_of_order_are_refused() {
        assertThatThrownBy(() -> Channel.keyed(
                        ValueKinds.NUMBER, List.of(Key.of(5, 1.0, Leg.LINEAR), Key.of(5, 2.0, Leg.LINEAR))))
                .hasMessageContaining("frame 5 follows frame 5");
    }
}
