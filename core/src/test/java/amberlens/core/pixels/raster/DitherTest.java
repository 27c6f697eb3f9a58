package amberlens.core.pixels.raster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.colour.Srgb;
import java.util.List;
import java.util.stream.IntStream;
import org.jtransforms.fft.DoubleFFT_2D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Smooth light in codes: its mean is the light, its noise is even and fine, and what was a code stays one. */
class DitherTest {
    private static final int SIDE = Dither.SIDE;

    @Test
    void the_mask_that_ships_is_what_voids_and_clusters_make() {
        assertThat(BlueNoise.ranks()).isEqualTo(VoidAndCluster.ranks(SIDE, 7));
        assertThat(IntStream.of(BlueNoise.ranks()).sorted().toArray())
                .isEqualTo(IntStream.range(0, SIDE * SIDE).toArray());
    }

    /** Blue noise has nearly nothing of low frequencies: what the eye sees of a pattern. White noise has the same of all. */
    @Test
    void its_spectrum_is_blue() {
        double[] thresholds = IntStream.of(BlueNoise.ranks()).asDoubleStream().toArray();
        double mean = IntStream.of(BlueNoise.ranks()).average().orElseThrow();
        for (int i = 0; i < thresholds.length; i++) {
            thresholds[i] -= mean;
        }
        double[] spectrum = new double[2 * thresholds.length];
        System.arraycopy(thresholds, 0, spectrum, 0, thresholds.length);
        new DoubleFFT_2D(SIDE, SIDE).realForwardFull(spectrum);
        double low = 0;
        int lows = 0;
        double high = 0;
        int highs = 0;
        for (int y = 0; y < SIDE; y++) {
            for (int x = 0; x < SIDE; x++) {
                double power = square(spectrum[2 * (y * SIDE + x)]) + square(spectrum[2 * (y * SIDE + x) + 1]);
                double frequency = Math.hypot(Math.min(x, SIDE - x), Math.min(y, SIDE - y));
                if (frequency > 0 && frequency <= 8) {
                    low += power;
                    lows++;
                } else if (frequency >= 20 && frequency <= 32) {
                    high += power;
                    highs++;
                }
            }
        }
        assertThat(low / lows).isLessThan(0.03 * high / highs);
    }

    private static List<Loops> ways() {
        return Loops.vectors() ? List.of(Loops.plain(), new VectorLoops()) : List.of(Loops.plain());
    }

    private static double square(double value) {
        return value * value;
    }

    private static int[] even(double value, Loops loops) {
        float[] light = new float[4 * SIDE + Loops.SPARE];
        for (int i = 0; i < 4 * SIDE; i++) {
            light[i] = i % 4 == 3 ? 1 : (float) Srgb.toLinear(value / 255);
        }
        int[] codes = new int[SIDE * SIDE];
        for (int y = 0; y < SIDE; y++) {
            loops.encode(light, 0, codes, y * SIDE, SIDE, 0, y);
        }
        for (int code : codes) {
            assertThat(code >> 16 & 0xFF)
                    .as("grey stays grey")
                    .isEqualTo(code >> 8 & 0xFF)
                    .isEqualTo(code & 0xFF);
        }
        return IntStream.of(codes).map(code -> code & 0xFF).toArray();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.1, 0.31, 0.5, 0.9, 1.5, 3.96, 40.25, 127.5, 128.06, 200.71, 254.3, 254.9})
    void sixteen_by_sixteen_pixels_have_the_mean_of_the_light_with_little_noise(double value) {
        for (Loops loops : ways()) {
            int[] codes = even(value, loops);
            for (int top = 0; top < SIDE; top += 16) {
                for (int left = 0; left < SIDE; left += 16) {
                    double sum = 0;
                    double squares = 0;
                    for (int i = 0; i < 256; i++) {
                        int code = codes[(top + i / 16) * SIDE + left + i % 16];
                        sum += code;
                        squares += (code - value) * (code - value);
                    }
                    assertThat(sum / 256).isCloseTo(value, within(0.1));
                    assertThat(Math.sqrt(squares / 256)).isLessThan(0.6);
                }
            }
        }
    }

    @Test
    void what_is_a_code_stays_that_code_and_black_and_white_stay() {
        int[] codes = IntStream.range(0, 256)
                .map(code -> CodeRaster.pixel(code, 255 - code, code * 7 % 256, 255))
                .toArray();
        float[] light = new float[4 * 256 + Loops.SPARE];
        int[] argb = new int[256];
        for (Loops loops : ways()) {
            loops.decodeOpaque(codes, 0, 256, light, 0);
            for (int row = 0; row < 64; row++) {
                loops.encode(light, 0, argb, 0, 256, 13 * row, row);
                for (int code = 0; code < 256; code++) {
                    assertThat(argb[code]).isEqualTo(0xFF000000 | code << 16 | 255 - code << 8 | code * 7 % 256);
                }
            }
        }
    }

    /** Six codes over 1920 pixels, the slowest of ramps. */
    @Test
    void no_run_of_equal_codes_is_longer_than_forty_pixels_along_a_slow_ramp() {
        int width = 1920;
        float[] light = new float[4 * width + Loops.SPARE];
        for (int x = 0; x < width; x++) {
            float grey = (float) Srgb.toLinear((90 + 6.0 * x / width) / 255);
            light[4 * x] = grey;
            light[4 * x + 1] = grey;
            light[4 * x + 2] = grey;
            light[4 * x + 3] = 1;
        }
        int[] argb = new int[width];
        for (Loops loops : ways()) {
            for (int y = 0; y < SIDE; y++) {
                loops.encode(light, 0, argb, 0, width, 0, y);
                int run = 0;
                int longest = 0;
                for (int x = 10; x < width; x++) { // it begins at a code
                    run = argb[x] == argb[x - 1] ? run + 1 : 1;
                    longest = Math.max(longest, run);
                }
                assertThat(longest).as("row %d", y).isLessThanOrEqualTo(40);
            }
        }
    }
}
