package amberlens.core.material.planes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.bytedeco.opencv.global.opencv_core.perspectiveTransform;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.geometry.Zoom;
import amberlens.core.motion.pose.Pose;
import java.util.Random;
import org.bytedeco.javacpp.DoublePointer;
import org.bytedeco.javacpp.indexer.DoubleIndexer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.opencv_core.Mat;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ParallaxTest {
    private static final Size PICTURE = new Size(3000, 2400);
    private static final Size FRAME = new Size(1920, 1080);

    /**
     * The picture's things stand in space where a pinhole camera of the computer-vision library would have pictured them; the camera goes
     * elsewhere and turns about its own axis. What the library then sees is what the planes show.
     */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void planesLieWhereACameraWouldSeeThem(int seed) {
        Random chance = new Random(seed);
        double distance = 0.3 + 0.6 * chance.nextDouble();
        double forward = -0.4 + (0.2 + 0.6 * distance) * chance.nextDouble();
        double turn = 40 * chance.nextDouble() - 20;
        double x = PICTURE.width() * (0.3 + 0.4 * chance.nextDouble());
        double y = PICTURE.height() * (0.3 + 0.4 * chance.nextDouble());
        double focal =
                0.64; // the ground is one unit away and as wide as the picture in pixels: 1920 / 3000 fills the frame
        Pose pose = new Pose(Scale.uniform(100 * focal / (1 - forward)), FRAME.centre(), turn, new PicturePoint(x, y));
        Plane plane = Cuts.square(100, 100, 50, distance, Fill.NONE);
        Zoom zoom = Parallax.of(pose.map(), PICTURE, FRAME, 1).of(plane).orElseThrow();
        for (int i = 0; i < 20; i++) {
            double qx = PICTURE.width() * chance.nextDouble();
            double qy = PICTURE.height() * chance.nextDouble();
            double[] seen =
                    seen((qx - 1500) * distance, (qy - 1200) * distance, distance, x - 1500, y - 1200, forward, turn);
            FramePoint shown =
                    pose.toFrame(new PicturePoint(qx * zoom.times() + zoom.byX(), qy * zoom.times() + zoom.byY()));
            assertThat(shown.x()).isEqualTo(seen[0], within(1e-6));
            assertThat(shown.y()).isEqualTo(seen[1], within(1e-6));
        }
    }

    private static double[] seen(double px, double py, double pz, double cx, double cy, double cz, double degrees) {
        double cos = Math.cos(Math.toRadians(degrees));
        double sin = Math.sin(Math.toRadians(degrees));
        double toX = -cos * cx + sin * cy;
        double toY = -sin * cx - cos * cy;
        double toZ = -cz;
        double f = 0.64;
        // Lens times (turn | shift), the pinhole camera of the library's handbook; its own function of it lies in a
        // module that wants windows.
        double[] camera = {
            f * cos,
            -f * sin,
            960,
            f * toX + 960 * toZ,
            f * sin,
            f * cos,
            540,
            f * toY + 540 * toZ,
            0,
            0,
            1,
            toZ,
            0,
            0,
            1,
            toZ
        };
        try (Mat points = new Mat(1, 1, opencv_core.CV_64FC3, new DoublePointer(px, py, pz)).clone();
                Mat map = new Mat(4, 4, opencv_core.CV_64F, new DoublePointer(camera)).clone();
                Mat out = new Mat()) {
            perspectiveTransform(points, out, map);
            try (DoubleIndexer indexer = out.createIndexer()) {
                return new double[] {indexer.get(0, 0, 0), indexer.get(0, 0, 1)};
            }
        }
    }

    @Test
    void nothingIsShiftedFromWhereThePictureWasTaken() {
        Pose home = Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(64));
        Zoom zoom = Parallax.of(home.map(), PICTURE, FRAME, 1)
                .of(Cuts.square(0, 0, 9, 0.4, Fill.NONE))
                .orElseThrow();
        assertThat(zoom.times()).isEqualTo(1, within(1e-12));
        assertThat(zoom.byX()).isEqualTo(0, within(1e-9));
    }

    @Test
    void aPlaneFadesBeforeTheLensPassesIt() {
        Plane near = Cuts.square(0, 0, 9, 0.5, Fill.NONE);
        assertThat(at(1.5).opacity(near))
                .isEqualTo(1); // a third of the way, half of the plane's distance is left to go
        assertThat(at(1.75).opacity(near)).isBetween(0.1, 0.9);
        assertThat(at(2).opacity(near)).isZero();
        assertThat(at(2).of(near)).isEmpty();
        assertThat(at(2).of(near.withDistance(0.9))).isPresent();
    }

    private static Parallax at(double times) {
        Pose pose = Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(64 * times));
        return Parallax.of(pose.map(), PICTURE, FRAME, 1);
    }

    @Test
    void halfTheStrengthIsHalfTheShift() {
        Pose aside = Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(64)).withPosition(new FramePoint(700, 540));
        Plane plane = Cuts.square(0, 0, 9, 0.5, Fill.NONE);
        double whole = Parallax.of(aside.map(), PICTURE, FRAME, 1)
                .of(plane)
                .orElseThrow()
                .byX();
        double half = Parallax.of(aside.map(), PICTURE, FRAME, 0.5)
                .of(plane)
                .orElseThrow()
                .byX();
        assertThat(half).isEqualTo(whole / 2, within(1e-9));
        assertThat(Math.abs(whole)).isEqualTo(260 / 0.64, within(1e-6));
    }
}
