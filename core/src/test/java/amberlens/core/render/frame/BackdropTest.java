package amberlens.core.render.frame;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.material.layering.Backdrop;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.LinearRaster;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import java.util.List;
import org.junit.jupiter.api.Test;

class BackdropTest {
    private static final Size FRAME = new Size(160, 90);
    private static final Size PICTURE = new Size(400, 400);
    private static final Rows ROWS = Rows.ALONE;

    /** White at the left, black at the right. */
    private static Pyramid picture() {
        long[] pixels = new long[PICTURE.width() * PICTURE.height()];
        for (int i = 0; i < pixels.length; i++) {
            int light = i % PICTURE.width() < PICTURE.width() / 2 ? 65535 : 0;
            pixels[i] = LinearRaster.pixel(light, light, light, 65535);
        }
        return Pyramid.of(new LinearRaster(PICTURE, pixels, true), ROWS);
    }

    private static int[] render(Backdrop backdrop, double percent) {
        var camera = CameraTrack.still(Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(percent)));
        Shot shot = new Shot("s1", "Bed", "m1", 1, 0, 5, false, camera, Extras.NONE);
        Project project = Project.empty("Fernhollow")
                .withFrame(new amberlens.core.model.project.FrameFormat(
                        FRAME, amberlens.core.base.time.FrameRate.of(25), new Colour(0x0000FF)))
                .withMedia(List.of(Media.photo("m1", "/bed.png", PICTURE)))
                .withShots(List.of(shot.withSettings(shot.settings().withBackdrop(backdrop))));
        Pyramid picture = picture();
        var layers = LineUpFrame.layers(project, 0, FRAME, _ -> new Picture.Pixels(picture));
        return Compositor.compose(layers, project.frame().background(), FRAME, ROWS)
                .argb();
    }

    @Test
    void what_lies_below_shows_beside_an_inset() {
        assertThat(render(Backdrop.BELOW, 10)[0]).isEqualTo(0xFF0000FF);
        assertThat(render(new Backdrop.Plain(new Colour(0x336699)), 10)[0]).isEqualTo(0xFF336699);
    }

    @Test
    void the_blurred_copy_is_darker_than_the_picture_and_has_no_hard_edge() {
        int[] frame = render(Backdrop.BLURRED, 10);
        int left = frame[0] & 0xFF;
        assertThat(left).isBetween(90, 150);
        assertThat(frame[FRAME.width() - 1] & 0xFF).isLessThan(5);
        int steepest = 0;
        for (int x = 1; x < FRAME.width(); x++) {
            steepest = Math.max(steepest, Math.abs((frame[x] & 0xFF) - (frame[x - 1] & 0xFF)));
        }
        assertThat(steepest).isLessThan(left / 4);
    }

    @Test
    void a_picture_that_covers_needs_no_backdrop() {
        assertThat(render(Backdrop.BLURRED, 50)).isEqualTo(render(Backdrop.BELOW, 50));
    }
}
