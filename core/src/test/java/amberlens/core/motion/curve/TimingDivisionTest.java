package amberlens.core.motion.curve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** Eases that are divided, turned round and made of strengths. */
class TimingDivisionTest {
    /** Both halves, walked one after the other, are the whole: for handles that do not cross in time the division is exact. */
    @Property
    void the_halves_of_a_curve_together_are_the_curve(
            @ForAll @DoubleRange(min = 0, max = 0.5) double x1,
            @ForAll @DoubleRange(min = -1, max = 2) double y1,
            @ForAll @DoubleRange(min = 0.5, max = 1) double x2,
            @ForAll @DoubleRange(min = -1, max = 2) double y2,
            @ForAll @DoubleRange(min = 0.1, max = 0.9) double at) {
        var whole = new TimingCurve(x1, y1, x2, y2);
        double middle = whole.progress(at);
        if (Math.abs(middle) < 0.02 || Math.abs(1 - middle) < 0.02) {
            return;
        }
        TimingCurve.Halves halves = whole.dividedAt(at);
        for (double part : new double[] {0.13, 0.5, 0.86}) {
            assertThat(middle * halves.before().progress(part)).isCloseTo(whole.progress(at * part), within(1e-6));
            assertThat(middle + (1 - middle) * halves.after().progress(part))
                    .isCloseTo(whole.progress(at + (1 - at) * part), within(1e-6));
        }
    }

    @Test
    void a_curve_divided_where_it_has_made_no_way_leaves_a_steady_half() {
        TimingCurve.Halves halves = new TimingCurve(0.3, 0, 0.7, 1).dividedAt(0);
        assertThat(halves.before()).isEqualTo(new TimingCurve(0, 0, 1, 1));
        assertThat(halves.after().progress(0.4)).isCloseTo(new TimingCurve(0.3, 0, 0.7, 1).progress(0.4), within(1e-9));
        assertThat(new TimingCurve(0.3, 0, 0.7, 1).dividedAt(1).after()).isEqualTo(new TimingCurve(0, 0, 1, 1));
    }

    @Test
    void handles_that_cross_in_time_stay_timing_functions_in_both_halves() {
        TimingCurve.Halves halves = new TimingCurve(1, 0, 0, 1).dividedAt(0.5);
        for (TimingCurve half : new TimingCurve[] {halves.before(), halves.after()}) {
            assertThat(half.x1()).isBetween(0.0, 1.0);
            assertThat(half.x2()).isBetween(0.0, 1.0);
        }
    }

    @Property
    void walked_backwards_a_curve_is_its_mirror(
            @ForAll @DoubleRange(min = 0, max = 1) double x1,
            @ForAll @DoubleRange(min = 0, max = 1) double x2,
            @ForAll @DoubleRange(min = 0, max = 1) double time) {
        var curve = new TimingCurve(x1, 0.2, x2, 0.7);
        double steepest = 1 / Math.max(1e-3, Math.min(Math.min(x1, 1 - x2), 0.3));
        assertThat(curve.reversed().progress(time))
                .isCloseTo(1 - curve.progress(1 - time), within(1e-6 * steepest + 1e-7));
    }

    @Test
    void strengths_give_the_gentle_eases_of_the_standard_in_the_numbers_people_write() {
        // W3C CSS Easing Functions: ease-in-out is 0.42, 0, 0.58, 1.
        assertThat(TimingCurve.ofStrengths(0.42, 0.42)).isEqualTo(new TimingCurve(0.42, 0, 0.58, 1));
        assertThat(TimingCurve.ofStrengths(0, 0)).isEqualTo(new TimingCurve(0, 0, 1, 1));
        assertThat(new TimingCurve(0.42, 0, 1, 1).reversed()).isEqualTo(new TimingCurve(0, 0, 0.58, 1));
    }

    @Test
    void before_its_time_nothing_has_happened_and_after_it_all() {
        var over = new TimingCurve(0.2, 2, 0.8, -1);
        assertThat(over.progress(-0.5)).isZero();
        assertThat(over.progress(0)).isZero();
        assertThat(over.progress(1)).isEqualTo(1);
        assertThat(over.progress(7)).isEqualTo(1);
        assertThat(over.progress(0.2)).isGreaterThan(0.4);
    }

    @Test
    void a_curve_that_stands_upright_somewhere_is_solved_there_too() {
        var upright = new TimingCurve(1, 0, 0, 1); // its slope in time vanishes in the middle
        assertThat(upright.progress(0.5)).isCloseTo(0.5, within(1e-6));
        assertThat(upright.progress(0.499)).isLessThan(0.5);
        assertThat(upright.progress(0.501)).isGreaterThan(0.5);
    }

    @Test
    void handles_beyond_all_reason_are_refused() {
        assertThatThrownBy(() -> new TimingCurve(0, 1e308, 1, 1)).hasMessageContaining("1.0E308");
        assertThatThrownBy(() -> new TimingCurve(0, 0, 1, -2e9)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new TimingCurve(0, 0, 1.5, 0)).hasMessageContaining("1.5");
        assertThat(new TimingCurve(0, 1e9, 1, -1e9).y1()).isEqualTo(1e9);
    }
}
