package amberlens.core.render.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.colour.Srgb;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.LinearRaster;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import java.util.List;
import org.junit.jupiter.api.Test;

class RenderingTest {
    private static final Size FRAME = new Size(320, 180);
    private static final Colour RED = new Colour(0xFF0000);

    private static FrameRaster render(Pyramid picture, Pose pose) {
        return Compositor.compose(List.of(LineUpFrame.layer(picture, pose, FRAME, FRAME)), RED, FRAME, Rows.ALONE);
    }

    private static double linear(int rgb) {
        return Srgb.toLinear((rgb & 0xFF) / 255.0);
    }

    /** A soft disc is moved by fractions of a pixel, turned and not: its centroid follows the map. */
    @Test
    void a_disc_on_slow_moves_is_where_it_is_computed_to_be() {
        var size = new Size(640, 480);
        var middle = new PicturePoint(300.37, 221.81);
        Pyramid disc = TestPictures.pyramid(
                size,
                (x, y) -> Math.clamp(0.5 + (30 - Math.hypot(x + 0.5 - middle.x(), y + 0.5 - middle.y())) / 3, 0, 1));
        double worst = 0;
        for (double degrees : new double[] {0, 1.7}) {
            for (double percent : new double[] {55, 83, 100, 131}) {
                for (int step = 0; step < 8; step++) {
                    Pose pose = new Pose(
                            Scale.uniform(percent),
                            new FramePoint(160 + 0.037 * step, 90 - 0.021 * step),
                            degrees,
                            middle);
                    worst = Math.max(worst, centroid(render(disc, pose)).distance(pose.toFrame(middle)));
                }
            }
        }
        assertThat(worst).isLessThan(0.02);
    }

    private static FramePoint centroid(FrameRaster frame) {
        double sum = 0;
        double sumX = 0;
        double sumY = 0;
        for (int y = 0; y < FRAME.height(); y++) {
            for (int x = 0; x < FRAME.width(); x++) {
                double light = linear(frame.rgb(x, y));
                sum += light;
                sumX += light * (x + 0.5);
                sumY += light * (y + 0.5);
            }
        }
        return new FramePoint(sumX / sum, sumY / sum);
    }

    @Test
    void at_100_per_cent_the_pixels_come_through_unchanged() {
        Pyramid noise = TestPictures.pyramid(FRAME, (x, y) -> Srgb.toLinear((int) (x * 37 + y * 91) % 256 / 255.0));
        FrameRaster frame = render(noise, Pose.neutral(FRAME, FRAME));
        for (int y = 0; y < FRAME.height(); y++) {
            for (int x = 0; x < FRAME.width(); x++) {
                assertThat(frame.rgb(x, y) & 0xFF).isEqualTo((x * 37 + y * 91) % 256);
            }
        }
    }

    @Test
    void exactly_filling_mixes_no_background_into_the_border() {
        Pyramid white = TestPictures.pyramid(new Size(500, 400), (_, _) -> 1);
        for (double degrees : new double[] {0, 7, 90}) {
            double fill = amberlens.core.judge.edges.FillScale.centred(degrees, white.size(), FRAME);
            Pose pose = Pose.neutral(white.size(), FRAME).withDegrees(degrees).withScale(Scale.uniform(fill));
            for (int pixel : render(white, pose).argb()) {
                assertThat(pixel).isEqualTo(0xFFFFFFFF);
            }
        }
    }

    @Test
    void the_edge_of_an_inset_covers_pixels_by_their_share() {
        Pyramid white = TestPictures.pyramid(new Size(100, 100), (_, _) -> 1);
        Pose pose = new Pose(Scale.NEUTRAL, new FramePoint(50.25, 20), 0, new PicturePoint(0, 0));
        FrameRaster frame = render(white, pose);
        assertThat(frame.rgb(49, 60)).isEqualTo(0xFF0000);
        assertThat(linear(frame.rgb(50, 60))).isCloseTo(0.75, within(0.01));
        assertThat(frame.rgb(51, 60)).isEqualTo(0xFFFFFF);
        assertThat(linear(frame.rgb(150, 60))).isCloseTo(0.25, within(0.01));
        assertThat(frame.rgb(151, 60)).isEqualTo(0xFF0000);
    }

    @Test
    void fine_lines_reduce_to_an_even_tone_in_linear_light() {
        Pyramid lines = TestPictures.pyramid(new Size(1600, 900), (x, _) -> ((int) x & 1));
        for (double percent : new double[] {20, 23.7, 41, 48}) {
            FrameRaster frame = render(lines, Pose.neutral(lines.size(), FRAME).withScale(Scale.uniform(percent)));
            for (int x = 20; x < 300; x++) {
                assertThat(linear(frame.rgb(x, 90))).as(percent + " % at " + x).isCloseTo(0.5, within(0.02));
            }
        }
    }

    /** Crossing from one pyramid level to the next must not be seen as a jump. */
    @Test
    void levels_change_without_a_jump() {
        Pyramid rings = TestPictures.pyramid(
                new Size(1280, 720), (x, y) -> 0.5 + 0.5 * Math.sin(Math.hypot(x - 640, y - 360) / 9));
        for (double degrees : new double[] {0, 3}) {
            Pose pose = Pose.neutral(rings.size(), FRAME).withDegrees(degrees);
            FrameRaster above = render(rings, pose.withScale(Scale.uniform(50.0001)));
            FrameRaster below = render(rings, pose.withScale(Scale.uniform(50)));
            for (int i = 0; i < above.argb().length; i++) {
                assertThat(above.argb()[i] & 0xFF).isCloseTo(below.argb()[i] & 0xFF, within(4));
            }
        }
    }

    @Test
    void the_straight_and_the_turned_way_agree() {
        Pyramid rings = TestPictures.pyramid(
                new Size(900, 700), (x, y) -> 0.5 + 0.5 * Math.sin(Math.hypot(x - 400, y - 300) / 14));
        for (double percent : new double[] {30, 64, 100, 180}) {
            Pose pose = Pose.neutral(rings.size(), FRAME).withScale(Scale.uniform(percent));
            FrameRaster straight = render(rings, pose);
            FrameRaster turned = render(rings, pose.withDegrees(1e-9));
            for (int i = 0; i < straight.argb().length; i++) {
                assertThat(turned.argb()[i] & 0xFF).isCloseTo(straight.argb()[i] & 0xFF, within(1));
            }
        }
    }

    @Test
    void transparency_shows_the_layer_below_in_linear_light() {
        long[] half = new long[64 * 64];
        java.util.Arrays.fill(half, LinearRaster.pixel(32768, 32768, 32768, 32768));
        Pyramid veil = Pyramid.of(new LinearRaster(new Size(64, 64), half, false), Rows.ALONE);
        Pyramid black = TestPictures.pyramid(FRAME, (_, _) -> 0);
        Pose pose = Pose.neutral(new Size(64, 64), FRAME).withScale(Scale.uniform(600));
        FrameRaster frame = Compositor.compose(
                List.of(
                        LineUpFrame.layer(black, Pose.neutral(FRAME, FRAME), FRAME, FRAME),
                        LineUpFrame.layer(veil, pose, FRAME, FRAME)),
                RED,
                FRAME,
                Rows.ALONE);
        assertThat(linear(frame.rgb(160, 90))).isCloseTo(0.5, within(0.005));
        assertThat(frame.rgb(160, 90) >> 16).isEqualTo(frame.rgb(160, 90) & 0xFF);
    }
}
