package amberlens.core.judge.edges;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Side;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The closed forms against trying: the margin of poses a hair to either side. */
class FillAndReachTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Size PICTURE = new Size(3000, 2000);

    private static double margin(Pose pose) {
        return Margin.of(pose, PICTURE, FRAME).framePx();
    }

    private static Pose any(Random chance) {
        return new Pose(
                Scale.uniform(20 + 200 * chance.nextDouble()),
                new FramePoint(2400 * chance.nextDouble() - 240, 1600 * chance.nextDouble() - 260),
                720 * chance.nextDouble() - 360,
                new PicturePoint(3600 * chance.nextDouble() - 300, 2400 * chance.nextDouble() - 200));
    }

    @Property(tries = 2000)
    void the_fill_scale_just_covers_and_a_hair_less_does_not(@ForAll long seed) {
        Pose pose = any(new Random(seed));
        switch (FillScale.of(pose, PICTURE, FRAME)) {
            case FillScale.Found(double percent) -> {
                if (percent < Scale.LARGEST / 2) {
                    assertThat(margin(pose.withScale(Scale.uniform(percent))))
                            .isCloseTo(0, within(1e-5 * (1 + percent)));
                    assertThat(margin(pose.withScale(Scale.uniform(percent * 0.999))))
                            .isNegative();
                }
            }
            case FillScale.None _ -> {
                for (double percent : new double[] {1, 10, 100, 1000, 10_000, 100_000}) {
                    assertThat(margin(pose.withScale(Scale.uniform(percent))))
                            .as("at %s %%", percent)
                            .isNegative();
                }
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"-1, 1000, LEFT", "3001, 1000, RIGHT", "1500, -1, TOP", "1500, 2001, BOTTOM"})
    void an_anchor_beyond_a_side_that_must_be_pushed_out_is_told_with_that_side(double x, double y, Side side) {
        Pose pose = new Pose(Scale.uniform(100), FRAME.centre(), 0, new PicturePoint(x, y));
        assertThat(FillScale.of(pose, PICTURE, FRAME)).isEqualTo(new FillScale.None(side));
    }

    @Test
    void an_anchor_outside_the_frame_and_the_picture_sets_a_greatest_scale_too() {
        // The anchor lies left of the picture and is put left of the frame: growing moves the left side into the frame.
        Pose pose = new Pose(Scale.uniform(100), new FramePoint(-100, 540), 0, new PicturePoint(-50, 1000));
        var found = (FillScale.Found) FillScale.of(pose, PICTURE, FRAME);
        assertThat(margin(pose.withScale(Scale.uniform(found.percent())))).isCloseTo(0, within(1e-6));
        assertThat(margin(pose.withScale(Scale.uniform(220)))).isNegative();
        Pose never = pose.withPosition(new FramePoint(-10, 540));
        assertThat(FillScale.of(never, PICTURE, FRAME)).isInstanceOf(FillScale.None.class);
    }

    @Property(tries = 1000)
    void the_reach_of_the_gate_s_centre_is_where_the_margin_is_nothing(@ForAll long seed) {
        var chance = new Random(seed);
        Pose pose = any(chance).withAnchor(new PicturePoint(1500, 1000));
        GateReach reach = GateReach.of(pose, PICTURE, FRAME);
        if (reach.isEmpty()) {
            assertThat(margin(
                            Pose.neutral(PICTURE, FRAME).withScale(pose.scale()).withDegrees(pose.degrees())))
                    .isNegative();
            return;
        }
        PicturePoint corner = new PicturePoint(
                chance.nextBoolean() ? reach.left() : reach.right(),
                chance.nextBoolean() ? reach.top() : reach.bottom());
        Pose there = pose.withPosition(pose.position().plus(FRAME.centre().minus(pose.toFrame(corner))));
        assertThat(margin(there)).isCloseTo(0, within(1e-6));
        PicturePoint nearest = reach.nearest(new PicturePoint(-9e3, 9e3));
        assertThat(nearest).isEqualTo(new PicturePoint(reach.left(), reach.bottom()));
    }

    @Test
    void a_reach_that_is_empty_in_one_direction_gives_its_middle_there() {
        GateReach narrow = new GateReach(200, 100, 10, 50);
        assertThat(narrow.isEmpty()).isTrue();
        assertThat(narrow.nearest(new PicturePoint(0, 70))).isEqualTo(new PicturePoint(150, 50));
        assertThat(new GateReach(0, 10, 50, 40).isEmpty()).isTrue();
        assertThat(new GateReach(0, 10, 40, 40).isEmpty()).isFalse();
    }
}
