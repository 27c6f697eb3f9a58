package amberlens.core.time;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class FrameRateTest {
    @Test
    void a_rate_is_kept_in_lowest_terms() {
        assertThat(FrameRate.parse("50/2")).isEqualTo(FrameRate.of(25));
        assertThat(FrameRate.parse("24000/1001").written()).isEqualTo("24000/1001");
        assertThat(FrameRate.parse("24000/1001")).hasToString("23.976");
    }

    @Test
    void only_29_97_and_59_94_drop_frame_numbers() {
        assertThat(FrameRate.parse("30000/1001").dropsFrames()).isTrue();
        assertThat(FrameRate.parse("24000/1001").dropsFrames()).isFalse();
        assertThat(FrameRate.of(30).dropsFrames()).isFalse();
    }

    @Test
    void impossible_rates_are_refused() {
        assertThatThrownBy(() -> new FrameRate(0, 1)).hasMessageContaining("0/1");
        assertThatThrownBy(() -> FrameRate.parse("fast")).hasMessageContaining("25/1");
        assertThatThrownBy(() -> FrameRate.parse("2000/1")).hasMessageContaining("1000");
    }

    /** Camera handbooks: a 180° shutter is open for half the frame time, 1/48 s at 24 frames per second. */
    @Test
    void a_half_turn_shutter_is_open_for_half_the_frame() {
        assertThat(new Shutter(180).openSeconds(FrameRate.of(24))).isCloseTo(1 / 48.0, within(1e-15));
        assertThatThrownBy(() -> new Shutter(Double.NaN)).hasMessageContaining("NaN");
    }
}
