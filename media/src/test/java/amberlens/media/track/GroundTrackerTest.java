package amberlens.media.track;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.material.track.Spot;
import amberlens.core.material.track.Track;
import amberlens.core.pixels.raster.CodeRaster;
import amberlens.core.pixels.raster.Raster;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Drawn ground under a hand that trembles, with something that crosses it. */
class GroundTrackerTest {
    private static final Size SIZE = new Size(640, 360);
    private static final int FRAMES = 24;
    private static final double[] WAVES = waves();

    /** Length, direction, phase and height of many waves: no pattern repeats. */
    private static double[] waves() {
        var random = new Random(12);
        var waves = new double[4 * 24];
        for (int i = 0; i < waves.length; i += 4) {
            double pace = 2 * Math.PI / (9 + 60 * random.nextDouble());
            double direction = 2 * Math.PI * random.nextDouble();
            waves[i] = pace * Math.cos(direction);
            waves[i + 1] = pace * Math.sin(direction);
            waves[i + 2] = 2 * Math.PI * random.nextDouble();
            waves[i + 3] = 14;
        }
        return waves;
    }

    private static double shade(double x, double y) {
        double sum = 120;
        for (int i = 0; i < WAVES.length; i += 4) {
            sum += WAVES[i + 3] * Math.sin(WAVES[i] * x + WAVES[i + 1] * y + WAVES[i + 2]);
        }
        return sum;
    }

    private static double dx(int frame) {
        return frame == 0 ? 0 : 5 * Math.sin(frame * 0.9);
    }

    private static double dy(int frame) {
        return frame == 0 ? 0 : 3 * Math.sin(frame * 1.3);
    }

    private static double degrees(int frame) {
        return 0.6 * Math.sin(frame / 3.0);
    }

    private static double scale(int frame) {
        return 1 + 0.006 * Math.sin(frame / 4.0);
    }

    private static Raster frame(int frame) {
        var random = new Random(frame);
        var codes = new int[Math.toIntExact(SIZE.area())];
        double turn = Math.toRadians(degrees(frame));
        for (int i = 0; i < codes.length; i++) {
            double x = i % SIZE.width() + 0.5 - 320 - dx(frame);
            double y = i / SIZE.width() + 0.5 - 180 - dy(frame);
            double groundX = (Math.cos(turn) * x + Math.sin(turn) * y) / scale(frame);
            double groundY = (Math.cos(turn) * y - Math.sin(turn) * x) / scale(frame);
            boolean crossing = Math.hypot(i % SIZE.width() - 60 - 20 * frame, i / SIZE.width() - 200) < 70;
            double shade = crossing
                    ? shade(i % SIZE.width() + 900 - 20 * frame, i / SIZE.width() + 900)
                    : shade(groundX, groundY);
            int code = Math.clamp(Math.round(shade + 4 * random.nextGaussian()), 0, 255);
            codes[i] = 0xFF000000 | code * 0x010101;
        }
        return CodeRaster.ofEightBits(SIZE, codes, true);
    }

    private static Raster another() {
        var codes = new int[Math.toIntExact(SIZE.area())];
        for (int i = 0; i < codes.length; i++) {
            int code = Math.clamp(
                    Math.round(shade(5000 - 2.0 * (i % SIZE.width()), 7000 + 3.0 * (i / SIZE.width()))), 0, 255);
            codes[i] = 0xFF000000 | code * 0x010101;
        }
        return CodeRaster.ofEightBits(SIZE, codes, true);
    }

    @Test
    void the_way_of_the_ground_is_found_in_spite_of_what_crosses_it() throws Exception {
        Track ground = new GroundTracker(GroundTrackerTest::frame).track(SIZE, new FrameSpan(0, FRAMES - 1), _ -> true);
        assertThat(ground.spots()).hasSize(FRAMES);
        for (int frame = 0; frame < FRAMES; frame++) {
            Spot spot = ground.at(frame).orElseThrow();
            assertThat(spot.at().x()).as("frame %d", frame).isCloseTo(320 + dx(frame), within(0.3));
            assertThat(spot.at().y()).as("frame %d", frame).isCloseTo(180 + dy(frame), within(0.3));
            assertThat(spot.degrees()).as("frame %d", frame).isCloseTo(degrees(frame), within(0.05));
            assertThat(spot.scale()).as("frame %d", frame).isCloseTo(scale(frame), within(0.001));
            assertThat(spot.weak()).isFalse();
        }
    }

    @Test
    void another_picture_is_no_ground_that_moved() throws Exception {
        Track ground =
                new GroundTracker(at -> at < 3 ? frame(at) : another()).track(SIZE, new FrameSpan(0, 4), _ -> true);
        assertThat(ground.at(2).orElseThrow().weak()).isFalse();
        assertThat(ground.at(4).orElseThrow().weak()).isTrue();
    }

    @Test
    void a_plain_picture_gives_nothing_to_hold_on_to() {
        var codes = new int[Math.toIntExact(SIZE.area())];
        Arrays.fill(codes, 0xFF808080);
        Raster plain = CodeRaster.ofEightBits(SIZE, codes, true);
        assertThatThrownBy(() -> new GroundTracker(_ -> plain).track(SIZE, new FrameSpan(0, 3), _ -> true))
                .hasMessageContaining("too little");
    }
}
