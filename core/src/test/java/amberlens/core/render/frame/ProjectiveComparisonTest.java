package amberlens.core.render.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.bytedeco.opencv.global.opencv_core.BORDER_REPLICATE;
import static org.bytedeco.opencv.global.opencv_core.CV_32F;
import static org.bytedeco.opencv.global.opencv_imgproc.INTER_CUBIC;
import static org.bytedeco.opencv.global.opencv_imgproc.WARP_INVERSE_MAP;
import static org.bytedeco.opencv.global.opencv_imgproc.getPerspectiveTransform;
import static org.bytedeco.opencv.global.opencv_imgproc.warpPerspective;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.colour.Srgb;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Size;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import java.util.List;
import java.util.Optional;
import org.bytedeco.javacpp.indexer.DoubleIndexer;
import org.bytedeco.javacpp.indexer.FloatIndexer;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Scalar;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whole frames through the homography of four corners against OpenCV's {@code getPerspectiveTransform} and {@code warpPerspective}. */
class ProjectiveComparisonTest {
    private static final Size PICTURE = new Size(700, 500);
    private static final Size FRAME = new Size(320, 180);
    private static final double GRADIENT = 0.5 / 12;

    private static double rule(double x, double y) {
        return 0.5 + 0.25 * Math.sin(x / 12) + 0.25 * Math.cos(y / 12);
    }

    /** Corners in frame pixels, in order around the picture; all of them enlarge, so that both read the same pixels. */
    @ParameterizedTest
    @CsvSource({
        "-300, -250, 900, -350, 1100, 800, -350, 500",
        "900, -350, 1100, 800, -350, 500, -300, -250",
        "1100, -260, -420, -300, -360, 520, 930, 700",
    })
    void frames_agree_within_the_reference_s_rounding(
            double ax, double ay, double bx, double by, double cx, double cy, double dx, double dy) {
        try (Mat from = corners(0, 0, 700, 0, 700, 500, 0, 500);
                Mat to = corners(ax, ay, bx, by, cx, cy, dx, dy);
                Mat matrix = getPerspectiveTransform(from, to)) {
            ProjectiveMap map = map(matrix);
            Pyramid picture = TestPictures.pyramid(PICTURE, ProjectiveComparisonTest::rule);
            var layer = new Layer(picture, map, true);
            DeepRaster ours = Compositor.composeDeep(List.of(layer), Optional.of(Colour.BLACK), FRAME, Rows.ALONE);
            Mat reference = reference(map.inverse());
            double worst = 0;
            double sum = 0;
            try (FloatIndexer theirs = reference.createIndexer()) {
                for (int y = 0; y < FRAME.height(); y++) {
                    for (int x = 0; x < FRAME.width(); x++) {
                        double mine = Srgb.toLinear(ours.code(x, y, 2) / 65535.0);
                        double difference = Math.abs(mine - theirs.get(y, x));
                        worst = Math.max(worst, difference);
                        sum += difference;
                    }
                }
            }
            assertThat(worst).isLessThan(GRADIENT / 32 * Math.sqrt(2) + 0.004);
            assertThat(sum / FRAME.area()).isLessThan(0.003);
        }
    }

    private static Mat corners(double... xy) {
        Mat corners = new Mat(4, 2, CV_32F);
        try (FloatIndexer places = corners.createIndexer()) {
            for (int i = 0; i < 8; i++) {
                places.put(i / 2, i % 2, (float) xy[i]);
            }
        }
        return corners;
    }

    private static ProjectiveMap map(Mat matrix) {
        try (DoubleIndexer m = matrix.createIndexer()) {
            return new ProjectiveMap(
                    m.get(0, 0),
                    m.get(0, 1),
                    m.get(0, 2),
                    m.get(1, 0),
                    m.get(1, 1),
                    m.get(1, 2),
                    m.get(2, 0),
                    m.get(2, 1),
                    m.get(2, 2));
        }
    }

    /** OpenCV puts pixel centres at whole numbers, we at halves. */
    private static Mat reference(ProjectiveMap toPicture) {
        ProjectiveMap centred = toPicture.afterShift(0.5, 0.5).thenShifted(-0.5, -0.5);
        try (Mat source = new Mat(PICTURE.height(), PICTURE.width(), CV_32F);
                FloatIndexer pixels = source.createIndexer();
                Mat matrix = new Mat(3, 3, org.bytedeco.opencv.global.opencv_core.CV_64F);
                DoubleIndexer m = matrix.createIndexer()) {
            for (int y = 0; y < PICTURE.height(); y++) {
                for (int x = 0; x < PICTURE.width(); x++) {
                    pixels.put(y, x, (float) rule(x, y));
                }
            }
            m.put(0, 0, centred.xx(), centred.xy(), centred.dx());
            m.put(1, 0, centred.yx(), centred.yy(), centred.dy());
            m.put(2, 0, centred.wx(), centred.wy(), centred.ww());
            Mat result = new Mat();
            warpPerspective(
                    source,
                    result,
                    matrix,
                    new org.bytedeco.opencv.opencv_core.Size(FRAME.width(), FRAME.height()),
                    INTER_CUBIC | WARP_INVERSE_MAP,
                    BORDER_REPLICATE,
                    Scalar.all(0));
            return result;
        }
    }
}
