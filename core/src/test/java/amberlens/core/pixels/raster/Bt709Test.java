package amberlens.core.pixels.raster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class Bt709Test {
    /**
     * ITU-R BT.709-6, items 3.2 to 3.4: Y′ = 0.2126 R′ + 0.7152 G′ + 0.0722 B′, quantised to 16 … 235; Cb and Cr scaled by
     * 1.8556 and 1.5748 to 16 … 240. The numbers are computed here in floating point.
     */
    @ParameterizedTest
    @CsvSource({"000000", "FFFFFF", "FF0000", "00FF00", "0000FF", "808080", "F5A83B", "123456"})
    void a_flat_colour_has_the_standard_s_code_values(String hex) {
        int rgb = Integer.parseInt(hex, 16);
        int[] argb = new int[64];
        Arrays.fill(argb, 0xFF000000 | rgb);
        byte[] luma = new byte[64];
        byte[] cb = new byte[16];
        byte[] cr = new byte[16];
        Loops.plain().luma(argb, 0, 64, luma, 0);
        Loops.plain().chroma(argb, 0, 32, 16, cb, cr);
        double r = (rgb >> 16) / 255.0;
        double g = (rgb >> 8 & 0xFF) / 255.0;
        double b = (rgb & 0xFF) / 255.0;
        double y = 0.2126 * r + 0.7152 * g + 0.0722 * b;
        for (int i = 0; i < 64; i++) {
            assertThat(luma[i] & 0xFF).isCloseTo((int) Math.round(16 + 219 * y), within(1));
        }
        for (int i = 0; i < 16; i++) {
            assertThat(cb[i] & 0xFF).isCloseTo((int) Math.round(128 + 224 * (b - y) / 1.8556), within(1));
            assertThat(cr[i] & 0xFF).isCloseTo((int) Math.round(128 + 224 * (r - y) / 1.5748), within(1));
        }
        assertThat(r == g && g == b ? cb[0] & 0xFF : 128).isEqualTo(128);
    }

    /** Widths with and without a rest behind the vectors' steps. */
    @ParameterizedTest
    @ValueSource(ints = {2, 30, 32, 34, 62, 64, 190, 1000})
    void vectors_give_the_same_bit_for_bit(int width) {
        assumeThat(Loops.vectors()).isTrue();
        var random = new Random(width);
        int[] argb = new int[2 * width];
        Arrays.setAll(argb, _ -> 0xFF000000 | random.nextInt(1 << 24));
        var plain = new byte[][] {new byte[width], new byte[width / 2], new byte[width / 2]};
        var wide = new byte[][] {new byte[width], new byte[width / 2], new byte[width / 2]};
        Loops.plain().luma(argb, 0, width, plain[0], 0);
        Loops.plain().chroma(argb, 0, width, width / 2, plain[1], plain[2]);
        var vectors = new VectorLoops();
        vectors.luma(argb, 0, width, wide[0], 0);
        vectors.chroma(argb, 0, width, width / 2, wide[1], wide[2]);
        assertThat(wide).isDeepEqualTo(plain);
    }
}
