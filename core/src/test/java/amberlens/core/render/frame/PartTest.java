package amberlens.core.render.frame;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.LinearRaster;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PartTest {
    private static final Size FRAME = new Size(320, 180);
    private static final Size PICTURE = new Size(500, 400);

    /** A part of the output has the very pixels of the whole, so that a close look shows what will be exported. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 2, 30})
    void a_part_of_the_output_equals_that_part_of_the_whole(double degrees) {
        var chance = new Random(3);
        long[] pixels = new long[PICTURE.width() * PICTURE.height()];
        for (int i = 0; i < pixels.length; i++) {
            pixels[i] = LinearRaster.pixel(chance.nextInt(65536), chance.nextInt(65536), chance.nextInt(65536), 65535);
        }
        Pyramid picture = Pyramid.of(new LinearRaster(PICTURE, pixels, true), Rows.ALONE);
        var camera = CameraTrack.still(Pose.neutral(PICTURE, FRAME)
                .withScale(Scale.uniform(97))
                .withPosition(new FramePoint(150.3, 80.7))
                .withDegrees(degrees));
        Project project = Project.empty("Fernhollow")
                .withFrame(new FrameFormat(FRAME, FrameRate.of(25), Colour.BLACK))
                .withMedia(List.of(Media.photo("m1", "/bed.png", PICTURE)))
                .withShots(List.of(new Shot("s1", "Bed", "m1", 1, 0, 5, true, camera, Extras.NONE)));
        Size output = new Size(640, 360);
        var whole = Compositor.compose(
                LineUpFrame.layers(project, 0, output, _ -> new Picture.Pixels(picture)),
                Colour.BLACK,
                output,
                Rows.ALONE);
        var part = Compositor.compose(
                LineUpFrame.layers(project, 0, output, 64, 200, 90, _ -> new Picture.Pixels(picture)),
                Colour.BLACK,
                new Size(120, 80),
                Rows.ALONE);
        int greatest = 0;
        for (int y = 0; y < 80; y++) {
            for (int x = 0; x < 120; x++) {
                for (int shift = 0; shift <= 16; shift += 8) {
                    greatest = Math.max(
                            greatest,
                            Math.abs((part.rgb(x, y) >> shift & 0xFF) - (whole.rgb(200 + x, 90 + y) >> shift & 0xFF)));
                }
            }
        }
        assertThat(greatest).isLessThanOrEqualTo(2);
    }
}
