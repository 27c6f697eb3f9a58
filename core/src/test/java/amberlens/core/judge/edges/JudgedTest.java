package amberlens.core.judge.edges;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import org.junit.jupiter.api.Test;

class JudgedTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Size PICTURE = new Size(4000, 3000);
    private static final Judged PART = new Judged(
            new PictureArea(100, 50, new Size(3800, 2850)), new Size(4000, 3000), new Size(1080, 1080), FRAME);

    private static Pose pose() {
        return new Pose(Scale.uniform(60), new FramePoint(1000, 500), 12, new PicturePoint(1900, 1600));
    }

    @Test
    void a_place_of_the_area_stands_in_the_delivery_guide_where_it_stands_in_the_frame() {
        var place = new PicturePoint(777, 888);
        Pose judged = PART.of(pose());
        FramePoint inFrame = pose().toFrame(place);
        FramePoint inDelivery = judged.toFrame(new PicturePoint(777 - 100, 888 - 50));
        assertThat(inDelivery.x()).isCloseTo(inFrame.x() - 420, within(1e-9)); // (1920 − 1080)/2
        assertThat(inDelivery.y()).isCloseTo(inFrame.y(), within(1e-9));
        assertThat(PART.back(judged)).isEqualTo(pose());
        assertThat(PART.picture()).isEqualTo(new Size(3800, 2850));
        assertThat(Judged.whole(PICTURE, FRAME)
                        .withDelivery(new Size(1080, 1080))
                        .of(pose())
                        .anchor())
                .isEqualTo(pose().anchor());
    }

    @Test
    void a_whole_picture_in_a_whole_frame_is_judged_as_it_is() {
        Judged whole = Judged.whole(PICTURE, FRAME);
        CameraTrack camera = CameraTrack.still(pose());
        assertThat(whole.of(pose())).isEqualTo(pose());
        assertThat(whole.take(camera, 5).camera()).isSameAs(camera);
        assertThat(whole.back(camera)).isSameAs(camera);
    }

    @Test
    void a_move_is_judged_as_each_of_its_poses_is() {
        CameraTrack camera = CameraTrack.still(pose())
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, new FramePoint(900, 500), Leg.LINEAR),
                                Key.of(10, new FramePoint(1100, 560), Leg.LINEAR))));
        Take take = PART.take(camera, 11);
        assertThat(take.frame()).isEqualTo(new Size(1080, 1080));
        assertThat(take.pose(4).position().distance(PART.of(camera.at(4)).position()))
                .isLessThan(1e-9);
        assertThat(take.pose(4).anchor()).isEqualTo(PART.of(camera.at(4)).anchor());
        assertThat(PART.back(take.camera())).isEqualTo(camera);
    }

    /** A flight goes about the middle of the whole frame, wherever it is judged. */
    @Test
    void a_flight_is_judged_as_each_of_its_poses_is() {
        var leg = Leg.Flight.in(FRAME, 1.42, new TimingCurve(0.42, 0, 0.58, 1));
        CameraTrack camera = CameraTrack.still(pose())
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(Key.of(0, Scale.uniform(60), leg), Key.of(20, Scale.uniform(140), Leg.LINEAR))))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, new FramePoint(900, 500), leg),
                                Key.of(20, new FramePoint(-300, 1100), Leg.LINEAR))));
        Take take = PART.take(camera, 21);
        for (int at = 0; at <= 20; at++) {
            Pose alone = PART.of(camera.at(at));
            assertThat(take.pose(at).position().distance(alone.position()))
                    .as("frame %d", at)
                    .isLessThan(1e-6);
            assertThat(take.pose(at).scale().x()).isCloseTo(alone.scale().x(), within(1e-9));
        }
        assertThat(PART.back(take.camera())).isEqualTo(camera);
    }

    /** A picture as large as the frame slides right by 2 px a frame, rests covered, and slides left by up to 30. */
    @Test
    void open_spans_begin_and_end_with_their_frames_and_the_worst_is_named() {
        List<Key<FramePoint>> keys = List.of(
                Key.of(0, new FramePoint(966, 540), Leg.LINEAR),
                Key.of(3, new FramePoint(960, 540), Leg.HOLD),
                Key.of(6, new FramePoint(950, 540), Leg.LINEAR),
                Key.of(8, new FramePoint(930, 540), Leg.LINEAR));
        CameraTrack camera =
                CameraTrack.still(Pose.neutral(FRAME, FRAME)).withPosition(Channel.keyed(ValueKinds.POSITION, keys));
        EdgeReport report = EdgeReport.of(Judged.whole(FRAME, FRAME).take(camera, 10));
        assertThat(report.isSealed()).isFalse();
        assertThat(report.open())
                .extracting(EdgeReport.OpenSpan::span)
                .containsExactly(new FrameSpan(0, 2), new FrameSpan(6, 9));
        assertThat(report.open()).extracting(EdgeReport.OpenSpan::worstFrame).containsExactly(0, 8);
        assertThat(report.worstFrame()).isEqualTo(8);
        assertThat(report.worst().framePx()).isCloseTo(-30, within(1e-9));
        assertThat(report.worstSpan().orElseThrow().span()).isEqualTo(new FrameSpan(6, 9));
        EdgeReport rest = EdgeReport.of(Judged.whole(FRAME, FRAME).take(CameraTrack.still(camera.at(4)), 3));
        assertThat(rest.isSealed()).isTrue();
        assertThat(rest.worstSpan()).isEmpty();
        assertThat(rest.worst().framePx()).isZero();
    }
}
