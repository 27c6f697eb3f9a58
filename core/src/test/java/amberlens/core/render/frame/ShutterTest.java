package amberlens.core.render.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.colour.Srgb;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Shutter;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A white disc on black that crosses the frame, exposed for a part of each frame. */
class ShutterTest {
    private static final Size FRAME = new Size(320, 60);
    private static final Size PICTURE = new Size(900, 200);
    private static final double RADIUS = 9;
    private static final double CENTRE_X = 450.5;

    private static final Pyramid DISC = TestPictures.pyramid(
            PICTURE, (x, y) -> Math.clamp(0.5 + RADIUS - Math.hypot(x + 0.5 - CENTRE_X, y + 0.5 - 100), 0, 1));

    private static Project project(double pxPerFrame, Shutter ofProject, Optional<Shutter> own) {
        CameraTrack camera = CameraTrack.still(Pose.neutral(PICTURE, FRAME))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, new FramePoint(160 - 5 * pxPerFrame, 30), Leg.LINEAR),
                                Key.of(10, new FramePoint(160 + 5 * pxPerFrame, 30), Leg.LINEAR))));
        var shot = new Shot("s1", "Disc", "m1", 1, 0, 11, true, camera, Extras.NONE);
        return Project.empty("Disc")
                .withFrame(new FrameFormat(FRAME, FrameRate.of(25), Colour.BLACK).withShutter(ofProject))
                .withMedia(List.of(Media.photo("m1", "disc.png", PICTURE)))
                .withShots(List.of(shot.withSettings(shot.settings().withShutter(own))));
    }

    private static double[] middleRow(Project project, int frame) {
        FrameRaster raster = Compositor.compose(
                LineUpFrame.layers(project, frame, FRAME, _ -> new Picture.Pixels(DISC)),
                Colour.BLACK,
                FRAME,
                Rows.ALONE);
        double[] row = new double[FRAME.width()];
        for (int x = 0; x < row.length; x++) {
            row[x] = Srgb.toLinear((raster.rgb(x, 30) & 0xFF) / 255.0);
        }
        return row;
    }

    /** What the disc is convolved with is as long as it moves while the shutter is open: v·α/360. */
    @ParameterizedTest
    @CsvSource({"12, 180", "12, 360", "30, 180", "5, 90"})
    void a_moving_disc_is_spread_by_the_way_it_goes_while_the_shutter_is_open(double pxPerFrame, double angle) {
        double[] still = middleRow(project(pxPerFrame, Shutter.OFF, Optional.empty()), 5);
        double[] moved = middleRow(project(pxPerFrame, new Shutter(angle), Optional.empty()), 5);
        double way = pxPerFrame * angle / 360;
        for (int x = 40; x < 280; x++) {
            assertThat(moved[x]).as("column %d", x).isCloseTo(boxed(still, x, way), within(0.04));
        }
        assertThat(spread(moved) - spread(still)).isCloseTo(way * way / 12, within(0.05 * way * way / 12 + 0.6));
    }

    /** The mean over a box about a column, of a row that is straight between its columns. */
    private static double boxed(double[] row, int x, double length) {
        int parts = 200;
        double sum = 0;
        for (int i = 0; i < parts; i++) {
            double at = x + length * ((i + 0.5) / parts - 0.5);
            int left = (int) Math.floor(at);
            sum += row[left] * (left + 1 - at) + row[left + 1] * (at - left);
        }
        return sum / parts;
    }

    /** The variance of light along the row; that of a box of length w is w²/12. */
    private static double spread(double[] row) {
        double sum = 0;
        double first = 0;
        double second = 0;
        for (int x = 0; x < row.length; x++) {
            sum += row[x];
            first += row[x] * x;
            second += row[x] * x * x;
        }
        return second / sum - first / sum * (first / sum);
    }

    @Test
    void a_shot_s_own_shutter_goes_before_the_project_s() {
        Project own = project(12, Shutter.USUAL, Optional.of(Shutter.OFF));
        Project none = project(12, Shutter.OFF, Optional.empty());
        assertThat(middleRow(own, 5)).isEqualTo(middleRow(none, 5));
    }

    @Test
    void neighbouring_instants_are_at_most_a_pixel_apart_and_never_more_than_64() {
        for (double pxPerFrame : new double[] {0, 3, 12, 40, 900}) {
            Project project = project(pxPerFrame, Shutter.USUAL, Optional.empty());
            double[] moments = project.take(project.shots().getFirst()).momentsOf(5);
            int wanted = (int) Math.clamp(Math.ceil(pxPerFrame / 2), 1, 64);
            assertThat(moments).hasSize(wanted).isSorted();
            assertThat((moments[0] + moments[wanted - 1]) / 2).isCloseTo(5, within(1e-9));
        }
    }

    /** Its keys are sealed at whole frames; between them a fast turn opens the corner. */
    @Test
    void edges_are_judged_at_the_instants_that_are_rendered() {
        CameraTrack camera = CameraTrack.still(Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(100)))
                .withRotation(Channel.keyed(
                        ValueKinds.NUMBER, List.of(Key.of(0, 0.0, Leg.LINEAR), Key.of(4, 720.0, Leg.LINEAR))));
        var shot = new Shot("s1", "Roll", "m1", 1, 0, 5, true, camera, Extras.NONE);
        Project still = project(1, Shutter.OFF, Optional.empty()).withShots(List.of(shot));
        Project exposed = still.withFrame(still.frame().withShutter(Shutter.USUAL));
        assertThat(EdgeReport.of(still.take(shot)).isSealed()).isTrue();
        EdgeReport report = EdgeReport.of(exposed.take(shot));
        assertThat(report.isSealed()).isFalse();
        double least = Double.POSITIVE_INFINITY;
        for (double at : exposed.take(shot).momentsOf(2)) {
            assertThat(at).isBetween(1.75, 2.25);
            least = Math.min(
                    least,
                    amberlens.core.judge.edges.Margin.of(camera.at(at), PICTURE, FRAME)
                            .framePx());
        }
        assertThat(report.margins().get(2).framePx()).isEqualTo(least);
    }
}
