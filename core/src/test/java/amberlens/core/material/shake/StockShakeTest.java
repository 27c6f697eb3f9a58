package amberlens.core.material.shake;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.material.trace.Stand;
import java.util.function.ToDoubleFunction;
import org.assertj.core.data.Offset;
import org.jtransforms.fft.DoubleFFT_1D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The bands of frequencies are those of the sources that {@link Hand} names, quoted from memory; the spectrum is a library's. */
class StockShakeTest {
    /** The part of a motion's power between two frequencies. */
    private static double power(Shake shake, ToDoubleFunction<Stand> of, double fromHz, double toHz) {
        int count = shake.stands().size();
        double[] spectrum = shake.stands().stream().mapToDouble(of).toArray();
        for (int i = 0; i < count; i++) { // a window of Hann's, so that nothing leaks out of its band
            spectrum[i] *= 0.5 - 0.5 * Math.cos(2 * Math.PI * i / (count - 1));
        }
        new DoubleFFT_1D(count).realForward(spectrum);
        double inside = 0;
        double all = 0;
        for (int k = 1; 2 * k + 1 < count; k++) {
            double square = spectrum[2 * k] * spectrum[2 * k] + spectrum[2 * k + 1] * spectrum[2 * k + 1];
            double hz = k * shake.rate().perSecond() / count;
            all += square;
            inside += hz >= fromHz && hz <= toHz ? square : 0;
        }
        return inside / all;
    }

    @Test
    void a_standing_person_sways_below_1_hz() {
        assertThat(power(StockShake.STEADY_HANDS.shake(), Stand::x, 0, 1.1)).isGreaterThan(0.95);
    }

    @Test
    void a_hand_trembles_at_8_to_12_hz_and_a_long_lens_shows_it() {
        double beyondSway = power(StockShake.LONG_LENS.shake(), Stand::y, 2, 30);
        double trembling = power(StockShake.LONG_LENS.shake(), Stand::y, 7.5, 12.5);
        assertThat(trembling / beyondSway).isGreaterThan(0.95);
        assertThat(trembling).isGreaterThan(5 * power(StockShake.STEADY_HANDS.shake(), Stand::y, 7.5, 12.5));
    }

    @Test
    void people_walk_at_about_2_steps_a_second_and_sway_with_every_other_one() {
        Shake walking = StockShake.WALKING.shake();
        assertThat(power(walking, Stand::y, 1.5, 2.5)).isGreaterThan(0.5);
        assertThat(power(walking, Stand::x, 0.7, 1.3)).isGreaterThan(0.3);
    }

    @Test
    void a_car_bounces_at_1_to_1_5_hz() {
        assertThat(power(StockShake.FROM_A_CAR.shake(), Stand::y, 0.8, 1.8)).isGreaterThan(0.6);
    }

    @ParameterizedTest
    @EnumSource
    void each_goes_to_and_fro_about_where_it_was_and_not_far(StockShake stock) {
        Shake shake = stock.shake();
        assertThat(shake.seconds()).isBetween(10.0, 20.0);
        assertThat(shake.stands().stream().mapToDouble(Stand::x).average()).hasValueCloseTo(0.0, Offset.offset(1e-4));
        assertThat(shake.stands().stream().mapToDouble(Stand::degrees).average())
                .hasValueCloseTo(0.0, Offset.offset(1e-3));
        assertThat(shake.stands()).allSatisfy(stand -> {
            assertThat(Math.hypot(stand.x(), stand.y())).isLessThan(0.05);
            assertThat(Math.abs(stand.degrees())).isLessThan(1.5);
        });
    }
}
