package amberlens.core.render;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class Rgba16Test {
    @RepeatedTest(40)
    void a_packed_sum_equals_four_separate_ones(RepetitionInfo run) {
        var chance = new Random(run.getCurrentRepetition());
        long[] pixels = new long[8];
        int[] weights = new int[8];
        double[] exact = new double[8];
        for (int i = 0; i < 8; i++) {
            pixels[i] = Rgba16.pack(extreme(chance), extreme(chance), extreme(chance), extreme(chance));
            exact[i] = Cubic.weight((i - 3.5 + chance.nextDouble() - 0.5) / 2) / 2;
        }
        Rgba16.quantise(exact, 8, weights, 0);
        assertThat(Arrays.stream(weights).sum()).isEqualTo(Rgba16.ONE);
        long[] sums = new long[4];
        for (int i = 0; i < 8; i++) {
            sums[0] += (long) Rgba16.red(pixels[i]) * weights[i];
            sums[1] += (long) Rgba16.green(pixels[i]) * weights[i];
            sums[2] += (long) Rgba16.blue(pixels[i]) * weights[i];
            sums[3] += (long) Rgba16.alpha(pixels[i]) * weights[i];
        }
        long redBlue = Rgba16.eight(pixels, 0, 0, weights, 0);
        long greenAlpha = Rgba16.any(pixels, 0, 16, weights);
        assertThat(Rgba16.low(redBlue)).isEqualTo((int) sums[0]);
        assertThat(Rgba16.low(greenAlpha)).isEqualTo((int) sums[1]);
        assertThat(Rgba16.high(redBlue)).isEqualTo((int) sums[2]);
        assertThat(Rgba16.high(greenAlpha)).isEqualTo((int) sums[3]);
    }

    /** Black and white beside each other make the largest sums of both signs. */
    private static int extreme(Random chance) {
        return chance.nextInt(3) == 0 ? chance.nextInt(65536) : chance.nextBoolean() ? 65535 : 0;
    }

    @Test
    void the_kernel_is_the_published_one() {
        // R. G. Keys 1981, a = −1/2: 1 at 0, 0 at 1 and 2, 9/16 and −1/16 at the half distances.
        assertThat(Cubic.weight(0.0)).isEqualTo(1);
        assertThat(Cubic.weight(0.5)).isEqualTo(9 / 16.0);
        assertThat(Cubic.weight(-1.5)).isEqualTo(-1 / 16.0);
        assertThat(Cubic.weight(1.0)).isZero();
        assertThat(Cubic.weight(2.0)).isZero();
        for (double x = -2.5; x <= 2.5; x += 0.01) {
            assertThat((double) Cubic.weight((float) x)).isCloseTo(Cubic.weight(x), within(1e-6));
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.26, 0.5, 0.61, 0.99, 1, 1.7, 12})
    void taps_along_an_axis_sum_to_one_and_stay_on_the_picture(double scale) {
        Taps taps = new Taps(50, 40, scale, -3.25);
        for (int out = 0; out < 50; out++) {
            int sum = 0;
            for (int tap = 0; tap < taps.count; tap++) {
                sum += taps.weights[out * taps.count + tap];
            }
            assertThat(sum).isEqualTo(Rgba16.ONE);
            assertThat(taps.first[out]).isBetween(0, 40 - taps.count);
        }
    }

    @Test
    void coverage_falls_from_one_to_zero_over_a_pixel() {
        assertThat(Coverage.of(0.5, 1)).isEqualTo(1);
        assertThat(Coverage.of(0, 1)).isEqualTo(0.5);
        assertThat(Coverage.of(-0.5, 1)).isZero();
        assertThat(Coverage.of(0.5, Math.sqrt(2))).isLessThan(1);
    }
}
