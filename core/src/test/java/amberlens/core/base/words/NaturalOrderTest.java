package amberlens.core.base.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class NaturalOrderTest {
    @Test
    void names_are_ordered_as_people_count() {
        assertThat(List.of("a10.jpg", "B3.jpg", "a9b1.jpg", "a", "a2.jpg", "a9b.jpg").stream()
                        .sorted(NaturalOrder.OF_NAMES))
                .containsExactly("a", "a2.jpg", "a9b.jpg", "a9b1.jpg", "a10.jpg", "B3.jpg");
        assertThat(NaturalOrder.OF_NAMES.compare("a007", "a7")).isZero();
        assertThat(NaturalOrder.OF_NAMES.compare("12345678901234567890", "12345678901234567891"))
                .isNegative();
    }
}
