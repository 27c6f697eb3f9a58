package amberlens.core.judge.edges;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Side;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Known values of the trade and of trigonometry; each names its source. */
class CheckValuesTest {
    private static final Size HD = new Size(1920, 1080);

    /** Trigonometry of a turned rectangle: (w cos θ + h sin θ)/w against (w sin θ + h cos θ)/h. */
    @ParameterizedTest
    @CsvSource({"2, 1.06143", "3, 1.09167", "90, 1.77778"})
    void fill_scale_of_a_turn(double degrees, double expected) {
        assertThat(FillScale.centred(degrees, HD, HD) / 100).isCloseTo(expected, within(5e-6));
        Pose turned = Pose.neutral(HD, HD).withDegrees(degrees);
        assertThat(((FillScale.Found) FillScale.of(turned, HD, HD)).percent() / 100)
                .isCloseTo(expected, within(5e-6));
    }

    /** Trigonometry of a turned rectangle: the half diagonal must fit the half height, √(16² + 9²)/9. */
    @Test
    void the_scale_for_every_angle_is_just_above_two() {
        double worst = 0;
        for (double degrees = 0; degrees < 360; degrees += 0.01) {
            worst = Math.max(worst, FillScale.centred(degrees, HD, HD) / 100);
        }
        assertThat(worst)
                .isCloseTo(Math.sqrt(16 * 16 + 9 * 9) / 9, within(1e-5))
                .isCloseTo(2.03973, within(1e-5));
        Take fullTurn = new Take(
                CameraTrack.still(Pose.neutral(HD, HD).withScale(Scale.uniform(200)))
                        .withRotation(Channel.keyed(
                                ValueKinds.NUMBER,
                                List.of(Key.of(0, 0.0, Leg.LINEAR), Key.of(360, 360.0, Leg.LINEAR)))),
                361,
                HD,
                HD);
        assertThat(EdgeReport.of(fullTurn).isSealed()).isFalse();
    }

    /** Common practice: 110 % gives 10 % of working room. */
    @Test
    void room_at_110_per_cent() {
        Room room = Room.of(Pose.neutral(HD, HD).withScale(Scale.uniform(110)), HD, HD);
        assertThat(room.left()).isCloseTo(96, within(1e-9));
        assertThat(room.right()).isCloseTo(96, within(1e-9));
        assertThat(room.up()).isCloseTo(54, within(1e-9));
        assertThat(room.down()).isCloseTo(54, within(1e-9));
    }

    /** Worked example: a lateral slide at 1.5 × fill, and a diagonal one at 2 × fill, end exactly at the side. */
    @Test
    void slides_end_exactly_at_the_side() {
        assertExact(150, new FramePoint(0.75 * 1920, 540), new FramePoint(0.25 * 1920, 540));
        assertExact(200, new FramePoint(1920, 0), new FramePoint(0, 1080));
    }

    private static void assertExact(double percent, FramePoint from, FramePoint to) {
        var camera = CameraTrack.still(Pose.neutral(HD, HD).withScale(Scale.uniform(percent)))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION, List.of(Key.of(0, from, Leg.LINEAR), Key.of(100, to, Leg.LINEAR))));
        EdgeReport report = EdgeReport.of(new Take(camera, 101, HD, HD));
        assertThat(report.margins().getFirst().framePx()).isCloseTo(0, within(1e-9));
        assertThat(report.margins().getLast().framePx()).isCloseTo(0, within(1e-9));
        assertThat(report.isSealed()).isTrue();
    }

    /** Common practice: a 16:9 picture in a 2.39:1 frame leaves a tilt of 138 px each way without enlargement. */
    @Test
    void a_wide_frame_leaves_room_to_pitch() {
        var wide = new Size(1920, 804);
        Room room = Room.of(Pose.neutral(HD, wide), HD, wide);
        assertThat(room.up()).isCloseTo(138, within(1e-9));
        assertThat(room.down()).isCloseTo(138, within(1e-9));
        assertThat(room.left()).isCloseTo(0, within(1e-9));
    }

    /** Worked example: how far a square picture of 2400 px can go in a full-HD frame. */
    @ParameterizedTest
    @CsvSource({"100, -120, 1200", "90, 0, 1080"})
    void a_square_picture_goes_so_far(double percent, double lowest, double highest) {
        var square = new Size(2400, 2400);
        Pose pose = Pose.neutral(square, HD).withScale(Scale.uniform(percent));
        Room room = Room.of(pose, square, HD);
        assertThat(540 - room.down()).isCloseTo(lowest, within(1e-9));
        assertThat(540 + room.up()).isCloseTo(highest, within(1e-9));
    }

    @Test
    void an_anchor_beyond_a_side_has_no_fill_scale_and_says_which() {
        Pose pose = Pose.neutral(HD, HD).withAnchor(new PicturePoint(-5, 500));
        assertThat(FillScale.of(pose, HD, HD)).isEqualTo(new FillScale.None(Side.LEFT));
        Pose atTheCorner = new Pose(Scale.NEUTRAL, FramePoint.ZERO, 0, new PicturePoint(0, 0));
        assertThat(FillScale.of(atTheCorner, HD, HD)).isEqualTo(new FillScale.Found(100));
    }
}
