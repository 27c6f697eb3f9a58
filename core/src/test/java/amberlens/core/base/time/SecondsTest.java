package amberlens.core.base.time;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SecondsTest {
    @ParameterizedTest
    @CsvSource({"5/2, 5/2", "10/4, 5/2", "3, 3/1", "0/7, 0/1"})
    void fractions_are_read_and_written_in_lowest_terms(String text, String written) {
        assertThat(Seconds.parse(text)).hasToString(written);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "1/0", "a", "1.5", "1//2", "99999999/1", "1/9999999999999"})
    void what_is_no_time_is_refused(String text) {
        assertThatThrownBy(() -> Seconds.parse(text)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void times_add_up_exactly() {
        Seconds third = new Seconds(1, 3);
        assertThat(third.plus(third).plus(third)).isEqualTo(new Seconds(1, 1));
        assertThat(new Seconds(1, 2).minus(third)).isEqualTo(new Seconds(1, 6));
        assertThat(third.compareTo(new Seconds(333, 1000))).isPositive();
        assertThat(new Seconds(1, 1).samples(48_000)).isEqualTo(48_000);
        assertThat(new Seconds(1, 96_000).samples(48_000)).isEqualTo(1);
        assertThat(new Seconds(5, 2).frames(FrameRate.of(25))).isEqualTo(62.5);
    }
}
