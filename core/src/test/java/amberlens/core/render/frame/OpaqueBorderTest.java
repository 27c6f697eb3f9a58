package amberlens.core.render.frame;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.edits.SettingsEdits;
import amberlens.core.judge.edges.FillScale;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.CodeRaster;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A white picture with soft, transparent borders of 23 and 31 pixels over red. */
class OpaqueBorderTest {
    private static final Size FRAME = new Size(160, 90);

    private static Pyramid picture(Size size) {
        int[] codes = new int[(int) size.area()];
        for (int y = 0; y < size.height(); y++) {
            for (int x = 0; x < size.width(); x++) {
                boolean inside = x >= 23 && y >= 31 && x < size.width() - 23 && y < size.height() - 31;
                codes[y * size.width() + x] = CodeRaster.pixel(255, 255, 255, inside ? 255 : (x + y) % 200);
            }
        }
        return Pyramid.of(CodeRaster.ofEightBits(size, codes, false), Rows.ALONE);
    }

    @ParameterizedTest
    @CsvSource({"0, 300, 250", "7, 300, 250", "0, 1300, 1000", "-4, 1300, 1000", "90, 500, 700"})
    void exactly_filling_with_the_opaque_bounds_mixes_nothing_into_the_border(double degrees, int width, int height) {
        var size = new Size(width, height);
        Pyramid picture = picture(size);
        var bounds = picture.opaqueBounds().orElseThrow();
        double fill = FillScale.centred(degrees, bounds.size(), FRAME);
        CameraTrack camera = CameraTrack.still(
                new Pose(Scale.uniform(fill), FRAME.centre(), degrees, new PicturePoint(width / 2.0, height / 2.0)));
        Project project = Project.empty("Borders")
                .withFrame(new FrameFormat(FRAME, FrameRate.of(25), new Colour(0xFF0000)))
                .withMedia(List.of(Media.photo("m1", "cut-out.png", size)))
                .withShots(List.of(new Shot("s1", "Cut-out", "m1", 1, 0, 5, true, camera, Extras.NONE)));
        project = SettingsEdits.judgeOpaque("s1", bounds).apply(project);
        var seen = LineUpFrame.layers(project, 0, FRAME, _ -> new Picture.Pixels(picture));
        FrameRaster frame = Compositor.compose(seen, project.frame().background(), FRAME, Rows.ALONE);
        assertThat(frame.argb()).containsOnly(0xFFFFFFFF);
    }
}
