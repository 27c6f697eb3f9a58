package amberlens.media.raster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HdrCurveTest {
    private static int grey(HdrCurve curve, double code) {
        int value = (int) Math.round(65535 * code);
        int[] row = {value, value, value, 65535};
        curve.toLinear(row);
        assertThat(row[1]).as("grey stays grey").isCloseTo(row[0], within(60));
        return row[0];
    }

    /**
     * ITU-R BT.2408, table 1: the reference white of 203 nits lies at 58 % of the PQ and at 75 % of the HLG signal. Mapped it is
     * (1 + 1/M²)/2 with M = 1000/203.
     */
    @ParameterizedTest
    @CsvSource({"PQ, 0.58", "HLG, 0.75"})
    void reference_white_comes_out_alike_from_both(HdrCurve curve, double code) {
        double wanted = 65535 * (1 + Math.pow(203.0 / 1000, 2)) / 2;
        assertThat((double) grey(curve, code)).isCloseTo(wanted, within(0.02 * 65535));
    }

    @ParameterizedTest
    @CsvSource({"PQ, 0.751827", "HLG, 1"})
    void the_peak_of_a_thousand_nits_is_white(HdrCurve curve, double code) {
        assertThat(grey(curve, code)).isCloseTo(65535, within(300));
        assertThat(grey(curve, 0)).isZero();
    }
}
