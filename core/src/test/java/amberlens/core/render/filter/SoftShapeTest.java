package amberlens.core.render.filter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.bytedeco.opencv.global.opencv_core.BORDER_CONSTANT;
import static org.bytedeco.opencv.global.opencv_core.CV_32F;
import static org.bytedeco.opencv.global.opencv_imgproc.GaussianBlur;

import org.bytedeco.javacpp.indexer.FloatIndexer;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Feathered shapes against OpenCV's Gaussian blur of the same shape, drawn four times as fine. */
class SoftShapeTest {
    private static final int SIZE = 160;
    private static final int FINER = 4;

    private interface Drawn {
        boolean in(double x, double y);
    }

    private static double worst(SoftShape outline, Drawn drawn, double sigma) {
        int size = SIZE * FINER;
        try (Mat shape = new Mat(size, size, CV_32F);
                FloatIndexer pixels = shape.createIndexer()) {
            for (int y = 0; y < size; y++) {
                for (int x = 0; x < size; x++) {
                    boolean in = drawn.in((x + 0.5) / FINER - SIZE / 2.0, (y + 0.5) / FINER - SIZE / 2.0);
                    pixels.put(y, x, in ? 1f : 0f);
                }
            }
            double wide = sigma * FINER;
            int taps = 2 * (int) Math.ceil(4 * wide) + 1;
            GaussianBlur(shape, shape, new Size(taps, taps), wide, wide, BORDER_CONSTANT, 0);
            double worst = 0;
            for (int y = 0; y < size; y += 3) {
                for (int x = 0; x < size; x += 3) {
                    float mine = outline.inside(
                            (float) ((x + 0.5) / FINER - SIZE / 2.0), (float) ((y + 0.5) / FINER - SIZE / 2.0), (float)
                                    (1 / sigma));
                    worst = Math.max(worst, Math.abs(mine - pixels.get(y, x)));
                }
            }
            return worst;
        }
    }

    @ParameterizedTest
    @CsvSource({"3", "8", "20"})
    void a_rectangle_is_its_gaussian(double sigma) {
        assertThat(worst(new SoftShape.Rectangle(40, 25), (x, y) -> Math.abs(x) <= 40 && Math.abs(y) <= 25, sigma))
                .isLessThan(0.012);
    }

    /** To the first order in the curvature: σ over the least radius of curvature, here 25²/40. */
    @ParameterizedTest
    @CsvSource({"1.5, 0.06", "3, 0.11"})
    void an_ellipse_is_its_gaussian_where_it_is_little_curved(double sigma, double bound) {
        assertThat(worst(new SoftShape.Ellipse(40, 25), (x, y) -> x * x / 1600 + y * y / 625 <= 1, sigma))
                .isLessThan(bound);
    }

    @Test
    void a_polygon_is_its_gaussian_along_its_sides() {
        var square = new SoftShape.Polygon(new float[] {-40, 40, 40, -40}, new float[] {-25, -25, 25, 25});
        var rectangle = new SoftShape.Rectangle(40, 25);
        for (float x = -30; x <= 30; x += 7) {
            for (float y = -40; y <= 40; y += 1.7f) {
                assertThat(square.inside(x, y, 1 / 2f)).isCloseTo(rectangle.inside(x, y, 1 / 2f), within(1e-3f));
            }
        }
    }

    @Test
    void round_corners_are_quarter_circles() {
        var rounded = new SoftShape.Rounded(40, 25, 10);
        float sharp = 100;
        assertThat(rounded.inside(39, 24, sharp)).as("cut off").isLessThan(0.01f);
        float on = (float) (30 + 10 * Math.sqrt(0.5));
        float down = (float) (15 + 10 * Math.sqrt(0.5));
        assertThat(rounded.inside(on, down, sharp)).isCloseTo(0.5f, within(0.01f));
        assertThat(rounded.inside(0, 24.9f, sharp)).isGreaterThan(0.99f);
        assertThat(rounded.inside(0, 25.1f, sharp)).isLessThan(0.01f);
    }

    /** Φ(1) and Φ(1.96), as in any table of the normal distribution. */
    @Test
    void the_table_of_the_normal_distribution_is_right() {
        assertThat(NormalTable.below(0)).isEqualTo(0.5f);
        assertThat(NormalTable.below(1)).isCloseTo(0.841345f, within(1e-6f));
        assertThat(NormalTable.below(-1.96f)).isCloseTo(0.024998f, within(1e-6f));
        assertThat(NormalTable.below(7)).isEqualTo(1);
        assertThat(NormalTable.below(-7)).isZero();
    }
}
