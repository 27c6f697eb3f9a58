package amberlens.media.render;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.frame.Compositor;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.media.picture.PictureReader;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntFunction;
import java.util.stream.DoubleStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Slow moves over the demo's pictures change evenly from frame to frame, wherever the way of reading the picture may change. */
class EvenZoomTest {
    private static final Path PICTURES = Path.of("../demo/fernhollow/pictures");
    private static final Size FRAME = new Size(320, 180);
    private static final int FRAMES = 60;
    private static final int NEIGHBOURS = 6;

    @ParameterizedTest
    @ValueSource(
            strings = {"garden-plan.jpg", "glasshouse.jpg", "seed-cabinet.jpg", "south-border.jpg", "specimen-sheet.jpg"
            })
    void no_frame_changes_more_than_half_again_as_much_as_those_around_it(String name) throws FileProblem {
        Pyramid picture = Pyramid.of(PictureReader.read(PICTURES.resolve(name), Rows.ALONE), Rows.ALONE);
        Pose pose = new Pose(
                Scale.NEUTRAL,
                new FramePoint(FRAME.width() / 2.0, FRAME.height() / 2.0),
                0,
                Pose.neutral(picture.size(), FRAME).anchor());
        for (double crossed : new double[] {50, 25}) {
            for (double degrees : new double[] {0, 3}) {
                assertEven(
                        name + " through " + crossed + " %, turned by " + degrees + "°",
                        picture,
                        frame -> pose.withDegrees(degrees)
                                .withScale(Scale.uniform(crossed * Math.pow(2, 0.4 - 0.8 * frame / FRAMES))));
            }
        }
        assertEven(name + " rolled", picture, frame -> pose.withScale(Scale.uniform(70))
                .withDegrees(1 + 6.0 * frame / FRAMES));
    }

    private static void assertEven(String what, Pyramid picture, IntFunction<Pose> move) {
        double[] changes = new double[FRAMES - 1];
        int[] before = frame(picture, move.apply(0));
        for (int i = 0; i < changes.length; i++) {
            int[] now = frame(picture, move.apply(i + 1));
            changes[i] = change(before, now);
            before = now;
        }
        for (int i = 0; i < changes.length; i++) {
            double[] around = Arrays.copyOfRange(
                    changes, Math.max(0, i - NEIGHBOURS), Math.min(changes.length, i + NEIGHBOURS + 1));
            double median = DoubleStream.of(around).sorted().toArray()[around.length / 2];
            assertThat(changes[i]).as("%s, frame %d", what, i).isLessThan(1.5 * median);
        }
    }

    private static int[] frame(Pyramid picture, Pose pose) {
        return Compositor.compose(
                        List.of(LineUpFrame.layer(picture, pose, FRAME, FRAME)), Colour.BLACK, FRAME, Rows.ALONE)
                .argb();
    }

    /** The mean difference of all codes. */
    private static double change(int[] one, int[] other) {
        long sum = 0;
        for (int i = 0; i < one.length; i++) {
            for (int shift = 0; shift <= 16; shift += 8) {
                sum += Math.abs((one[i] >> shift & 0xFF) - (other[i] >> shift & 0xFF));
            }
        }
        return sum / (3.0 * one.length);
    }
}
