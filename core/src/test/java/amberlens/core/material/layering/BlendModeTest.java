package amberlens.core.material.layering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Formulas of W3C Compositing and Blending Level 1, section 9.1; the values are worked out by hand from them. */
class BlendModeTest {
    @ParameterizedTest
    @CsvSource({
        "NORMAL, 0.25, 0.75, 0.75",
        "MULTIPLY, 0.25, 0.75, 0.1875",
        "SCREEN, 0.25, 0.75, 0.8125",
        "OVERLAY, 0.25, 0.75, 0.375",
        "OVERLAY, 0.75, 0.25, 0.625",
        "DARKEN, 0.25, 0.75, 0.25",
        "LIGHTEN, 0.25, 0.75, 0.75",
        "COLOR_DODGE, 0.2, 0.5, 0.4",
        "COLOR_DODGE, 0, 1, 0",
        "COLOR_DODGE, 0.6, 1, 1",
        "COLOR_BURN, 0.8, 0.5, 0.6",
        "COLOR_BURN, 1, 0, 1",
        "COLOR_BURN, 0.3, 0, 0",
        "HARD_LIGHT, 0.25, 0.75, 0.625",
        "HARD_LIGHT, 0.6, 0.25, 0.3",
        "SOFT_LIGHT, 0.25, 0.75, 0.375",
        "SOFT_LIGHT, 0.16, 0.75, 0.279168",
        "SOFT_LIGHT, 0.5, 0.25, 0.375",
        "DIFFERENCE, 0.25, 0.75, 0.5",
        "EXCLUSION, 0.25, 0.75, 0.625"
    })
    void worked_values(BlendMode mode, double backdrop, double source, double result) {
        assertThat(mode.blend(backdrop, source)).isCloseTo(result, within(1e-9));
    }

    @Property
    void every_mode_stays_within_what_can_be_shown(
            @ForAll BlendMode mode,
            @ForAll @DoubleRange(min = 0, max = 1) double backdrop,
            @ForAll @DoubleRange(min = 0, max = 1) double source) {
        assertThat(mode.blend(backdrop, source)).isBetween(-1e-12, 1 + 1e-12);
    }

    @Property
    void overlay_is_hard_light_the_other_way_round(
            @ForAll @DoubleRange(min = 0, max = 1) double backdrop,
            @ForAll @DoubleRange(min = 0, max = 1) double source) {
        assertThat(BlendMode.OVERLAY.blend(backdrop, source)).isEqualTo(BlendMode.HARD_LIGHT.blend(source, backdrop));
    }
}
