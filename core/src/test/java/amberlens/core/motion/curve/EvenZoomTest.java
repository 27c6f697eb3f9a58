package amberlens.core.motion.curve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class EvenZoomTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final FramePoint START = new FramePoint(700, 500);
    private static final FramePoint END = new FramePoint(1500, 300);

    private static CameraTrack zoom(Leg leg, boolean even) {
        return new CameraTrack(
                Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(
                                Key.of(10, Scale.uniform(20), leg).withEven(even),
                                Key.of(110, Scale.uniform(180), Leg.LINEAR))),
                Channel.keyed(ValueKinds.POSITION, List.of(Key.of(10, START, leg), Key.of(110, END, Leg.LINEAR))),
                Channel.constant(ValueKinds.NUMBER, 0.0),
                Channel.constant(ValueKinds.ANCHOR, new PicturePoint(3000, 2000)));
    }

    @Test
    void successive_scales_of_a_linear_leg_have_one_ratio() {
        CameraTrack camera = zoom(Leg.LINEAR, true);
        double ratio = Math.pow(9, 1 / 100.0);
        for (int frame = 10; frame < 110; frame++) {
            double now = camera.at(frame).scale().x();
            double next = camera.at(frame + 1).scale().x();
            assertThat(next / now).isCloseTo(ratio, within(1e-9));
        }
    }

    @ParameterizedTest
    @EnumSource(Ease.class)
    void framings_and_the_way_of_the_gate_stay_as_they_are(Ease ease) {
        CameraTrack even = zoom(ease.leg(), true);
        CameraTrack plain = zoom(Leg.LINEAR, false);
        assertThat(even.at(10)).isEqualTo(plain.at(10));
        assertThat(even.at(110)).isEqualTo(plain.at(110));
        for (int frame = 11; frame < 110; frame++) {
            Pose pose = even.at(frame);
            double reached = (pose.scale().x() - 20) / 160;
            Pose same = plain.at(10 + 100 * reached);
            PicturePoint centre = pose.gateCentre(FRAME);
            PicturePoint there = same.gateCentre(FRAME);
            assertThat(Math.hypot(centre.x() - there.x(), centre.y() - there.y()))
                    .as("frame " + frame)
                    .isLessThan(1e-6);
        }
    }

    @Test
    void a_position_with_other_keys_goes_its_own_way() {
        CameraTrack camera = zoom(Leg.LINEAR, true);
        CameraTrack apart = camera.withPosition(Channel.keyed(
                ValueKinds.POSITION, List.of(Key.of(0, START, Leg.LINEAR), Key.of(100, END, Leg.LINEAR))));
        assertThat(apart.at(50).position()).isEqualTo(new FramePoint(1100, 400));
    }
}
