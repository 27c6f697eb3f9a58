package amberlens.desktop.score;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.extras.Extras;
import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.Size;
import amberlens.core.model.Shot;
import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.Channel;
import amberlens.core.motion.Key;
import amberlens.core.motion.Leg;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Property;
import amberlens.core.motion.ValueKinds;
import java.util.List;
import org.junit.jupiter.api.Test;

class ScoreLayoutTest {
    private static final Size HD = new Size(1920, 1080);
    private final ScoreLayout plan = new ScoreLayout(1280, 245, 125);

    @Test
    void a_place_and_its_frame_belong_together() {
        for (int frame = 0; frame < 125; frame++) {
            assertThat(plan.frame(plan.x(frame))).isEqualTo(frame);
        }
    }

    @Test
    void no_place_lies_outside_the_shot() {
        assertThat(plan.frame(-500)).isZero();
        assertThat(plan.frame(5000)).isEqualTo(124);
        assertThat(plan.x(125)).isLessThan(1280);
    }

    @Test
    void lanes_lie_one_below_the_other_and_end_above_the_strips() {
        double before = plan.lanesTop() - 1;
        for (Property property : Property.values()) {
            assertThat(plan.laneTop(property)).isGreaterThan(before);
            before = plan.laneTop(property);
        }
        assertThat(plan.edgesTop()).isGreaterThanOrEqualTo(before + ScoreLayout.LANE);
        assertThat(plan.enlargementTop() + ScoreLayout.CHECK).isLessThanOrEqualTo(245 + 1e-9);
    }

    @Test
    void a_lane_draws_the_axis_that_moves_and_stands_level_when_nothing_does() {
        CameraTrack still = CameraTrack.still(Pose.neutral(HD, HD));
        CameraTrack tilting = still.withPosition(Channel.keyed(
                ValueKinds.POSITION,
                List.of(
                        Key.of(0, new FramePoint(960, 300), Leg.LINEAR),
                        Key.of(10, new FramePoint(961, 700), Leg.LINEAR))));
        double[] heights = LaneCurve.heights(shot(tilting), Property.POSITION);
        assertThat(heights[0]).isZero();
        assertThat(heights[5]).isEqualTo(0.5);
        assertThat(heights[10]).isEqualTo(1);
        assertThat(LaneCurve.heights(shot(still), Property.SCALE)).containsOnly(0.5);
    }

    @Test
    void values_are_short_enough_for_the_head_of_a_lane() {
        Pose pose = Pose.neutral(HD, HD).withDegrees(-3.25);
        assertThat(ValueText.of(pose, Property.SCALE)).isEqualTo("100.0 %");
        assertThat(ValueText.of(pose, Property.POSITION)).isEqualTo("960, 540");
        assertThat(ValueText.of(pose, Property.ROTATION)).startsWith("-3.");
    }

    private static Shot shot(CameraTrack camera) {
        return new Shot("s1", "Plan", "m1", 1, 0, 11, true, camera, Extras.NONE);
    }
}
