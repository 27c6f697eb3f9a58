package amberlens.core.render.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.bytedeco.opencv.global.opencv_core.BORDER_REPLICATE;
import static org.bytedeco.opencv.global.opencv_core.CV_32F;
import static org.bytedeco.opencv.global.opencv_imgproc.INTER_CUBIC;
import static org.bytedeco.opencv.global.opencv_imgproc.WARP_INVERSE_MAP;
import static org.bytedeco.opencv.global.opencv_imgproc.warpAffine;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.colour.Srgb;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import java.util.List;
import java.util.Optional;
import org.bytedeco.javacpp.indexer.DoubleIndexer;
import org.bytedeco.javacpp.indexer.FloatIndexer;
import org.bytedeco.opencv.opencv_core.Mat;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Whole frames against OpenCV's {@code warpAffine}. It rounds offsets to 1/32 pixel and uses the cubic kernel with
 * a = −3/4 where ours has −1/2, so on a smooth picture both differ by at most the gradient times 1/32 pixel and the small
 * difference of the kernels; a shift by half a pixel, the classical mistake, would differ ten times as much.
 */
class ComputerVisionComparisonTest {
    private static final Size PICTURE = new Size(700, 500);
    private static final Size FRAME = new Size(320, 180);
    private static final double GRADIENT = 0.5 / 12;

    private static double rule(double x, double y) {
        return 0.5 + 0.25 * Math.sin(x / 12) + 0.25 * Math.cos(y / 12);
    }

    @ParameterizedTest
    @CsvSource({"100, 0", "100, 2", "137.5, -11", "250, 47", "110, 90"})
    void frames_agree_within_the_reference_s_rounding(double percent, double degrees) {
        Pose pose =
                Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(percent)).withDegrees(degrees);
        Pyramid picture = TestPictures.pyramid(PICTURE, ComputerVisionComparisonTest::rule);
        var layer = LineUpFrame.layer(picture, pose, FRAME, FRAME);
        DeepRaster ours = Compositor.composeDeep(List.of(layer), Optional.of(Colour.BLACK), FRAME, Rows.ALONE);
        try (Mat reference = reference(layer.toOutput().inverse());
                FloatIndexer theirs = reference.createIndexer()) {
            double worst = 0;
            double sum = 0;
            for (int y = 0; y < FRAME.height(); y++) {
                for (int x = 0; x < FRAME.width(); x++) {
                    double mine = Srgb.toLinear(ours.code(x, y, 2) / 65535.0);
                    double difference = Math.abs(mine - theirs.get(y, x));
                    worst = Math.max(worst, difference);
                    sum += difference;
                }
            }
            double rounding = GRADIENT / 32 * Math.sqrt(2);
            assertThat(worst).isLessThan(rounding + 0.004);
            assertThat(sum / FRAME.area()).isLessThan(0.003);
        }
    }

    /** OpenCV puts pixel centres at whole numbers, we at halves: u − ½ = M·(x − ½ + ½) … */
    private static Mat reference(ProjectiveMap toPicture) {
        try (Mat source = new Mat(PICTURE.height(), PICTURE.width(), CV_32F);
                FloatIndexer pixels = source.createIndexer();
                Mat matrix = new Mat(2, 3, org.bytedeco.opencv.global.opencv_core.CV_64F);
                DoubleIndexer m = matrix.createIndexer()) {
            for (int y = 0; y < PICTURE.height(); y++) {
                for (int x = 0; x < PICTURE.width(); x++) {
                    pixels.put(y, x, (float) rule(x, y));
                }
            }
            m.put(0, 0, toPicture.xx());
            m.put(0, 1, toPicture.xy());
            m.put(0, 2, toPicture.x(0.5, 0.5) - 0.5);
            m.put(1, 0, toPicture.yx());
            m.put(1, 1, toPicture.yy());
            m.put(1, 2, toPicture.y(0.5, 0.5) - 0.5);
            Mat result = new Mat();
            warpAffine(
                    source,
                    result,
                    matrix,
                    new org.bytedeco.opencv.opencv_core.Size(FRAME.width(), FRAME.height()),
                    INTER_CUBIC | WARP_INVERSE_MAP,
                    BORDER_REPLICATE,
                    org.bytedeco.opencv.opencv_core.Scalar.all(0));
            return result;
        }
    }

    @Test
    void the_kernel_keeps_flat_pictures_flat() {
        Pyramid flat = TestPictures.pyramid(PICTURE, (_, _) -> 0.31);
        Pose pose = Pose.neutral(PICTURE, FRAME).withDegrees(13).withScale(Scale.uniform(77));
        var frame = Compositor.composeDeep(
                List.of(LineUpFrame.layer(flat, pose, FRAME, FRAME)), Optional.of(Colour.BLACK), FRAME, Rows.ALONE);
        for (int i = 0; i < FRAME.area(); i++) {
            int code = frame.code(i % FRAME.width(), i / FRAME.width(), 1);
            assertThat(code).isCloseTo(frame.code(0, 0, 1), within(2));
        }
    }
}
