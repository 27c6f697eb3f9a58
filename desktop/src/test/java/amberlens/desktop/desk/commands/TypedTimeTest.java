package amberlens.desktop.desk.commands;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TypedTimeTest {
    private static final FrameSpan SHOT = new FrameSpan(200, 300);

    private static int read(String typed) {
        return TypedTime.read(typed, 56, SHOT, FrameRate.of(25));
    }

    @ParameterizedTest
    @CsvSource({
        "56, 56",
        "2:06, 56",
        "+12, 68",
        "-1:00, 31",
        "−6, 50",
        "3/4, 275",
        "1 / 3, 233",
        "0/7, 200",
        "75%, 275",
        "12.5 %, 213",
        "100 %, 300"
    })
    void a_time_is_a_frame_a_timecode_a_way_or_a_part_of_the_shot(String typed, int frame) {
        assertThat(read(typed)).isEqualTo(frame);
    }

    @ParameterizedTest
    @ValueSource(strings = {"5/4", "1/0", "0/0", "101 %", "3/", "%", "three quarters"})
    void anything_else_is_refused(String typed) {
        assertThatThrownBy(() -> read(typed)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void a_part_out_of_range_says_so() {
        assertThatThrownBy(() -> read("150%")).hasMessageContaining("0 and 100 %, not 150%");
    }
}
