package amberlens.desktop.time.score;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Lane;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import amberlens.desktop.desk.state.Desk;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ScoreLayoutTest {
    private static final Size HD = new Size(1920, 1080);
    private final ScoreLayout plan = plan(Set.of(), 0);

    private static ScoreLayout plan(Set<Property<?>> tall, double scroll) {
        return ScoreLayout.of(1280, 245, 125, 0, 125, ScoreLayout.LINKED, tall, scroll, ScoreLayout.Lines.NONE);
    }

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
        for (Lane lane : ScoreLayout.LINKED) {
            assertThat(plan.band(lane).top()).isGreaterThan(before);
            before = plan.band(lane).top();
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
        LaneValues values = LaneValues.of(shot(tilting), Lane.of(Properties.POSITION));
        assertThat(values.livelierPart()).isEqualTo(1);
        var view = new ScoreView(() -> {});
        LaneScale scale = LaneScale.of(view, plan, Lane.of(Properties.POSITION), values);
        ScoreLayout.Band band = plan.band(Lane.of(Properties.POSITION));
        assertThat(scale.y(300)).isCloseTo(band.bottom() - 7, within(1e-9));
        assertThat(scale.y(700)).isCloseTo(band.top() + 7, within(1e-9));
        assertThat(scale.value(scale.y(512))).isCloseTo(512, within(1e-9));
        LaneValues level = LaneValues.of(shot(still), Lane.of(Properties.SCALE));
        assertThat(LaneScale.of(view, plan, Lane.of(Properties.SCALE), level).y(100))
                .isCloseTo(
                        plan.band(Lane.of(Properties.SCALE)).top()
                                + plan.band(Lane.of(Properties.SCALE)).height() / 2,
                        within(1e-9));
    }

    @Test
    void tall_lanes_keep_their_height_or_fill_the_room_and_scroll_when_they_do_not_fit() {
        ScoreLayout tall = plan(Set.copyOf(Properties.ALL), 0);
        assertThat(tall.band(Lane.of(Properties.SCALE)).height())
                .isEqualTo(Math.min(ScoreLayout.TALL, tall.lanesHeight()))
                .isGreaterThan(3 * ScoreLayout.LANE);
        assertThat(tall.overflow()).isPositive();
        ScoreLayout scrolled = plan(Set.copyOf(Properties.ALL), tall.overflow());
        assertThat(scrolled.band(Lane.of(Properties.ANCHOR)).bottom()).isCloseTo(scrolled.lanesBottom(), within(1e-9));
        assertThat(scrolled.laneAt(scrolled.lanesBottom() - 1)).contains(Lane.of(Properties.ANCHOR));
    }

    @Test
    void an_axis_has_round_steps() {
        assertThat(new ValueRange(0, 100).step(4)).isEqualTo(20);
        assertThat(new ValueRange(64, 66.4).step(5)).isEqualTo(0.5);
        assertThat(ValueRange.NONE.with(3).padded().span()).isPositive();
    }

    @Test
    void values_are_short_enough_for_the_head_of_a_lane() {
        var picture = new Size(3840, 2160);
        Pose pose = Pose.neutral(picture, HD).withDegrees(-3.25);
        Shot shot = shot(CameraTrack.still(pose));
        var desk = new Desk();
        desk.document()
                .load(
                        Project.empty("Heads")
                                .withMedia(List.of(Media.photo("m1", "/archive/plan.jpg", picture)))
                                .withShots(List.of(shot)),
                        Optional.empty());
        assertThat(ValueText.of(desk, shot, Lane.of(Properties.SCALE)))
                .as("of a picture twice as wide as the frame")
                .isEqualTo("200.0 % fill");
        assertThat(ValueText.of(desk, shot, Lane.of(Properties.POSITION))).isEqualTo("960, 540");
        assertThat(ValueText.of(desk, shot, Lane.of(Properties.ROTATION))).startsWith("-3.");
    }

    private static Shot shot(CameraTrack camera) {
        return new Shot("s1", "Plan", "m1", 1, 0, 11, true, camera, Extras.NONE);
    }
}
