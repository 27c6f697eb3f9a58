package amberlens.core.base.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class SrgbTest {
    /** IEC 61966-2-1: an encoded 0.5 is 0.21404 in linear light. */
    @Test
    void the_transfer_function_follows_the_standard() {
        assertThat(Srgb.toLinear(0.5)).isCloseTo(0.21404, within(5e-6));
        assertThat(Srgb.toEncoded(Srgb.toLinear(0.02))).isCloseTo(0.02, within(1e-6));
    }

    @Test
    void every_8_bit_code_survives_the_way_to_linear_light_and_back() {
        for (int code = 0; code < 256; code++) {
            assertThat(Srgb.encoded8((float) Srgb.toLinear(code / 255.0))).isEqualTo(code);
        }
    }
}
