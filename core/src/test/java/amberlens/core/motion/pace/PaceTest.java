package amberlens.core.motion.pace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import org.junit.jupiter.api.Test;

class PaceTest {
    private static final Size HD = new Size(1920, 1080);

    @Test
    void a_pan_of_a_frame_width_in_seven_seconds_crosses_in_seven_seconds() {
        var camera = CameraTrack.still(Pose.neutral(HD, HD))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, new FramePoint(0, 0), Leg.LINEAR),
                                Key.of(175, new FramePoint(1920, 0), Leg.LINEAR))));
        Pace pace = Pace.at(camera, 60, HD);
        assertThat(pace.crossingSeconds(HD, FrameRate.of(25))).isCloseTo(Pace.CALM_CROSSING_SECONDS, within(1e-9));
        assertThat(pace.percentOfWidthPerSecond(HD, FrameRate.of(25))).isCloseTo(100 / 7.0, within(1e-9));
    }

    @Test
    void a_zoom_about_the_middle_moves_the_corners_only() {
        var camera = CameraTrack.still(Pose.neutral(HD, HD))
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(
                                Key.of(0, Scale.uniform(100), Leg.LINEAR),
                                Key.of(10, Scale.uniform(110), Leg.LINEAR))));
        Pace pace = Pace.at(camera, 0, HD);
        assertThat(pace.centrePx()).isCloseTo(0, within(1e-9));
        assertThat(pace.cornerPx()).isCloseTo(0.01 * Math.hypot(960, 540), within(1e-9));
    }

    /** Common practice: up to 110 % nobody sees the softness. */
    @Test
    void enlargement_is_the_larger_axis_and_names_its_frame() {
        var camera = CameraTrack.still(Pose.neutral(HD, HD))
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(Key.of(0, new Scale(50, 90), Leg.LINEAR), Key.of(4, new Scale(130, 90), Leg.LINEAR))));
        assertThat(Enlargement.greatest(new Take(camera, 9, HD, HD))).isEqualTo(new Enlargement(130, 4));
        assertThat(Enlargement.verdict(100)).isEqualTo("crisp");
        assertThat(Enlargement.verdict(110)).isEqualTo("not noticeable");
        assertThat(Enlargement.verdict(110.1)).isEqualTo("soft");
    }
}
