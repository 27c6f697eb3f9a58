package amberlens.core.render.filter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.bytedeco.opencv.global.opencv_core.BORDER_REPLICATE;
import static org.bytedeco.opencv.global.opencv_core.CV_32F;
import static org.bytedeco.opencv.global.opencv_imgproc.GaussianBlur;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.colour.Srgb;
import amberlens.core.base.geometry.Portion;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Size;
import amberlens.core.pixels.raster.CodeRaster;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.frame.Compositor;
import amberlens.core.render.frame.FrameRaster;
import amberlens.core.render.frame.Layer;
import amberlens.core.render.frame.Seen;
import java.util.List;
import java.util.Random;
import java.util.function.IntBinaryOperator;
import org.bytedeco.javacpp.indexer.FloatIndexer;
import org.bytedeco.opencv.opencv_core.Mat;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Blurred frames against OpenCV's Gaussian blur in 32-bit floats, in the codes that are seen. */
class SoftnessTest {
    private static final Size FRAME = new Size(240, 136);

    private static final Seen.Bounds BOUNDS = new Seen.Bounds(0, 0, 240, 136);

    /** Hard edges, thin lines, noise and black beside white: whatever a coarser computation could get wrong. */
    private static int grey(int x, int y) {
        if (x < 60) {
            return (x / 3 + y / 5) % 2 == 0 ? 255 : 0;
        }
        if (x < 120) {
            return y < 70 ? 0 : 255;
        }
        if (x < 180) {
            return x % 17 == 0 || y % 23 == 0 ? 255 : 12;
        }
        return new Random(x * 1000L + y).nextInt(256);
    }

    private static Pyramid picture(IntBinaryOperator grey) {
        int[] pixels = new int[(int) FRAME.area()];
        for (int y = 0; y < FRAME.height(); y++) {
            for (int x = 0; x < FRAME.width(); x++) {
                int code = grey.applyAsInt(x, y);
                pixels[y * FRAME.width() + x] = CodeRaster.pixel(code, code, code, 255);
            }
        }
        return Pyramid.of(CodeRaster.ofEightBits(FRAME, pixels, true), Rows.ALONE);
    }

    private static FrameRaster soft(Pyramid picture, double sigmaX, double sigmaY) {
        var layer = new Layer(picture, Portion.WHOLE, ProjectiveMap.IDENTITY, true, true);
        return Compositor.compose(
                List.of(new Seen.Soft(layer, sigmaX, sigmaY, BOUNDS)), new Colour(0xFF00FF), FRAME, Rows.ALONE);
    }

    private static int worst(double sigmaX, double sigmaY) {
        FrameRaster ours = soft(picture(SoftnessTest::grey), sigmaX, sigmaY);
        try (Mat light = new Mat(FRAME.height(), FRAME.width(), CV_32F);
                FloatIndexer pixels = light.createIndexer()) {
            for (int y = 0; y < FRAME.height(); y++) {
                for (int x = 0; x < FRAME.width(); x++) {
                    pixels.put(y, x, (float) Srgb.toLinear(grey(x, y) / 255.0));
                }
            }
            var taps = new org.bytedeco.opencv.opencv_core.Size(taps(sigmaX), taps(sigmaY));
            GaussianBlur(light, light, taps, Math.max(sigmaX, 1e-6), Math.max(sigmaY, 1e-6), BORDER_REPLICATE, 0);
            int worst = 0;
            for (int y = 0; y < FRAME.height(); y++) {
                for (int x = 0; x < FRAME.width(); x++) {
                    int theirs = (int) Math.round(255 * Srgb.toEncoded(Math.clamp(pixels.get(y, x), 0, 1)));

                    worst = Math.max(worst, Math.abs((ours.rgb(x, y) & 0xFF) - theirs));
                }
            }
            return worst;
        }
    }

    private static int taps(double sigma) {
        return sigma == 0 ? 1 : 2 * (int) Math.ceil(6 * sigma) + 1;
    }

    @ParameterizedTest
    @CsvSource({"0.6", "1.5", "3", "4.9", "5", "7", "10", "20", "45", "100"})
    void softness_is_a_gaussian_to_within_a_code(double sigma) {
        assertThat(worst(sigma, sigma)).isLessThanOrEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"0.4", "1.5"})
    void calm_is_a_gaussian_down_only(double sigma) {
        assertThat(worst(0, sigma)).isLessThanOrEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"2", "10", "100"})
    void a_picture_that_covers_stays_opaque_to_the_last_border_pixel(double sigma) {
        FrameRaster white = soft(picture((_, _) -> 255), sigma, sigma);
        for (int argb : white.argb()) {
            assertThat(argb).isEqualTo(0xFFFFFFFF);
        }
    }

    @Test
    void an_inset_softens_at_its_own_edges() {
        var inset = new Layer(picture((_, _) -> 255), new ProjectiveMap(0.5, 0, 60, 0, 0.5, 34, 0, 0, 1), false);
        FrameRaster frame =
                Compositor.compose(List.of(new Seen.Soft(inset, 4, 4, BOUNDS)), Colour.BLACK, FRAME, Rows.ALONE);
        double light = Srgb.toLinear((frame.rgb(60, 68) & 0xFF) / 255.0);
        assertThat(light).as("half a pixel inside the edge").isBetween(0.5, 0.6);
        assertThat(frame.rgb(120, 68)).isEqualTo(0xFFFFFF);
        assertThat(frame.rgb(30, 68)).isZero();
    }
}
