package amberlens.core.material.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ToneTest {
    private static final Tone NEUTRAL = new Tone(0, 1, 100, 0, 0);

    /** Linear sRGB of D65 white to XYZ, IEC 61966-2-1, four places as published there. */
    private static final double[][] TO_XYZ = {
        {0.4124, 0.3576, 0.1805}, {0.2126, 0.7152, 0.0722}, {0.0193, 0.1192, 0.9505}
    };

    private static double[] times(double[][] matrix, double... vector) {
        double[] product = new double[3];
        for (int row = 0; row < 3; row++) {
            product[row] = matrix[row][0] * vector[0] + matrix[row][1] * vector[1] + matrix[row][2] * vector[2];
        }
        return product;
    }

    @Test
    void a_neutral_tone_changes_nothing() {
        assertThat(NEUTRAL.isNeutral()).isTrue();
        assertThat(NEUTRAL.gain()).isEqualTo(1);
        assertThat(times(NEUTRAL.colours(), 0.1, 0.5, 0.9))
                .containsExactly(new double[] {0.1, 0.5, 0.9}, within(1e-12));
    }

    /** A stop is a doubling of light (camera handbooks). */
    @Test
    void a_stop_doubles_the_light() {
        assertThat(new Tone(1, 1, 100, 0, 0).gain()).isEqualTo(2);
        assertThat(new Tone(-2, 1, 100, 0, 0).gain()).isEqualTo(0.25);
    }

    @Test
    void contrast_turns_about_mid_grey_and_keeps_black() {
        Tone hard = new Tone(0, 1.5, 100, 0, 0);
        assertThat(hard.contrasted(0.18)).isCloseTo(0.18, within(1e-12));
        assertThat(hard.contrasted(0)).isZero();
        assertThat(hard.contrasted(-0.01)).isZero();
        assertThat(hard.contrasted(0.36)).isCloseTo(0.18 * 2.8284271, within(1e-7));
        assertThat(new Tone(0, 0, 100, 0, 0).contrasted(0.7)).isCloseTo(0.18, within(1e-12));
    }

    /** The luminances of the primaries by ITU-R BT.709-6, item 3.2. */
    @Test
    void without_saturation_every_primary_is_as_grey_as_it_is_bright() {
        double[][] grey = new Tone(0, 1, 0, 0, 0).colours();
        assertThat(times(grey, 1, 0, 0)).containsExactly(new double[] {0.2126, 0.2126, 0.2126}, within(1e-9));
        assertThat(times(grey, 0, 1, 0)).containsExactly(new double[] {0.7152, 0.7152, 0.7152}, within(1e-9));
        assertThat(times(grey, 0, 0, 1)).containsExactly(new double[] {0.0722, 0.0722, 0.0722}, within(1e-9));
    }

    @Test
    void saturation_keeps_greys_and_luminance() {
        double[] vivid = times(new Tone(0, 1, 160, 0, 0).colours(), 0.6, 0.3, 0.1);
        assertThat(0.2126 * vivid[0] + 0.7152 * vivid[1] + 0.0722 * vivid[2])
                .isCloseTo(0.2126 * 0.6 + 0.7152 * 0.3 + 0.0722 * 0.1, within(1e-9));
        assertThat(vivid[0]).isGreaterThan(0.6);
        assertThat(times(new Tone(0, 1, 160, 0, 0).colours(), 0.4, 0.4, 0.4))
                .containsExactly(new double[] {0.4, 0.4, 0.4}, within(1e-9));
    }

    /** White gets the chromaticities of the CIE's daylights D50, D55, D75 (CIE 15:2004, table T.3), from memory. */
    @ParameterizedTest
    @CsvSource({"5003, 0.34567, 0.35851", "5503, 0.33243, 0.34744", "7504, 0.29902, 0.31485"})
    void white_becomes_the_daylight_of_another_temperature(double kelvins, double x, double y) {
        double mired = 1e6 / kelvins - 1e6 / 6504;
        double[] white = times(TO_XYZ, times(new Tone(0, 1, 100, mired, 0).colours(), 1, 1, 1));
        double sum = white[0] + white[1] + white[2];
        assertThat(white[0] / sum).isCloseTo(x, within(3e-4));
        assertThat(white[1] / sum).isCloseTo(y, within(3e-4));
        assertThat(white[1]).as("as bright as before").isCloseTo(1, within(2e-3));
    }

    @Test
    void warmer_light_is_redder_and_warmth_stops_where_daylight_does() {
        double[] warm = times(new Tone(0, 1, 100, 50, 0).colours(), 0.5, 0.5, 0.5);
        assertThat(warm[0]).isGreaterThan(0.5);
        assertThat(warm[2]).isLessThan(0.5);
        assertThat(new Tone(0, 1, 100, 500, 0).colours()).isDeepEqualTo(new Tone(0, 1, 100, 96, 0).colours());
    }

    @Test
    void tint_goes_from_green_to_magenta_and_back() {
        double[] magenta = times(new Tone(0, 1, 100, 0, 100).colours(), 1, 1, 1);
        assertThat(magenta[1]).isCloseTo(Math.sqrt(0.5), within(1e-9));
        assertThat(magenta[0]).isEqualTo(magenta[2]).isGreaterThan(1);
        double[] green = times(new Tone(0, 1, 100, 0, -100).colours(), magenta);
        assertThat(green).containsExactly(new double[] {1, 1, 1}, within(1e-9));
    }
}
