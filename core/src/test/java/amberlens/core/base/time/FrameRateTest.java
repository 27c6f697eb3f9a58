package amberlens.core.base.time;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

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
        assertThat(FrameRate.of(24).seconds(new Shutter(180).open())).isCloseTo(1 / 48.0, within(1e-15));
        assertThatThrownBy(() -> new Shutter(Double.NaN)).hasMessageContaining("NaN");
    }

    @ParameterizedTest
    @CsvSource({
        "25, 25, 1",
        "29.97, 30000, 1001",
        "23.976, 24000, 1001",
        "23.98, 24000, 1001",
        "59.94, 60000, 1001",
        "12.5, 25, 2",
        "24000/1001, 24000, 1001"
    })
    void rates_are_read_as_people_write_them(String text, int numerator, int denominator) {
        // SMPTE ST 12-1 and ITU-R BT.709 give the rates of the 1.001 family as fractions
        assertThat(FrameRate.typed(text)).isEqualTo(new FrameRate(numerator, denominator));
    }

    @Test
    void what_is_no_rate_is_refused() {
        assertThatThrownBy(() -> FrameRate.typed("fast")).hasMessageContaining("fast");
        assertThatThrownBy(() -> FrameRate.typed("0.0")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void common_rates_come_back_from_what_they_are_called() {
        assertThat(FrameRate.COMMON)
                .allSatisfy(rate -> assertThat(FrameRate.typed(rate.toString())).isEqualTo(rate));
    }
}
