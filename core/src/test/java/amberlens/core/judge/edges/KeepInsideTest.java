package amberlens.core.judge.edges;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.RandomPoses;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class KeepInsideTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Size PICTURE = new Size(4200, 3100);

    @Property(tries = 2000)
    void whatever_is_wanted_the_pose_taken_is_sealed(@ForAll long seed) {
        var chance = new Random(seed);
        Pose from = RandomPoses.any(chance, PICTURE, FRAME);
        Pose wanted =
                chance.nextBoolean() ? RandomPoses.any(chance, PICTURE, FRAME) : from.withDegrees(chance.nextInt(720));
        Pose taken = KeepInside.nearest(from, wanted, PICTURE, FRAME);
        assertThat(Margin.of(taken, PICTURE, FRAME).framePx()).isGreaterThanOrEqualTo(Margin.SEALED);
        assertThat(taken.anchor()).isEqualTo(wanted.anchor());
    }

    @Property(tries = 500)
    void what_is_inside_is_taken_as_it_is(@ForAll long seed) {
        var chance = new Random(seed);
        Pose wanted = RandomPoses.inside(chance, PICTURE, FRAME);
        if (Margin.of(wanted, PICTURE, FRAME).framePx() >= 0) {
            assertThat(KeepInside.nearest(RandomPoses.any(chance, PICTURE, FRAME), wanted, PICTURE, FRAME))
                    .isSameAs(wanted);
        }
    }

    /** No sampled place inside is nearer than the one that is taken. */
    @Property(tries = 200)
    void a_position_is_clamped_to_the_nearest_one_inside(@ForAll long seed) {
        var chance = new Random(seed);
        Pose from = RandomPoses.inside(chance, PICTURE, FRAME)
                .zoomedAbout(FRAME.centre(), 2)
                .turnedAbout(FRAME.centre(), 20 * chance.nextDouble() - 10);
        Pose wanted = from.withPosition(from.position()
                .plus(new FramePoint(6000 * chance.nextDouble() - 3000, 4000 * chance.nextDouble() - 2000)));
        double taken =
                KeepInside.nearest(from, wanted, PICTURE, FRAME).position().distance(wanted.position());
        for (int i = 0; i < 300; i++) {
            Pose other = wanted.withPosition(wanted.position()
                    .plus(new FramePoint(
                            taken * (2 * chance.nextDouble() - 1), taken * (2 * chance.nextDouble() - 1))));
            if (Margin.of(other, PICTURE, FRAME).framePx() >= 0) {
                assertThat(other.position().distance(wanted.position())).isGreaterThanOrEqualTo(taken - 1e-6);
            }
        }
    }

    /** 110 % of a picture of the frame's size has 96 px of room: common practice. The other direction goes on. */
    @Test
    void a_gate_pushed_against_a_side_slides_along_it() {
        Pose from = Pose.neutral(FRAME, FRAME).withScale(Scale.uniform(110));
        Pose wanted = from.withPosition(new FramePoint(960 + 500, 540 + 30));
        assertThat(KeepInside.nearest(from, wanted, FRAME, FRAME).position().x())
                .isCloseTo(960 + 96, within(1e-9));
        assertThat(KeepInside.nearest(from, wanted, FRAME, FRAME).position().y())
                .isCloseTo(570, within(1e-9));
    }

    /** A scale of 1.06143 covers a 16:9 frame turned by 2°: trigonometry of a turned rectangle. */
    @Test
    void a_turn_stops_where_its_scale_no_longer_covers() {
        Pose from = Pose.neutral(FRAME, FRAME).withScale(Scale.uniform(106.143));
        Pose taken = KeepInside.nearest(from, from.withDegrees(30), FRAME, FRAME);
        assertThat(taken.degrees()).isCloseTo(2, within(1e-3));
        assertThat(taken.scale()).isEqualTo(from.scale());
        assertThat(TurnLimit.degrees(from.scale(), FRAME, FRAME).orElseThrow()).isCloseTo(2, within(1e-3));
    }

    /** √(16²+9²)/9 = 2.03973 covers 16:9 at every angle: the same trigonometry. */
    @Test
    void a_scale_that_covers_at_every_angle_has_no_turn_limit() {
        assertThat(TurnLimit.degrees(Scale.uniform(203.98), FRAME, FRAME)).hasValue(180);
        assertThat(TurnLimit.degrees(Scale.uniform(203.9), FRAME, FRAME).orElseThrow())
                .isLessThan(180);
        assertThat(TurnLimit.degrees(Scale.uniform(99), FRAME, FRAME)).isEmpty();
    }

    @Test
    void a_zoom_out_stops_at_the_least_scale_that_covers() {
        Pose from = Pose.neutral(FRAME, FRAME).withScale(Scale.uniform(130)).withPosition(new FramePoint(1000, 560));
        Pose taken = KeepInside.nearest(from, from.withScale(Scale.uniform(60)), FRAME, FRAME);
        assertThat(taken.scale().x()).isCloseTo(100, within(1e-9));
        assertThat(taken.position().x()).isCloseTo(960, within(1e-6));
    }
}
