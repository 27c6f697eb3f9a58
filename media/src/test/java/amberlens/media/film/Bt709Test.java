package amberlens.media.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.Size;
import amberlens.core.render.frame.FrameRaster;
import java.nio.ByteBuffer;
import java.util.Arrays;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class Bt709Test {
    /**
     * ITU-R BT.709-6, items 3.2 to 3.4: Y′ = 0.2126 R′ + 0.7152 G′ + 0.0722 B′, quantised to 16 … 235; Cb and Cr scaled by
     * 1.8556 and 1.5748 to 16 … 240. The numbers are computed here in floating point.
     */
    @ParameterizedTest
    @CsvSource({"000000", "FFFFFF", "FF0000", "00FF00", "0000FF", "808080", "F5A83B", "123456"})
    void a_flat_colour_has_the_standard_s_code_values(String hex) {
        int rgb = Integer.parseInt(hex, 16);
        var frame = new FrameRaster(new Size(4, 4), filled(0xFF000000 | rgb));
        ByteBuffer luma = ByteBuffer.allocate(16);
        ByteBuffer cb = ByteBuffer.allocate(4);
        ByteBuffer cr = ByteBuffer.allocate(4);
        Bt709.convert(frame, 0, 2, new Bt709.Plane(luma, 4), new Bt709.Plane(cb, 2), new Bt709.Plane(cr, 2));
        double r = (rgb >> 16) / 255.0;
        double g = (rgb >> 8 & 0xFF) / 255.0;
        double b = (rgb & 0xFF) / 255.0;
        double y = 0.2126 * r + 0.7152 * g + 0.0722 * b;
        for (int i = 0; i < 16; i++) {
            assertThat(luma.get(i) & 0xFF).isCloseTo((int) Math.round(16 + 219 * y), within(1));
        }
        for (int i = 0; i < 4; i++) {
            assertThat(cb.get(i) & 0xFF).isCloseTo((int) Math.round(128 + 224 * (b - y) / 1.8556), within(1));
            assertThat(cr.get(i) & 0xFF).isCloseTo((int) Math.round(128 + 224 * (r - y) / 1.5748), within(1));
        }
        assertThat(r == g && g == b ? cb.get(0) & 0xFF : 128).isEqualTo(128);
    }

    private static int[] filled(int argb) {
        int[] pixels = new int[16];
        Arrays.fill(pixels, argb);
        return pixels;
    }
}
