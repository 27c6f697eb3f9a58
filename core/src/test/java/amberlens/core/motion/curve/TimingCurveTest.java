package amberlens.core.motion.curve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class TimingCurveTest {
    /**
     * W3C CSS Easing Functions Level 1, by way of an implementation that shares no code with ours: the table was made by
     * the npm package bezier-easing 2.1.0 with timing-table.mjs, which stands beside it.
     */
    @Test
    void progress_agrees_with_an_independent_implementation() throws IOException {
        try (var table = TimingCurveTest.class.getResourceAsStream("timing-table.csv")) {
            var rows = new String(table.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .toList();
            assertThat(rows).hasSize(328);
            for (String row : rows) {
                double[] n = Arrays.stream(row.split(","))
                        .mapToDouble(Double::parseDouble)
                        .toArray();
                double progress = new TimingCurve(n[0], n[1], n[2], n[3]).progress(n[4]);
                assertThat(progress).as(row).isCloseTo(n[5], within(1e-6));
            }
        }
    }

    /** A cubic Bézier is exact at its own points: x(t) and y(t) computed here by de Casteljau's construction. */
    @Property
    void the_curve_goes_through_its_own_points(
            @ForAll @DoubleRange(min = 0, max = 1) double x1,
            @ForAll @DoubleRange(min = -2, max = 3) double y1,
            @ForAll @DoubleRange(min = 0, max = 1) double x2,
            @ForAll @DoubleRange(min = -2, max = 3) double y2,
            @ForAll @DoubleRange(min = 0.01, max = 0.99) double t) {
        double x = casteljau(0, x1, x2, 1, t);
        double slope = Math.max(1e-3, (casteljau(0, x1, x2, 1, t + 1e-6) - x) / 1e-6);
        assertThat(new TimingCurve(x1, y1, x2, y2).progress(x))
                .isCloseTo(casteljau(0, y1, y2, 1, t), within(1e-8 + 1e-9 / slope));
    }

    @Test
    void gentle_leave_starts_slowly_and_gentle_arrive_ends_slowly() {
        var leave = ((Leg.Curve) Ease.GENTLE_LEAVE.leg()).timing();
        var arrive = ((Leg.Curve) Ease.GENTLE_ARRIVE.leg()).timing();
        assertThat(leave.progress(0.1)).isLessThan(0.03);
        assertThat(arrive.progress(0.9)).isGreaterThan(0.97);
        assertThat(leave.progress(0.3)).isCloseTo(1 - arrive.progress(0.7), within(1e-9));
    }

    @Test
    void handles_outside_the_time_are_refused() {
        assertThatThrownBy(() -> new TimingCurve(-0.1, 0, 1, 1)).hasMessageContaining("-0.1");
        assertThatThrownBy(() -> new TimingCurve(0, Double.NaN, 1, 1)).hasMessageContaining("NaN");
    }

    private static double casteljau(double a, double b, double c, double d, double t) {
        double ab = a + (b - a) * t;
        double bc = b + (c - b) * t;
        double cd = c + (d - c) * t;
        double abc = ab + (bc - ab) * t;
        double bcd = bc + (cd - bc) * t;
        return abc + (bcd - abc) * t;
    }
}
