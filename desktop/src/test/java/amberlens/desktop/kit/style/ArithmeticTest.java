package amberlens.desktop.kit.style;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ArithmeticTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "960+40; 1000",
                "1920/2; 960",
                " 12,5 %; 12.5",
                "-3.5°; -3.5",
                "(12-2)*3; 30",
                "2+3*4; 14",
                "1080−40 px; 1040",
                "--4; 4"
            })
    void sums_have_their_value(String typed, double value) {
        assertThat(Arithmetic.value(typed)).isEqualTo(value);
    }

    @Test
    void nonsense_is_refused_with_a_reason() {
        assertThatThrownBy(() -> Arithmetic.value("large")).hasMessageContaining("not a number");
        assertThatThrownBy(() -> Arithmetic.value("")).hasMessageContaining("missing");
        assertThatThrownBy(() -> Arithmetic.value("4 apples")).hasMessageContaining("apples");
        assertThatThrownBy(() -> Arithmetic.value("1/0")).hasMessageContaining("finite");
        assertThatThrownBy(() -> Arithmetic.value("(2")).hasMessageContaining("bracket");
    }
}
